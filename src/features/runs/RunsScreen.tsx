import { useRouter } from "expo-router";
import { useDeferredValue, useMemo } from "react";
import { View } from "react-native";
import { showMass, showOil, significant, words, type UnitSystem, isoDay, showDay } from "@/core";
import { runsCsv } from "@/exchange/csv";
import { handOver } from "@/exchange/download";
import { summarise, type RunSummary } from "@/records/runSummary";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectPreferences, selectRuns } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { useWide } from "@/ui/layout/useWide";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Row } from "@/ui/primitives/Row";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { useKept } from "@/ui/useKept";
import { findRuns, sortRuns, type Sort } from "./findRuns";
import { RunTable } from "./RunTable";
import { standing } from "./standing";

/* What one page of the logbook shows before "more": a season fits. */
const pageSize = 60;

/** The logbook: every run, to search, to sort, to open. */
export function RunsScreen() {
  const plantBook = usePlantBook();
  const wide = useWide();
  const router = useRouter();
  const { units } = useAppSelector(selectPreferences);
  const runs = useAppSelector(selectRuns);
  const [query, setQuery] = useKept("runs/find", "");
  const [shown, setShown] = useKept("runs/shown", pageSize);
  const [sort, setSort] = useKept<Sort>("runs/sort", { key: "number", down: true });
  const searched = useDeferredValue(query);
  const summaries = useMemo(() => runs.map((run) => summarise(run, plantBook)), [runs, plantBook]);
  const found = useMemo(
    () => sortRuns(findRuns(summaries, searched), sort.key, sort.down),
    [summaries, searched, sort],
  );
  const page = found.slice(0, shown);

  if (runs.length === 0) {
    return (
      <Screen
        title="Runs"
        footer={<Button label="Plan a run" onPress={() => router.push("/plan")} />}
      >
        <Card className="gap-2">
          <Txt variant="heading">No runs yet</Txt>
          <Txt>
            Every charge you distil stands here with its times, its yield and what you noted: the
            book you will plan from next year.
          </Txt>
        </Card>
      </Screen>
    );
  }
  return (
    <Screen
      title="Runs"
      actions={
        <Button
          label="Save as CSV"
          look="quiet"
          size="small"
          onPress={() =>
            void handOver(
              `sereno-runs-${isoDay(new Date())}.csv`,
              runsCsv(found, plantBook),
              "text/csv",
            )
          }
        />
      }
    >
      <TextField
        label="Find"
        value={query}
        onChange={setQuery}
        placeholder="plant, still, month, note, run number"
      />
      {found.length === 0 ? (
        <Card>
          <Txt>{`Nothing matches “${searched}”. Try a plant, a still or a month.`}</Txt>
        </Card>
      ) : wide ? (
        <RunTable
          runs={page}
          units={units}
          sort={sort}
          onSort={(key) => setSort({ key, down: sort.key === key ? !sort.down : true })}
        />
      ) : (
        <View className="gap-2">
          {page.map((summary) => (
            <RunRow key={summary.run.id} summary={summary} units={units} />
          ))}
        </View>
      )}
      {found.length > shown ? (
        <Button
          look="quiet"
          label={`Show more of ${found.length}`}
          onPress={() => setShown(shown + pageSize)}
        />
      ) : null}
    </Screen>
  );
}

function RunRow({ summary, units }: { summary: RunSummary; units: UnitSystem }) {
  const { run, plantName, at, result } = summary;
  return (
    <Row
      href={`/runs/${run.id}`}
      title={`${run.number} · ${plantName}`}
      detail={`${showDay(at)} · ${words(showMass(run.plan.chargeG, units))} ${run.state} · ${run.stillName}`}
      end={
        <>
          <Txt variant="strong">{result ? words(showOil(result.oilMl)) : standing(summary)}</Txt>
          {result ? <Txt variant="small">{`${significant(result.mlPerKg, 3)} mL/kg`}</Txt> : null}
        </>
      }
    />
  );
}
