import { useRef } from "react";
import { nanoid } from "nanoid";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import { keep, keepUndoable } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";

/* A second tap this soon is the same wet thumb. */
const doubleTapMs = 1500;

/** An entry before it has an id. */
export type NewEntry = Entry extends infer E ? (E extends Entry ? Omit<E, "id"> : never) : never;

/** Ways to write in a run's log. Entries are only ever added. */
export function useLog(run: Run) {
  const dispatch = useAppDispatch();
  const last = useRef({ type: "", at: 0 });
  const added = (entry: NewEntry): Run => ({
    ...run,
    entries: [...run.entries, { ...entry, id: nanoid() } as Entry],
  });
  return {
    /** Notes an entry with its moment. */
    write(entry: NewEntry) {
      dispatch(keep(added(entry)));
    },
    /** Notes that something happened just now; a double tap counts once, and it can be taken back. */
    tap(type: "boiling" | "firstDrop" | "jarSwapped" | "heatOff", label: string) {
      const now = Date.now();
      if (last.current.type === type && now - last.current.at < doubleTapMs) return;
      last.current = { type, at: now };
      dispatch(keepUndoable(label, [added({ type, at: new Date(now).toISOString() })]));
    },
  };
}
