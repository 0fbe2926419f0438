import { nanoid } from "nanoid";
import { useMemo, useState } from "react";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import { runNow } from "@/records/runClock";
import { keep, keepUndoable } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import type { AppDispatch } from "@/store/store";

/* A second tap this soon is the same wet thumb. */
const doubleTapMs = 1500;

/** An entry before it has an id and a moment. */
export type NewEntry = Entry extends infer E
  ? E extends Entry
    ? Omit<E, "id" | "at"> & { at?: string }
    : never
  : never;

/** What one tap alone says. */
export type Tapped = "boiling" | "firstDrop" | "jarSwapped" | "heatOff";

/** Ways to write in a run's log. Entries are only ever added, at the run's own time. */
export function useLog(run: Run) {
  const dispatch = useAppDispatch();
  const [last] = useState(() => ({ type: "", at: 0 }));
  return useMemo(() => logOf(run, dispatch, last), [run, dispatch, last]);
}

function logOf(run: Run, dispatch: AppDispatch, last: { type: string; at: number }) {
  const moment = (agoMinutes: number) =>
    new Date(runNow(run, Date.now()) - agoMinutes * 60000).toISOString();
  const added = (entry: NewEntry, agoMinutes = 0): Run => ({
    ...run,
    entries: [...run.entries, { at: moment(agoMinutes), ...entry, id: nanoid() } as Entry],
  });
  return {
    /** Notes an entry, now or so many minutes ago; it can be taken back where it has a label. */
    write(
      entry: NewEntry,
      { agoMinutes = 0, label }: { agoMinutes?: number; label?: string } = {},
    ) {
      const next = added(entry, agoMinutes);
      dispatch(label ? keepUndoable(label, [next]) : keep(next));
    },
    /** Notes that something happened just now; a double tap counts once, and it can be taken back. */
    tap(type: Tapped, label: string) {
      const now = Date.now();
      if (last.type === type && now - last.at < doubleTapMs) return;
      Object.assign(last, { type, at: now });
      dispatch(keepUndoable(label, [added({ type })]));
    },
  };
}
export type Log = ReturnType<typeof useLog>;
