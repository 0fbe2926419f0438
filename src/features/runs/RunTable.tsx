import { Link } from "expo-router";
import { Pressable, Text, View } from "react-native";
import {
  fixed,
  massUnit,
  showMass,
  showOil,
  showVolume,
  showYield,
  volumeUnit,
  words,
  yieldUnit,
} from "@/core/units/format";
import { showDay } from "@/core/units/dates";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import type { RunSummary } from "@/logbook/run/runSummary";
import { Card } from "@/ui/primitives/Card";
import { inState } from "@/words/stateWords";
import type { SortKey } from "./findRuns";
import { phaseInShort } from "@/words/runWords";

const columns: { key: SortKey; label: string; end?: boolean; flex: string }[] = [
  { key: "number", label: t`Run`, flex: "flex-[0.5]" },
  { key: "at", label: t`Heat on`, flex: "flex-[1]" },
  { key: "plant", label: t`Plant`, flex: "flex-[1.5]" },
  { key: "charge", label: t`Charge`, end: true, flex: "flex-[0.9]" },
  { key: "minutes", label: t`Minutes`, end: true, flex: "flex-[0.7]" },
  { key: "hydrosol", label: t`Hydrosol`, end: true, flex: "flex-[0.9]" },
  { key: "oil", label: t`Oil`, end: true, flex: "flex-[0.8]" },
  { key: "yield", label: t`Yield`, end: true, flex: "flex-[0.8]" },
];

interface TableProps {
  runs: RunSummary[];
  units: UnitSystem;
  sort: { key: SortKey; down: boolean };
  onSort: (key: SortKey) => void;
}

/** The logbook as a table, sorted by any of its columns. */
export function RunTable({ runs, units, sort, onSort }: TableProps) {
  /* A column in one unit, that of its largest: numbers under each other are compared. */
  const inMass = massUnit(Math.max(0, ...runs.map(({ run }) => run.plan.chargeG)), units);
  const inVolume = volumeUnit(
    Math.max(0, ...runs.map(({ state }) => state.result?.hydrosolMl ?? 0)),
    units,
  );
  return (
    <Card className="px-2 py-2">
      <View role="table" aria-label={t`Runs`}>
        <View role="row" className="flex-row border-b border-line">
          {columns.map(({ key, label, end, flex }) => (
            <View
              key={key}
              role="columnheader"
              {...{
                "aria-sort": sort.key === key ? (sort.down ? "descending" : "ascending") : "none",
              }}
              className={`${flex} ${end ? "items-end" : ""}`}
            >
              <Pressable
                role="button"
                onPress={() => onSort(key)}
                className="min-h-[48px] justify-center px-2"
              >
                <Text
                  className={`text-[14px] ${sort.key === key ? "font-bold text-ink" : "font-medium text-soft"}`}
                >
                  {key === "yield" ? yieldUnit(units) : label}
                  {sort.key === key ? (sort.down ? " ↓" : " ↑") : ""}
                </Text>
              </Pressable>
            </View>
          ))}
        </View>
        {runs.map((summary) => {
          const { run, plantName, at, state, result, minutesFromFirstDrop } = summary;
          const hydrosolMl = state.result?.hydrosolMl;
          const cells = [
            String(run.number),
            showDay(at),
            `${plantName}, ${inState[run.state]}`,
            words(showMass(run.plan.chargeG, units, inMass)),
            minutesFromFirstDrop === undefined
              ? phaseInShort(summary.state)
              : fixed(minutesFromFirstDrop, 0),
            hydrosolMl === undefined ? "–" : words(showVolume(hydrosolMl, units, inVolume)),
            result ? words(showOil(result.oilMl)) : "–",
            result ? showYield(result.mlPerKg, units).text : "–",
          ];
          return (
            <View role="row" key={run.id} className="flex-row items-center border-b border-line">
              {cells.map((text, index) => {
                const { key, end, flex } = columns[index]!;
                return (
                  <View role="cell" key={key} className={`${flex} ${end ? "items-end" : ""}`}>
                    {key === "plant" ? (
                      <Link href={`/runs/${run.id}`} asChild>
                        <Pressable className="min-h-[48px] justify-center px-2">
                          <Text className="font-bold text-[15px] text-ink underline">{text}</Text>
                        </Pressable>
                      </Link>
                    ) : (
                      <Text
                        className={`px-2 text-[15px] text-ink ${key === "yield" ? "font-bold" : "font-body"}`}
                      >
                        {text}
                      </Text>
                    )}
                  </View>
                );
              })}
            </View>
          );
        })}
      </View>
    </Card>
  );
}
