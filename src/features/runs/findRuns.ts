import { isoDay, showDay, showDayLong } from "@/core/units/dates";
import { t } from "@/language/t";
import type { RunSummary } from "@/logbook/run/runSummary";

export type SortKey =
  | "number"
  | "at"
  | "plant"
  | "charge"
  | "minutes"
  | "hydrosol"
  | "oil"
  | "yield";

/** By which column, and which way round. */
export interface Sort {
  key: SortKey;
  down: boolean;
}

const read: Record<SortKey, (summary: RunSummary) => number | string> = {
  number: ({ run }) => run.number,
  at: ({ at }) => at,
  plant: ({ plantName }) => plantName,
  charge: ({ run }) => run.plan.chargeG,
  minutes: ({ minutesFromFirstDrop }) => minutesFromFirstDrop ?? -1,
  hydrosol: ({ result }) => result?.hydrosolMl ?? -1,
  oil: ({ result }) => result?.oilMl ?? -1,
  yield: ({ result }) => result?.mlPerKg ?? -1,
};

/**
 * Runs in which every word of the query occurs: plant, still, state, month and year, notes, number.
 * A number is found as a whole one: 2 is not 2026.
 */
export function findRuns(runs: readonly RunSummary[], query: string): RunSummary[] {
  const wanted = query.toLowerCase().split(/\s+/).filter(Boolean);
  if (wanted.length === 0) return [...runs];
  return runs.filter((summary) => {
    const text = searchText(summary);
    const whole = new Set(text.split(/[^\p{L}\p{N}]+/u));
    return wanted.every((word) => (/^\d+$/.test(word) ? whole.has(word) : text.includes(word)));
  });
}

/** Runs by one column; equal ones by number, the latest first. */
export function sortRuns(runs: readonly RunSummary[], key: SortKey, down: boolean): RunSummary[] {
  const by = read[key];
  return [...runs].sort((a, b) => {
    const [x, y] = [by(a), by(b)];
    const order = typeof x === "string" ? x.localeCompare(String(y)) : x - Number(y);
    return (down ? -order : order) || b.run.number - a.run.number;
  });
}

function searchText({ run, plantName, at, state }: RunSummary): string {
  const notes = state.entries.map(({ note }) => note ?? "");
  const result = state.result ? [state.result.look, state.result.smell] : [];
  return [
    t`run ${run.number}`,
    plantName,
    run.state,
    run.stillName,
    run.plan.method,
    showDayLong(at),
    showDay(at),
    isoDay(at),
    ...notes,
    ...result,
  ]
    .join(" ")
    .toLowerCase();
}
