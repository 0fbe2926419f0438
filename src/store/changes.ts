import { mergeRecords } from "@/records/merge";
import type { AnyRecord } from "@/records/record";
import type { Run } from "@/records/run";
import type { Setting } from "@/records/setting";
import { quarantineDiscarded } from "./keepingSlice";
import { recordsChanged } from "./recordSlice";
import { entitiesOf, selectPreferences } from "./selectors";
import type { RootState, Thunk } from "./store";
import { undoGone } from "./undoSlice";

/** Keeps new or changed records, stamped with the moment of the change. */
export function keep(...records: AnyRecord[]): Thunk {
  return (dispatch, _getState, { now }) => {
    dispatch(recordsChanged({ records: stamped(records, now()) }));
  };
}

function stamped(records: readonly AnyRecord[], at: Date): AnyRecord[] {
  const updatedAt = at.toISOString();
  return records.map((record) => ({ ...record, updatedAt }));
}

/** Keeps records as one step that can be taken back whole. */
export function keepUndoable(label: string, records: AnyRecord[]): Thunk {
  return (dispatch, getState, { now }) => {
    const at = now();
    const back = asBefore(getState(), records, at);
    dispatch(recordsChanged({ records: stamped(records, at), undo: { label, back } }));
  };
}

/**
 * Changes a run as the store has it, not as a screen last drew it: two taps between two drawings are
 * two changes. With a label it can be taken back.
 */
export function changeRun(runId: string, change: (run: Run) => Run, label?: string): Thunk {
  return (dispatch, getState) => {
    const run = getState().run.entities[runId];
    if (!run) return;
    dispatch(label ? keepUndoable(label, [change(run)]) : keep(change(run)));
  };
}

/** Changes some of the person's preferences as the store has them; the others stay. */
export function changePreferences(part: Partial<Setting>): Thunk {
  return (dispatch, getState) => dispatch(keep({ ...selectPreferences(getState()), ...part }));
}

/** Takes in records from a file with the moments they were changed at, as one step that can be taken back. */
export function takeIn(label: string, records: AnyRecord[]): Thunk {
  return (dispatch, getState, { now }) => {
    const back = asBefore(getState(), records, now());
    dispatch(recordsChanged({ records, undo: { label, back } }));
  };
}

/** Records as they are now; one that is not here yet, as it would lie in the bin. */
function asBefore(state: RootState, records: AnyRecord[], at: Date): AnyRecord[] {
  return records.map(
    (record) =>
      entitiesOf(state, record.kind)[record.id] ?? { ...record, deletedAt: at.toISOString() },
  );
}

/** Puts records in the bin, where they can be brought back for 30 days. */
export function bin(label: string, records: AnyRecord[]): Thunk {
  return (dispatch, _getState, { now }) => {
    const deletedAt = now().toISOString();
    dispatch(
      keepUndoable(
        label,
        records.map((record) => ({ ...record, deletedAt })),
      ),
    );
  };
}

/** Brings binned records back. */
export function bringBack(records: AnyRecord[]): Thunk {
  return (dispatch) => {
    dispatch(keep(...records.map(({ deletedAt: _, ...record }) => record as AnyRecord)));
  };
}

/** Takes the last undoable step back, and nothing that was done after it. */
export function undoLast(): Thunk {
  return (dispatch, getState, { now }) => {
    const { last } = getState().undo;
    if (!last) return;
    const updatedAt = now().toISOString();
    const undone = last.back.map((before, i) => {
      const current = entitiesOf(getState(), before.kind)[before.id];
      return current ? mergeRecords(last.after[i], { ...before, updatedAt }, current) : before;
    });
    dispatch(keep(...undone));
    dispatch(undoGone());
  };
}

/** Drops one set-aside text for good. */
export function discardQuarantined(key: string): Thunk<Promise<void>> {
  return async (dispatch, _getState, { storage }) => {
    await storage.discardQuarantined(key);
    dispatch(quarantineDiscarded({ key }));
  };
}
