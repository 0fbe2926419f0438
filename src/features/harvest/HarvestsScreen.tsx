import { isoDay, noonOf, showDay } from "@/core/units/dates";
import { showMass, words } from "@/core/units/format";
import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { View } from "react-native";
import { harvestsCsv } from "@/exchange/csv";
import { handOver } from "@/exchange/download";
import { t } from "@/language/t";
import { harvestLeftG } from "@/logbook/harvest/harvestLeft";
import { harvestNow } from "@/logbook/harvest/harvestNow";
import { groupBy } from "@/logbook/shelf/shelf";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectPreferences, selectRuns } from "@/store/selectors";
import { useSearches } from "@/store/useSearches";
import { FindLine } from "@/ui/layout/FindLine";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { labelOf, pick } from "@/ui/primitives/options";
import { MoreActions } from "@/ui/primitives/MoreActions";
import { Row } from "@/ui/primitives/Row";
import { SavedSearches } from "@/ui/primitives/SavedSearches";
import { Select } from "@/ui/primitives/Select";
import { Txt } from "@/ui/primitives/Txt";
import { useKept } from "@/ui/useKept";
import { findHarvests } from "@/logbook/harvest/findHarvests";
import { inState } from "@/words/stateWords";
import { NewHarvestSheet } from "./NewHarvestSheet";
import type { Harvest } from "@/records/harvest";
import { SeveralHarvests } from "./SeveralHarvests";
import {
  harvestFilters,
  harvestSorts,
  sortHarvests,
  type HarvestFilter,
  type HarvestSort,
} from "./sortHarvests";

/* A season fits on a page; older ones are asked for. */
const pageSize = 60;
/* Fewer are seen at a glance. */
const manyHarvests = 6;

/** What was cut, year by year, and what of it still lies here. */
export function HarvestsScreen() {
  const router = useRouter();
  const book = usePlantBook();
  const harvests = useAppSelector(selectHarvests);
  const runs = useAppSelector(selectRuns);
  const [adding, setAdding] = useState(false);
  const [most, setMost] = useKept("harvests/shown", pageSize);
  const [find, setFind] = useKept("harvests/find", "");
  const [which, setWhich] = useKept<HarvestFilter>("harvests/which", "all");
  const [sort, setSort] = useKept<HarvestSort>("harvests/sort", "day");
  const [several, setSeveral] = useState(false);
  const leftOf = useMemo(
    () => new Map(harvests.map((harvest) => [harvest.id, harvestLeftG(harvest, runs)])),
    [harvests, runs],
  );
  const found = sortHarvests(
    findHarvests(harvests, find, book).filter(
      ({ id }) => which === "all" || (leftOf.get(id) ?? 0) > 0 === (which === "here"),
    ),
    sort,
    { book, leftOf },
  );
  /* What hides some of them stays in sight, however few there are. */
  const searching = find.trim() !== "" || which !== "all" || sort !== "day";
  const groups =
    sort === "day"
      ? groupBy(found.slice(0, most), ({ cutOn }) => cutOn.slice(0, 4))
      : new Map([[labelOf(sort, harvestSorts), found.slice(0, most)]]);
  return (
    <Screen
      title={t`Harvests`}
      back={{ href: "/", label: t`Today` }}
      actions={
        <>
          <Button
            look="quiet"
            size="small"
            label={t`The plants’ year`}
            onPress={() => router.push("/harvests/calendar")}
          />
          {harvests.length > 0 ? (
            <HarvestsMenu found={found} onSeveral={() => setSeveral(true)} />
          ) : null}
        </>
      }
      footer={<Button label={t`Note a harvest`} opens onPress={() => setAdding(true)} />}
    >
      {harvests.length === 0 ? (
        <Card className="gap-2">
          <Txt variant="heading">{t`Nothing cut yet`}</Txt>
          <Txt>{t`What is cut, when, where and in which weather explains what came of it a year later. Note it here before the first charge, weigh it again as it wilts, and the plan takes it as it lies.`}</Txt>
        </Card>
      ) : null}
      {several ? (
        <SeveralHarvests harvests={found} leftOf={leftOf} onClose={() => setSeveral(false)} />
      ) : null}
      {harvests.length > manyHarvests || searching ? (
        <HarvestSearch {...{ find, setFind, which, setWhich, sort, setSort }} />
      ) : null}
      {harvests.length > 0 && found.length === 0 ? (
        <Txt role="status">
          {find.trim() ? t`No harvest matches “${find.trim()}”.` : t`No harvest is like that.`}
        </Txt>
      ) : null}
      {[...groups].map(([heading, those]) => (
        <View key={heading} className="gap-2">
          <Txt variant="heading">{heading}</Txt>
          {those.map((harvest) => (
            <HarvestRow key={harvest.id} harvest={harvest} leftG={leftOf.get(harvest.id) ?? 0} />
          ))}
        </View>
      ))}
      {found.length > most ? (
        <Button
          look="quiet"
          label={t`Show more of ${found.length}`}
          onPress={() => setMost(most + pageSize)}
        />
      ) : null}
      {adding ? <NewHarvestSheet onClose={() => setAdding(false)} /> : null}
    </Screen>
  );
}

interface Search {
  find: string;
  setFind: (find: string) => void;
  which: HarvestFilter;
  setWhich: (which: HarvestFilter) => void;
  sort: HarvestSort;
  setSort: (sort: HarvestSort) => void;
}

/** Which harvests are looked for, and in which order. */
function HarvestSearch({ find, setFind, which, setWhich, sort, setSort }: Search) {
  const searches = useSearches("harvests");
  return (
    <>
      <FindLine
        value={find}
        onChange={setFind}
        placeholder={t`plant, place, year`}
        sort={<Select label={t`Sort by`} options={harvestSorts} value={sort} onChange={setSort} />}
      />
      <Choice
        label={t`Which harvests`}
        options={harvestFilters}
        value={which}
        onChange={setWhich}
      />
      <SavedSearches
        {...searches}
        now={{ text: find, filter: which, sort, down: false }}
        first={{ text: "", filter: "all", sort: "day", down: false }}
        filters={harvestFilters}
        sorts={harvestSorts}
        onApply={(search) => {
          setFind(search.text);
          setWhich(pick(search.filter, harvestFilters));
          setSort(pick(search.sort, harvestSorts));
        }}
      />
    </>
  );
}

/** What else can be done with the harvests that are shown. */
function HarvestsMenu({ found, onSeveral }: { found: readonly Harvest[]; onSeveral: () => void }) {
  const book = usePlantBook();
  return (
    <MoreActions
      title={t`More of the harvests`}
      actions={[
        { label: t`Several at once`, opens: true, act: onSeveral },
        {
          label: t`Save as CSV`,
          act: () =>
            void handOver(
              `sereno-harvests-${isoDay(new Date())}.csv`,
              harvestsCsv(found, book),
              "text/csv",
            ),
        },
      ]}
    />
  );
}

/** One harvest: what was cut, and what of it waits. */
function HarvestRow({ harvest, leftG }: { harvest: Harvest; leftG: number }) {
  const book = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const runs = useAppSelector(selectRuns);
  const { state } = harvestNow(harvest, runs, book);
  return (
    <Row
      href={`/harvests/${harvest.id}`}
      title={book.byId(harvest.plantId)?.name ?? harvest.plantId}
      detail={[
        showDay(noonOf(harvest.cutOn)),
        words(showMass(harvest.massG, units)),
        inState[state],
        harvest.place,
      ]
        .filter(Boolean)
        .join(" · ")}
      end={
        leftG > 0 ? (
          <>
            <Txt variant="strong">{words(showMass(leftG, units))}</Txt>
            <Txt variant="small">{t`waits`}</Txt>
          </>
        ) : undefined
      }
    />
  );
}
