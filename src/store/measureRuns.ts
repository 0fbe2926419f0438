import { shareOut } from "@/core/yield/shareOut";
import { t } from "@/language/t";
import { poolWeights } from "@/logbook/run/poolWeights";
import { lotsOfRun } from "@/logbook/run/lotsOfRun";
import { besideJars } from "@/logbook/run/besideJars";
import { runState } from "@/logbook/run/runState";
import { withEntry } from "@/logbook/run/withEntry";
import type { Separated } from "@/records/entry";
import type { Lot } from "@/records/lot";
import type { Run } from "@/records/run";
import { keepUndoable, type Kept } from "./changes";
import { selectLots } from "./selectors";
import { signature } from "./sharingSlice";
import type { Thunk } from "./store";

/** What was measured, as it is typed. */
export type Measured = Omit<Separated, "id" | "at" | "type" | "pool" | "by">;
/** By what a pooled yield is shared out: what each was forecast to bring, or its charge. */
type SharedBy = NonNullable<Separated["pool"]>["by"];

interface Pool {
  /** The other runs that were poured together with this one. */
  others: readonly string[];
  by: SharedBy;
}

/**
 * Writes down what one run gave, or several that were poured together: each has its share in its own log,
 * the products are one lot of all of them. One step, and taken back as one.
 */
export function measureRuns(
  runId: string,
  result: Measured,
  { others, by }: Pool,
): Thunk<Kept & { made: Lot[] }> {
  return (dispatch, getState, { now }) => {
    const root = getState();
    const runs = [runId, ...others].flatMap((id) => root.run.entities[id] ?? []);
    const [first] = runs;
    if (first?.id !== runId)
      return { ok: false, problem: t`this run is not in this logbook any more`, made: [] };
    const pool = runs.length > 1 ? { runIds: runs.map(({ id }) => id), by } : undefined;
    const weights = poolWeights(runs, by);
    const device = signature(root);
    const signed = device === undefined ? result : { ...result, by: device };
    const changed = runs.map((run, i) =>
      withMeasures(run, shareOf(signed, weights, i, pool), now().getTime()),
    );
    const own = runState(changed[0]!.entries).result;
    const at = own?.at ?? now().toISOString();
    const made = lotsOfRun(
      changed[0]!,
      pool || !own ? { ...result, at } : own,
      selectLots(root),
      now(),
      changed.map(({ id }) => id),
    );
    const numbers = changed.map(({ number }) => number).join(", ");
    const label = changed.length > 1 ? t`Runs ${numbers} measured.` : t`Run ${numbers} measured.`;
    return { ...dispatch(keepUndoable(label, [...changed, ...made])), made };
  };
}

/**
 * A run with its measures. Those from before are struck and written anew at their own moment, so that a field that
 * was emptied is empty; later draws among them, for they are in the oil that was typed. Told jar by jar they are not.
 */
function withMeasures(run: Run, result: Measured, wallNow: number): Run {
  const state = runState(run.entries);
  const drawsStand = besideJars(state, result) > 0;
  const before = state.entries.filter(
    ({ type }) => type === "separated" || (type === "drawnOff" && !drawsStand),
  );
  const struck = before.reduce(
    (sofar, { id }) => withEntry(sofar, { type: "amendment", of: id, struck: true }, wallNow),
    run,
  );
  const written = withEntry(struck, { type: "separated", ...result }, wallNow);
  const at = before.find(({ type }) => type === "separated")?.at;
  if (at === undefined) return written;
  const entries = written.entries.map((entry, i) =>
    i === written.entries.length - 1 ? { ...entry, at } : entry,
  );
  return { ...written, entries };
}

/** One run's part of what was measured of all. */
function shareOf(
  result: Measured,
  weights: readonly number[],
  i: number,
  pool: Separated["pool"],
): Measured {
  if (!pool) return result;
  const part = (total: number) => shareOut(total, weights)[i]!;
  const { oilMl, hydrosolMl, firstCutMl, liquorMl, jars, ...rest } = result;
  return {
    ...rest,
    pool,
    ...(oilMl === undefined ? {} : { oilMl: part(oilMl) }),
    ...(hydrosolMl === undefined ? {} : { hydrosolMl: part(hydrosolMl) }),
    ...(firstCutMl === undefined ? {} : { firstCutMl: part(firstCutMl) }),
    ...(liquorMl === undefined ? {} : { liquorMl: part(liquorMl) }),
    ...(jars
      ? {
          jars: jars.map(({ volumeMl, oilMl: ofJar }) => ({
            volumeMl: part(volumeMl),
            ...(ofJar === undefined ? {} : { oilMl: part(ofJar) }),
          })),
        }
      : {}),
  } as Measured;
}
