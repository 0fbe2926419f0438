import { createSlice } from "@reduxjs/toolkit";
import type { AnyRecord } from "@/records/record";
import { recordsChanged } from "./recordSlice";

/** The last step that can be taken back, whole. */
export interface Undoable {
  label: string;
  /** The records as they should be again; one that did not exist before is binned. */
  back: AnyRecord[];
  /** The same records as the step left them, so that what came after it stays. */
  after: AnyRecord[];
  /** Counts up, so that a new step with the same label is seen as new. */
  serial: number;
}

export const undoSlice = createSlice({
  name: "undo",
  initialState: { last: null as Undoable | null, serial: 0 },
  reducers: {
    undoGone(state) {
      state.last = null;
    },
  },
  extraReducers: (builder) => {
    builder.addCase(recordsChanged, (state, { payload: { undo, records } }) => {
      if (!undo) return;
      state.serial += 1;
      state.last = { ...undo, after: records, serial: state.serial };
    });
  },
});

export const { undoGone } = undoSlice.actions;
