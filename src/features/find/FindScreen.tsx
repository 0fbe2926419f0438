import { noonOf, showDay } from "@/core/units/dates";
import type { Href } from "expo-router";
import { useDeferredValue, useMemo } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { findEverything, foundKinds, type FoundThing } from "@/logbook/find/findEverything";
import type { PlantBook } from "@/logbook/plant/plantBook";
import { summarise } from "@/logbook/run/runSummary";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import {
  selectBottles,
  selectHarvests,
  selectLots,
  selectRuns,
  selectStills,
} from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Card } from "@/ui/primitives/Card";
import { Row } from "@/ui/primitives/Row";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { useKept } from "@/ui/useKept";
import { foundWords } from "@/words/findWords";
import { productWords } from "@/words/lotWords";

/** One search over everything: runs, lots and bottles, harvests, plants, stills, places and notes. */
export function FindScreen() {
  const book = usePlantBook();
  const runs = useAppSelector(selectRuns);
  const lots = useAppSelector(selectLots);
  const bottles = useAppSelector(selectBottles);
  const harvests = useAppSelector(selectHarvests);
  const stills = useAppSelector(selectStills);
  const [query, setQuery] = useKept("find", "");
  const asked = useDeferredValue(query);
  const found = useMemo(
    () =>
      findEverything(asked, {
        book,
        summaries: runs.map((run) => summarise(run, book)),
        lots,
        bottles,
        harvests,
        stills,
        productNames: productWords,
      }),
    [asked, book, runs, lots, bottles, harvests, stills],
  );
  return (
    <Screen title={t`Find`} back={{ href: "/", label: t`Today` }}>
      <TextField
        label={t`Find anything`}
        value={query}
        onChange={setQuery}
        placeholder={t`plant, run, code, place, note`}
        focused
      />
      {asked.trim() && found.length === 0 ? (
        <Card>
          <Txt role="status">{t`Nothing is called “${asked.trim()}”. Try a plant, a code or a word of a note.`}</Txt>
        </Card>
      ) : null}
      {foundKinds.map((kind) => {
        const those = found.filter((thing) => thing.kind === kind);
        return those.length === 0 ? null : (
          <View key={kind} className="gap-2">
            <Txt variant="heading">{foundWords[kind]}</Txt>
            {those.map((thing) => (
              <Row key={thing.id} href={hrefOf(thing)} {...wordsOf(thing, book)} />
            ))}
          </View>
        );
      })}
    </Screen>
  );
}

function hrefOf({ kind, id, lotId }: FoundThing): Href {
  switch (kind) {
    case "run":
      return `/runs/${id}`;
    case "lot":
      return `/shelf/${id}`;
    case "bottle":
      return `/shelf/${lotId ?? id}`;
    case "harvest":
      return `/harvests/${id}`;
    case "plant":
      return `/bench/plants/${id}`;
    case "still":
      return `/bench/stills/${id}`;
  }
}

function wordsOf(thing: FoundThing, book: PlantBook): { title: string; detail?: string } {
  const { kind, plantId, number, code, name, on, place, note, product } = thing;
  const plant = plantId ? book.byId(plantId) : undefined;
  const called = plant?.name ?? plantId ?? name ?? "";
  const day = on ? showDay(noonOf(on)) : undefined;
  const detail = (...parts: (string | undefined)[]) => parts.filter(Boolean).join(" · ");
  switch (kind) {
    case "run":
      return { title: `${number} · ${called}`, detail: detail(day, note && `“${note}”`) };
    case "lot":
      return { title: name ?? called, detail: detail(product, code, day) };
    case "bottle":
      return { title: code ?? "", detail: detail(called, product, place) };
    case "harvest":
      return { title: called, detail: detail("harvest", day, place) };
    case "plant":
      return { title: called, detail: detail(plant?.part, plant?.botanicalName) };
    case "still":
      return { title: name ?? "" };
  }
}
