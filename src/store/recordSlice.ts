import {
  createAction,
  createEntityAdapter,
  type EntityState,
  type Reducer,
} from "@reduxjs/toolkit";
import { kinds, type AnyRecord, type Kind, type RecordOf } from "@/records/record";

/**
 * The person changed these records; they are to be stored. With `undo` the step can be taken back: its
 * name, and the records as they were. One action for both: a tap is told to the screen once.
 */
export const recordsChanged = createAction<{
  records: AnyRecord[];
  undo?: { label: string; back: AnyRecord[] };
}>("records/changed");
/** These records came from storage or another tab; they are stored already. */
export const recordsReceived = createAction<{ records: AnyRecord[] }>("records/received");

/** The records of one kind, by id. */
type RecordState<K extends Kind> = EntityState<RecordOf<K>, string>;
/** The records of every kind: the part of the store's state that is kept. */
export type RecordStates = { [K in Kind]: RecordState<K> };

/** What a kind of record is reduced by. All kinds are alike: records in, by id, newest state wins. */
function recordReducer<K extends Kind>(kind: K): Reducer<RecordState<K>> {
  const adapter = createEntityAdapter<RecordOf<K>>();
  const none: RecordState<K> = {
    ids: [],
    /* Without a prototype: an address that names “constructor” finds no record. */
    entities: Object.create(null) as Record<string, RecordOf<K>>,
  };
  return (state = none, action) => {
    if (!recordsChanged.match(action) && !recordsReceived.match(action)) return state;
    const own = action.payload.records.filter(
      (record): record is RecordOf<K> => record.kind === kind,
    );
    return own.length > 0 ? adapter.setMany(state, own) : state;
  };
}

type RecordReducers = { [K in Kind]: Reducer<RecordState<K>> };
/** One reducer for each kind. */
export const recordReducers = Object.fromEntries(
  kinds.map((kind) => [kind, recordReducer(kind)]),
) as RecordReducers;
