import { momentOfRun } from "./run/runSummary";
import { runState } from "./run/runState";
import type { Run } from "@/records/run";
import type { Setting } from "@/records/setting";

/* After so many finished runs, or so long, a logbook that lives in one browser wants a copy. */
const runsBetween = 10;
const daysBetween = 30;
const dayMs = 86400000;

/** Why a backup is due: runs and days since the last one, or since the first run; undefined while none is. */
export function backupDue(
  runs: readonly Run[],
  { backedUpAt, backupAskedAfter }: Pick<Setting, "backedUpAt" | "backupAskedAfter">,
  now: number,
): { runs: number; days: number; ever: boolean } | undefined {
  if (backupAskedAfter && Date.parse(backupAskedAfter) > now) return undefined;
  const done = runs.filter(({ entries }) => runState(entries).result);
  if (done.length === 0) return undefined;
  const last = backedUpAt ? Date.parse(backedUpAt) : undefined;
  /* What was entered since counts, whatever its own day. */
  const since = done.filter((run) => last === undefined || Date.parse(run.updatedAt) > last);
  if (since.length === 0) return undefined;
  const from = last ?? Math.min(...since.map(momentOfRun));
  const days = Math.floor((now - from) / dayMs);
  if (since.length < runsBetween && days < daysBetween) return undefined;
  return { runs: since.length, days, ever: last !== undefined };
}
