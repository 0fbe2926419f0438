import type { Channel } from "@/core/practice/virtualStill";
import { showDuration } from "@/core/units/format";
import type { ProbeReading } from "@/exchange/probeCsv";
import { t } from "@/language/t";
import type { RunState } from "@/logbook/run/runState";
import { channels } from "@/messages/instrumentMessages";
import type { ProbeTable } from "@/messages/probeTable";
import type { Run } from "@/records/run";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { Traces } from "@/ui/charts/Traces";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { Notice } from "@/ui/primitives/Notice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Select } from "@/ui/primitives/Select";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { useColumnMatch } from "./useColumnMatch";

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

/** Columns, offset and degrees of a probe's log, with what they come to drawn below. */
export function ColumnMatchSheet({
  table,
  run,
  state,
  onClose,
  onKept,
}: {
  table: ProbeTable;
  run: Run;
  state: RunState;
  onClose: () => void;
  /** Told when new samples are kept. */
  onKept: () => void;
}) {
  const onTaken = () => {
    onKept();
    onClose();
  };
  const { match, change, offset, setOffset, shift, read, tooManyDays, sure, setSure, ...rest } =
    useColumnMatch({ table, run, state, onTaken });
  const columns = [
    { value: "", label: t`not in this log` },
    ...table.header.map((name) => ({ value: name, label: name })),
  ];
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
        onChange={(time) => change({ time })}
      />
      {channels.map((channel) => (
        <Select
          key={channel}
          label={labels[channel]}
          options={columns}
          value={match[channel] ?? ""}
          onChange={(name) => change({ [channel]: name || undefined })}
        />
      ))}
      <Check
        label={t`Temperatures are in °F`}
        checked={match.fahrenheit}
        onChange={(fahrenheit) => change({ fahrenheit })}
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
        <WhatItComesTo reading={read.reading} />
      ) : (
        <Notice severity="error" message={read.problem} />
      )}
      {tooManyDays === undefined ? null : (
        <>
          <Notice
            severity="caution"
            message={t`These rows lie over ${Math.round(tooManyDays)} days. One run is hardly as long: is another column the time, or are several runs in this file?`}
          />
          <Check label={t`It is one run all the same`} checked={sure} onChange={setSure} />
        </>
      )}
      {rest.refused ? (
        <Notice
          severity="error"
          message={t`Not stored: ${rest.refused}`}
          remedy={t`Free some space and try again; the file is unharmed.`}
        />
      ) : null}
      <Button label={t`Bring it in`} disabled={!rest.ready} onPress={() => void rest.take()} />
    </Sheet>
  );
}

/** The lines of a log as they are read, and how many of its rows say nothing. */
function WhatItComesTo({ reading }: { reading: ProbeReading }) {
  const { units } = useAppSelector(selectPreferences);
  const lines = channels.flatMap((channel) => {
    const series = reading.lines[channel];
    return series && series.at.length > 1
      ? [{ name: lineNames[channel], series, unit: channel === "distillate" ? "g" : "°C" }]
      : [];
  });
  const counts = lines.map(({ name, series }) => `${name} ${series.at.length}`).join(", ");
  const time = showDuration((reading.to - reading.from) / 60000);
  return (
    <Card className="gap-1 px-2">
      {lines.length > 0 ? (
        <Traces
          lines={lines}
          units={units}
          inWords={lines
            .map(({ name, series }) => t`${name}, ${series.at.length} samples`)
            .join("; ")}
        />
      ) : null}
      <Txt variant="small">
        {reading.unreadable > 0
          ? t`${counts} samples over ${time}. ${reading.unreadable} rows without a readable time are left out, the first is row ${reading.firstUnreadable ?? ""}.`
          : t`${counts} samples over ${time}.`}{" "}
        {impossibleWords(reading)}
      </Txt>
    </Card>
  );
}

function impossibleWords({ impossible, firstImpossible }: ProbeReading): string {
  if (!firstImpossible) return "";
  const { row, text } = firstImpossible;
  return impossible === 1
    ? t`“${text}” in row ${row} cannot be true and is left out.`
    : t`${impossible} values cannot be true and are left out, the first is “${text}” in row ${row}.`;
}
