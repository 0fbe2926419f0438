import { draftPut } from "./draftSlice";
import type { Thunk } from "./store";

/** Notes what stands in a form; undefined once it is kept or let go. */
export function putDraft(name: string, draft: unknown): Thunk {
  return (dispatch, getState, { drafts }) => {
    if (draft === undefined && getState().drafts[name] === undefined) return;
    dispatch(draftPut({ name, draft }));
    drafts.put(name, draft);
  };
}
