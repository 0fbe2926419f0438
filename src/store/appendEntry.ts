import { t } from "@/language/t";
import type { AnyRecord } from "@/records/record";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import { withEntry, type NewEntry } from "@/logbook/run/withEntry";
import { signature } from "./sharingSlice";
import { keep, keepUndoable, type Kept } from "./changes";
import type { Thunk } from "./store";

interface How {
  /** Minutes before now that it happened. */
  agoMinutes?: number;
  /** The step's name where it can be taken back. */
  label?: string;
  /** Other records that change in the same step, from the run with its new entry. */
  along?: (run: Run, entry: Entry) => AnyRecord[];
}

/**
 * Writes in a run's log: the one way in. The entry goes on the run as the store has it, not as a
 * screen last drew it, and at the run's own time. An entry that comes out undefined writes nothing.
 */
export function appendEntry(
  runId: string,
  entry: NewEntry | ((run: Run) => NewEntry | undefined),
  { agoMinutes, label, along }: How = {},
): Thunk<Kept & { entryId?: string }> {
  return (dispatch, getState, { now }) => {
    const run = getState().run.entities[runId];
    if (!run) return { ok: false, problem: t`this run is not in this logbook any more` };
    const wanted = typeof entry === "function" ? entry(run) : entry;
    if (!wanted) return { ok: true };
    const by = signature(getState());
    const signed = by === undefined ? wanted : { ...wanted, by };
    const changed = withEntry(run, signed, now().getTime(), agoMinutes);
    const written = changed.entries.at(-1)!;
    const records = [changed, ...(along?.(changed, written) ?? [])];
    const kept = dispatch(label ? keepUndoable(label, records) : keep(...records));
    return { ...kept, entryId: written.id };
  };
}
