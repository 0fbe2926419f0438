import { useState } from "react";
import { View } from "react-native";
import { mostCsvBytes } from "@/exchange/probeCsv";
import { t } from "@/language/t";
import type { Run } from "@/records/run";
import type { RunState } from "@/logbook/run/runState";
import { Card } from "@/ui/primitives/Card";
import { FileChoice } from "@/ui/primitives/FileChoice";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import type { ProbeTable } from "@/messages/probeTable";
import { parseCsv } from "@/workers/csvClient";
import { ColumnMatchSheet } from "./ColumnMatchSheet";

interface Props {
  run: Run;
  state: RunState;
  /** Told when new samples are kept. */
  onKept: () => void;
}

/** Brings a probe's own log onto a run's time. */
export function ProbeImport({ run, state, onKept }: Props) {
  const [table, setTable] = useState<ProbeTable>();
  const [problem, setProblem] = useState<string>();
  const [reading, setReading] = useState(false);

  async function choose(file: File) {
    setProblem(undefined);
    if (file.size > mostCsvBytes) {
      setProblem(t`${file.name} is larger than 40 MB. Cut it to this run's hours.`);
      return;
    }
    setReading(true);
    try {
      const parsed = await parseCsv(await file.text());
      if (parsed.header.length < 2 || parsed.rows.length === 0)
        setProblem(
          t`${file.name} has no table: a header row and columns are needed. Nothing was changed.`,
        );
      else setTable(parsed);
    } catch {
      setProblem(t`${file.name} could not be read as a table. Nothing was changed.`);
    }
    setReading(false);
  }

  return (
    <Card className="no-print gap-2">
      <Txt variant="heading">{t`A probe’s own log`}</Txt>
      <Txt variant="small">{t`A CSV file with a time column and temperatures or a mass.`}</Txt>
      {problem ? <Notice severity="error" message={problem} /> : null}
      <View className="flex-row">
        <FileChoice
          label={t`Probe log`}
          button={reading ? t`Reading…` : t`Choose a log`}
          accept=".csv,.tsv,.txt,text/csv"
          size="small"
          disabled={reading}
          onChoose={(file) => void choose(file)}
        />
      </View>
      {table ? (
        <ColumnMatchSheet
          table={table}
          run={run}
          state={state}
          onClose={() => setTable(undefined)}
          onKept={onKept}
        />
      ) : null}
    </Card>
  );
}
