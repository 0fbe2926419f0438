import { createSlice, type PayloadAction } from "@reduxjs/toolkit";
import type { AnyRecord } from "@/records/record";

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
    undoOffered(state, { payload }: PayloadAction<Omit<Undoable, "serial">>) {
      state.serial += 1;
      state.last = { ...payload, serial: state.serial };
    },
    undoGone(state) {
      state.last = null;
    },
  },
});

export const { undoOffered, undoGone } = undoSlice.actions;
