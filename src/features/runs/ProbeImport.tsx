import { useState } from "react";
import { View } from "react-native";
import type { Channel } from "@/core/practice/virtualStill";
import { readNumber, toInput } from "@/core/units/numberInput";
import {
  asChunks,
  columnMatchSchema,
  guessColumns,
  mostCsvBytes,
  readProbe,
  type ColumnMatch,
  type ProbeReading,
} from "@/exchange/probeCsv";
import { t } from "@/language/t";
import { channels } from "@/messages/instrumentMessages";
import type { Run } from "@/records/run";
import type { RunState } from "@/logbook/run/runState";
import { changePreferences } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { keepSamples } from "@/store/samples";
import { selectPreferences } from "@/store/selectors";
import { Traces } from "@/ui/charts/Traces";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { FileChoice } from "@/ui/primitives/FileChoice";
import { Notice } from "@/ui/primitives/Notice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Select } from "@/ui/primitives/Select";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import type { ProbeTable } from "@/messages/probeTable";
import { parseCsv } from "@/workers/csvClient";

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
        <Match
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

const labels: Record<Channel, string> = {
  head: t`Head`,
  outlet: t`Outlet`,
  tub: t`Tub`,
  distillate: t`Distillate, g`,
};

/* As a drawn line is named. */
const lineNames: Record<Channel, string> = {
  head: t`head`,
  outlet: t`outlet`,
  tub: t`tub`,
  distillate: t`distillate`,
};

/* A run is on the heat for hours. */
const mostDays = 2;

/** Columns, offset and degrees, with what they come to drawn below. */
function Match({
  table,
  run,
  state,
  onClose,
  onKept,
}: Props & { table: ProbeTable; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const signature = table.header.join("|").slice(0, 2000);
  const [match, setMatch] = useState<ColumnMatch>(() => {
    const kept = columnMatchSchema.safeParse(remembered(preferences.probeColumns?.[signature]));
    return kept.success ? kept.data : guessColumns(table);
  });
  const [offset, setOffset] = useState(toInput(0, "min"));
  const [refused, setRefused] = useState<string>();
  /* So many days it is sure of: another column may come to others. */
  const [sureOf, setSureOf] = useState<number>();
  const shift = readNumber(offset, { name: t`The offset`, min: -1440, max: 1440 });
  const zeroAt = state.litAt ?? Date.parse(run.createdAt);
  const read = readProbe(table, match, zeroAt);
  const days = read.ok ? (read.reading.to - read.reading.from) / 86400e3 : 0;
  const asked = days > mostDays && sureOf !== days;
  const columns = [
    { value: "", label: t`not in this log` },
    ...table.header.map((name) => ({ value: name, label: name })),
  ];
  const lines = read.ok
    ? channels.flatMap((channel) => {
        const series = read.reading.lines[channel];
        return series && series.at.length > 1
          ? [
              {
                name: lineNames[channel],
                series,
                unit: channel === "distillate" ? "g" : "°C",
              },
            ]
          : [];
      })
    : [];

  async function take() {
    if (!read.ok || !shift.ok) return;
    try {
      await dispatch(keepSamples(asChunks(run.id, read.reading, shift.value * 60000)));
      dispatch(
        changePreferences({
          probeColumns: { ...preferences.probeColumns, [signature]: asTexts(match) },
        }),
      );
      onKept();
      onClose();
    } catch (error) {
      setRefused(error instanceof Error ? error.message : String(error));
    }
  }

  return (
    <Sheet
      title={t`Match the columns`}
      intro={t`${table.rows.length} rows. How you match them is remembered for logs with this header.`}
      open
      onClose={onClose}
    >
      <Select
        label={t`Time`}
        options={columns.slice(1)}
        value={match.time}
        onChange={(time) => setMatch({ ...match, time })}
      />
      {channels.map((channel) => (
        <Select
          key={channel}
          label={labels[channel]}
          options={columns}
          value={match[channel] ?? ""}
          onChange={(name) => setMatch({ ...match, [channel]: name || undefined })}
        />
      ))}
      <Check
        label={t`Temperatures are in °F`}
        checked={match.fahrenheit}
        onChange={(fahrenheit) => setMatch({ ...match, fahrenheit })}
      />
      <NumberField
        label={t`Move it by`}
        value={offset}
        onChange={setOffset}
        choices={["min"]}
        problem={shift.ok ? undefined : shift.problem}
        help={t`Later is more, earlier is less: until its boil is the log's.`}
      />
      {read.ok ? (
        <Card className="gap-1 px-2">
          {lines.length > 0 ? (
            <Traces
              lines={lines}
              units={preferences.units}
              inWords={lines
                .map(({ name, series }) => t`${name}, ${series.at.length} samples`)
                .join("; ")}
            />
          ) : null}
          <Txt variant="small">
            {read.reading.unreadable > 0
              ? t`${lines.map(({ name, series }) => `${name} ${series.at.length}`).join(", ")} samples over ${Math.round((read.reading.to - read.reading.from) / 60000)} min. ${read.reading.unreadable} rows without a readable time are left out, the first is row ${read.reading.firstUnreadable ?? ""}.`
              : t`${lines.map(({ name, series }) => `${name} ${series.at.length}`).join(", ")} samples over ${Math.round((read.reading.to - read.reading.from) / 60000)} min.`}{" "}
            {impossibleWords(read.reading)}
          </Txt>
        </Card>
      ) : (
        <Notice severity="error" message={read.problem} />
      )}
      {days > mostDays ? (
        <>
          <Notice
            severity="caution"
            message={t`These rows lie over ${Math.round(days)} days. One run is hardly as long: is another column the time, or are several runs in this file?`}
          />
          <Check
            label={t`It is one run all the same`}
            checked={sureOf === days}
            onChange={(sure) => setSureOf(sure ? days : undefined)}
          />
        </>
      ) : null}
      {refused ? (
        <Notice
          severity="error"
          message={t`Not stored: ${refused}`}
          remedy={t`Free some space and try again; the file is unharmed.`}
        />
      ) : null}
      <Button
        label={t`Bring it in`}
        disabled={!read.ok || !shift.ok || asked}
        onPress={() => void take()}
      />
    </Sheet>
  );
}

function impossibleWords({ impossible, firstImpossible }: ProbeReading): string {
  if (!firstImpossible) return "";
  const { row, text } = firstImpossible;
  return impossible === 1
    ? t`“${text}” in row ${row} cannot be true and is left out.`
    : t`${impossible} values cannot be true and are left out, the first is “${text}” in row ${row}.`;
}

/* Preferences keep texts only. */
function asTexts(match: ColumnMatch): Record<string, string> {
  return Object.fromEntries(
    Object.entries(match)
      .filter(([, value]) => value !== undefined)
      .map(([name, value]) => [name, String(value).slice(0, 200)]),
  );
}

function remembered(texts: Record<string, string> | undefined): unknown {
  return texts && { ...texts, fahrenheit: texts.fahrenheit === "true" };
}
