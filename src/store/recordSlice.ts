import { createAction, createEntityAdapter, createSlice } from "@reduxjs/toolkit";
import type { AnyRecord, Kind, RecordOf } from "@/records/record";

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

/** The slice of one kind of record. All kinds are alike: records in, by id, newest state wins. */
export function createRecordSlice<K extends Kind>(kind: K) {
  const adapter = createEntityAdapter<RecordOf<K>>();
  return createSlice({
    name: kind,
    /* Without a prototype: an address that names “constructor” finds no record. */
    initialState: {
      ...adapter.getInitialState(),
      entities: Object.create(null) as Record<string, RecordOf<K>>,
    },
    reducers: {},
    extraReducers: (builder) => {
      const upsert = (state: ReturnType<typeof adapter.getInitialState>, records: AnyRecord[]) => {
        const own = records.filter((record) => record.kind === kind) as RecordOf<K>[];
        if (own.length > 0) adapter.setMany(state, own);
      };
      builder
        .addCase(recordsChanged, (state, { payload }) => upsert(state as never, payload.records))
        .addCase(recordsReceived, (state, { payload }) => upsert(state as never, payload.records));
    },
  });
}
