import { useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import type { LoggedEntry } from "@/logbook/run/runState";
import { Button } from "@/ui/primitives/Button";
import { Row } from "@/ui/primitives/Row";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { figureWords, type FigureId } from "@/words/figureWords";
import { entryWords, logLine } from "@/words/logLine";
import { timeOf } from "@/words/runWords";
import type { SheetName } from "./CockpitButtons";
import type { CockpitPart } from "./CockpitHead";
import { Correction } from "./Correction";

export type CockpitFigure = "flow" | "headFigure" | "outletFigure" | "levels";

interface Door {
  title: string;
  explained: readonly FigureId[];
  /** Whether an entry of the log says something of it. */
  of: (entry: LoggedEntry) => boolean;
  /** Where it is read, added to or changed. */
  next: readonly { sheet: SheetName; label: string }[];
}

const reads = (entry: LoggedEntry, ...fields: string[]) =>
  entry.type === "reading" && fields.some((field) => field in entry);

const doors: Record<CockpitFigure, Door> = {
  flow: {
    title: t`Flow`,
    explained: ["flow", "heatOffIn"],
    of: (entry) => reads(entry, "rateMlPerMin", "distillateMl") || entry.type === "heatChanged",
    next: [
      { sheet: "drips", label: t`Count drips` },
      { sheet: "reading", label: t`Read the jar` },
      { sheet: "heat", label: t`Change the heat` },
    ],
  },
  headFigure: {
    title: t`Head temperature`,
    explained: ["head"],
    of: (entry) => reads(entry, "headC"),
    next: [{ sheet: "reading", label: t`Add a reading` }],
  },
  outletFigure: {
    title: t`Outlet temperature`,
    explained: ["outlet"],
    of: (entry) => reads(entry, "outletC", "coolingOutC", "tubC"),
    next: [{ sheet: "reading", label: t`Add a reading` }],
  },
  levels: {
    title: t`Levels`,
    explained: ["potLevel", "jarLevel"],
    of: (entry) =>
      reads(entry, "distillateMl", "tubC", "oilMl") ||
      ["waterAdded", "iceAdded", "jarSwapped", "lidTended"].includes(entry.type),
    next: [
      { sheet: "reading", label: t`Read the jar` },
      { sheet: "add", label: t`Add water or ice` },
    ],
  },
};

interface Props extends Pick<CockpitPart, "run" | "state" | "units"> {
  figure: CockpitFigure;
  onOpen: (sheet: SheetName) => void;
  onClose: () => void;
}

/** Behind a figure of the cockpit: how it comes about, what was read of it, and how to set that right. */
export function FigureSheet({ figure, run, state, units, onOpen, onClose }: Props) {
  const [chosen, setChosen] = useState<string>();
  const { title, explained, of, next } = doors[figure];
  const entries = state.entries.filter(of).reverse();
  const entry = entries.find(({ id }) => id === chosen);
  return (
    <Sheet title={entry ? t`Correct: ${entryWords[entry.type]}` : title} open onClose={onClose}>
      {entry ? (
        <Correction run={run} entry={entry} units={units} onDone={() => setChosen(undefined)} />
      ) : (
        <>
          {explained.map((id) => (
            <Txt key={id}>
              {explained.length > 1 ? (
                <Txt variant="strong">{`${figureWords[id].figure}: `}</Txt>
              ) : null}
              {figureWords[id].says}
            </Txt>
          ))}
          <View className="flex-row flex-wrap gap-2">
            {next.map(({ sheet, label }) => (
              <Button
                key={sheet}
                label={label}
                look="quiet"
                size="small"
                leaves
                onPress={() => onOpen(sheet)}
              />
            ))}
          </View>
          {entries.length === 0 ? (
            <Txt variant="small">{t`Nothing of it is read yet.`}</Txt>
          ) : (
            <Txt variant="small">{t`Tap a reading to correct it.`}</Txt>
          )}
          {entries.map((each) => (
            <Row
              key={each.id}
              title={logLine(each, units).detail || entryWords[each.type]}
              detail={`${timeOf(each.at)} · ${entryWords[each.type]}`}
              onPress={() => setChosen(each.id)}
            />
          ))}
        </>
      )}
    </Sheet>
  );
}
