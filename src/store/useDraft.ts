import { useCallback, useState } from "react";
import { putDraft } from "./putDraft";
import { useAppDispatch } from "./hooks";
import type { Thunk } from "./store";

/** A form's content that outlives a reload, Back, or a tap beside its sheet. */
export interface Draft<T> {
  /** What stands in the form at first: what was typed before, or the form's own beginning. */
  start: T;
  /** Something was typed before and not kept. */
  typedBefore: boolean;
  /** Notes what stands in the form now. */
  note: (now: T) => void;
  /** It was kept, or let go. */
  done: () => void;
}

const draftNamed =
  (name: string): Thunk<unknown> =>
  (_dispatch, getState) =>
    getState().drafts[name];

/**
 * The draft of a form, by a name of its own. What does not have the shape of the form's beginning, as
 * one of an older Sereno, is passed over field by field.
 */
export function useDraft<T extends object>(name: string, beginning: T): Draft<T> {
  const dispatch = useAppDispatch();
  const [first] = useState(() => {
    const typed = dispatch(draftNamed(name));
    return { start: shaped(beginning, typed), typedBefore: typed !== undefined };
  });
  const note = useCallback((now: T) => dispatch(putDraft(name, now)), [dispatch, name]);
  const done = useCallback(() => dispatch(putDraft(name, undefined)), [dispatch, name]);
  return { ...first, note, done };
}

/** What was typed, in the shape of a form's beginning. */
function shaped<T>(beginning: T, typed: unknown): T {
  if (Array.isArray(beginning)) return (Array.isArray(typed) ? typed : beginning) as T;
  if (beginning !== null && typeof beginning === "object") {
    if (typed === null || typeof typed !== "object" || Array.isArray(typed)) return beginning;
    return Object.fromEntries(
      Object.entries(beginning).map(([field, value]) => [
        field,
        shaped(value as unknown, (typed as Record<string, unknown>)[field]),
      ]),
    ) as T;
  }
  return (typeof typed === typeof beginning ? typed : beginning) as T;
}
