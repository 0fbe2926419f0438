import { t } from "@/language/t";
import { numberedApart } from "@/logbook/run/numberedApart";
import { mergeRecords } from "@/records/merge";
import { mergeCopies } from "@/records/mergeCopies";
import type { AnyRecord } from "@/records/record";
import type { Run } from "@/records/run";
import type { Setting } from "@/records/setting";
import { faultInWords } from "@/words/faultWords";
import type { Quarantined } from "@/storage/setAside";
import { changeNotTaken, changeTaken, quarantineDiscarded, setAside } from "./keepingSlice";
import { recordsChanged } from "./recordSlice";
import { entitiesOf, selectPreferences } from "./selectors";
import type { RootState, Thunk } from "./store";
import { undoGone } from "./undoSlice";

/** Whether a change was taken: what a record's schema would not open again is never kept. */
export type Kept = { ok: true } | { ok: false; problem: string };

/* The one way in: every change of the person's passes here, and nothing passes that could not be read again. */
function take(records: AnyRecord[], undo?: { label: string; back: AnyRecord[] }): Thunk<Kept> {
  return (dispatch, getState) => {
    const problem = records.map(faultInWords).find((fault) => fault !== undefined);
    if (problem !== undefined) {
      dispatch(changeNotTaken({ problem }));
      return { ok: false, problem };
    }
    if (getState().keeping.notTaken !== undefined) dispatch(changeTaken());
    dispatch(recordsChanged({ records, ...(undo ? { undo } : {}) }));
    return { ok: true };
  };
}

/** Keeps new or changed records, stamped with the moment of the change. */
export function keep(...records: AnyRecord[]): Thunk<Kept> {
  return (dispatch, _getState, { now }) => dispatch(take(stamped(records, now())));
}

function stamped(records: readonly AnyRecord[], at: Date): AnyRecord[] {
  const updatedAt = at.toISOString();
  return records.map((record) => ({ ...record, updatedAt }));
}

/** Keeps records as one step that can be taken back whole. */
export function keepUndoable(label: string, records: AnyRecord[]): Thunk<Kept> {
  return (dispatch, getState, { now }) => {
    const at = now();
    const back = asBefore(getState(), records, at);
    return dispatch(take(stamped(records, at), { label, back }));
  };
}

/**
 * Keeps what a form has changed of a record, and nothing else of it: from what stood in the form at
 * first to what stands there now, over the record as the store has it by then.
 */
export function keepForm(shown: AnyRecord, now: AnyRecord, label?: string): Thunk<Kept> {
  return (dispatch, getState, { now: clock }) => {
    const current = entitiesOf(getState(), now.kind)[now.id];
    const [mine] = stamped([now], clock());
    const record = current ? mergeRecords(shown, mine!, current) : now;
    return dispatch(label ? keepUndoable(label, [record]) : keep(record));
  };
}

/**
 * Changes a run as the store has it, not as a screen last drew it: two taps between two drawings are
 * two changes. With a label it can be taken back.
 */
export function changeRun(runId: string, change: (run: Run) => Run, label?: string): Thunk<Kept> {
  return (dispatch, getState) => {
    const run = getState().run.entities[runId];
    if (!run) return { ok: false, problem: t`this run is not in this logbook any more` };
    const changed = change(run);
    if (changed === run) return { ok: true };
    return dispatch(label ? keepUndoable(label, [changed]) : keep(changed));
  };
}

/** Changes any record as the store has it, not as a screen last drew it. With a label it can be taken back. */
export function changeRecord<R extends AnyRecord>(
  { kind, id }: R,
  change: (now: R) => R,
  label?: string,
): Thunk<Kept> {
  return (dispatch, getState) => {
    const record = entitiesOf(getState(), kind)[id] as R | undefined;
    if (!record) return { ok: false, problem: t`this is not in this logbook any more` };
    const changed = change(record);
    if (changed === record) return { ok: true };
    return dispatch(label ? keepUndoable(label, [changed]) : keep(changed));
  };
}

/** Changes some of the person's preferences as the store has them; the others stay. */
export function changePreferences(
  part: Partial<Setting> | ((now: Setting) => Partial<Setting>),
): Thunk<Kept> {
  return (dispatch, getState) => {
    const now = selectPreferences(getState());
    return dispatch(keep({ ...now, ...(typeof part === "function" ? part(now) : part) }));
  };
}

/**
 * Takes in records from a file with the moments they were changed at, as one step that can be taken back. What was
 * noted here since the file was looked at stays beside what it brings.
 */
export function takeIn(label: string, records: AnyRecord[]): Thunk<Kept> {
  return (dispatch, getState, { now }) => {
    const state = getState();
    const both = records.map((record) => {
      const own = entitiesOf(state, record.kind)[record.id];
      return own ? mergeCopies(own, record) : record;
    });
    const apart = withRunsApart(state, both, now());
    return dispatch(take(apart, { label, back: asBefore(state, apart, now()) }));
  };
}

/**
 * Keeps records that were brought together already, with the moments they were changed at; one that could not be
 * read again stays as it is here.
 */
export function bringTogether(records: AnyRecord[]): Thunk {
  return (dispatch, getState, { now }) => {
    const kept = records.filter((record) => faultInWords(record) === undefined);
    if (kept.length > 0)
      dispatch(recordsChanged({ records: withRunsApart(getState(), kept, now()) }));
  };
}

/* Records that come in, and the runs that need another number beside them. */
function withRunsApart(state: RootState, records: AnyRecord[], at: Date): AnyRecord[] {
  const runs = new Map<string, Run>(Object.entries(entitiesOf(state, "run")));
  const coming = records.filter((record) => record.kind === "run");
  if (coming.length === 0) return records;
  for (const run of coming) runs.set(run.id, run);
  const others = stamped(
    numberedApart([...runs.values()].filter(({ deletedAt }) => !deletedAt)),
    at,
  );
  const renumbered = new Set(others.map(({ id }) => id));
  return [...records.filter(({ kind, id }) => kind !== "run" || !renumbered.has(id)), ...others];
}

/** Lays a file's unreadable texts where this device's own lie. Rejects when the store refuses. */
export function takeAside(texts: Quarantined[]): Thunk<Promise<void>> {
  return async (dispatch, _getState, { storage }) => {
    await storage.setAside(texts);
    dispatch(setAside({ texts }));
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
export function bin(label: string, records: AnyRecord[]): Thunk<Kept> {
  return (dispatch, getState, { now }) => {
    const deletedAt = now().toISOString();
    const state = getState();
    return dispatch(
      keepUndoable(
        label,
        records.map((record) => ({
          ...(entitiesOf(state, record.kind)[record.id] ?? record),
          deletedAt,
        })),
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
