import { useMemo, useState } from "react";
import { readNumber, toInput, type NumberInput } from "@/core/units/numberInput";
import {
  asChunks,
  columnMatchSchema,
  guessColumns,
  readProbe,
  type ColumnMatch,
} from "@/exchange/probeCsv";
import { t } from "@/language/t";
import type { RunState } from "@/logbook/run/runState";
import type { ProbeTable } from "@/messages/probeTable";
import type { Run } from "@/records/run";
import { changePreferences } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { keepSamples } from "@/store/samples";
import { selectPreferences } from "@/store/selectors";

/* A run is on the heat for hours. */
const mostDays = 2;

/**
 * How a probe's columns are matched, and what its log then comes to on this run's time. A log that lies over more than two
 * days is only taken once it is sure to be of one run.
 */
export function useColumnMatch({
  table,
  run,
  state,
  onTaken,
}: {
  table: ProbeTable;
  run: Run;
  state: RunState;
  onTaken: () => void;
}) {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const signature = table.header.join("|").slice(0, 2000);
  const [match, setMatch] = useState<ColumnMatch>(() => {
    const kept = columnMatchSchema.safeParse(remembered(preferences.probeColumns?.[signature]));
    return kept.success ? kept.data : guessColumns(table);
  });
  const [offset, setOffset] = useState<NumberInput>(toInput(0, "min"));
  const [refused, setRefused] = useState<string>();
  /* So many days it is sure of: another column may come to others. */
  const [sureOf, setSureOf] = useState<number>();
  const shift = readNumber(offset, { name: t`The offset`, min: -1440, max: 1440 });
  const zeroAt = state.litAt ?? Date.parse(run.createdAt);
  /* Hundreds of thousands of rows: not read anew for each digit of the offset. */
  const read = useMemo(() => readProbe(table, match, zeroAt), [table, match, zeroAt]);
  const days = read.ok ? (read.reading.to - read.reading.from) / 86400e3 : 0;
  const sure = sureOf === days;

  async function take() {
    if (!read.ok || !shift.ok) return;
    try {
      await dispatch(keepSamples(asChunks(run.id, read.reading, shift.value * 60000)));
      dispatch(
        changePreferences({
          probeColumns: { ...preferences.probeColumns, [signature]: asTexts(match) },
        }),
      );
      onTaken();
    } catch (error) {
      setRefused(error instanceof Error ? error.message : String(error));
    }
  }

  return {
    match,
    change: (changed: Partial<ColumnMatch>) => setMatch({ ...match, ...changed }),
    offset,
    setOffset,
    shift,
    read,
    /** Days that it lies over where that is too long for one run. */
    tooManyDays: days > mostDays ? days : undefined,
    sure,
    setSure: (isSure: boolean) => setSureOf(isSure ? days : undefined),
    /** Why it could not be stored. */
    refused,
    ready: read.ok && shift.ok && (days <= mostDays || sure),
    take,
  };
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
