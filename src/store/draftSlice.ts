import { createSlice, type PayloadAction } from "@reduxjs/toolkit";
import type { Thunk } from "./store";

/** What stands typed in forms and is not kept yet, by the form's name. */
export const draftSlice = createSlice({
  name: "drafts",
  initialState: Object.create(null) as Record<string, unknown>,
  reducers: {
    draftsLoaded: (state, { payload }: PayloadAction<Record<string, unknown>>) => {
      for (const [name, draft] of Object.entries(payload)) state[name] ??= draft;
    },
    draftPut(state, { payload }: PayloadAction<{ name: string; draft: unknown }>) {
      if (payload.draft === undefined) delete state[payload.name];
      else state[payload.name] = payload.draft;
    },
  },
});

export const { draftsLoaded } = draftSlice.actions;

/** Notes what stands in a form; undefined once it is kept or let go. */
export function putDraft(name: string, draft: unknown): Thunk {
  return (dispatch, getState, { drafts }) => {
    if (draft === undefined && getState().drafts[name] === undefined) return;
    dispatch(draftSlice.actions.draftPut({ name, draft }));
    drafts.put(name, draft);
  };
}
