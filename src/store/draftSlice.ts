import { createSlice, type PayloadAction } from "@reduxjs/toolkit";

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

export const { draftsLoaded, draftPut } = draftSlice.actions;
