import { nanoid } from "nanoid";
import { useMemo, useState } from "react";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import { runNow } from "@/logbook/run/runClock";
import { changeRun, type Kept } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import type { AppDispatch, Thunk } from "@/store/store";

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
export function useLog(runId: string) {
  const dispatch = useAppDispatch();
  const [last] = useState(() => ({ type: "", at: 0 }));
  return useMemo(() => logOf(runId, dispatch, last), [runId, dispatch, last]);
}

function logOf(runId: string, dispatch: AppDispatch, last: { type: string; at: number }) {
  return {
    runId,
    /** Notes an entry, now or so many minutes ago; it can be taken back where it has a label. */
    write(
      entry: NewEntry,
      { agoMinutes = 0, label }: { agoMinutes?: number; label?: string } = {},
    ): Kept {
      return dispatch(noted(runId, entry, agoMinutes, label));
    },
    /**
     * Notes that something happened just now; it can be taken back. A double tap counts once:
     * false says that nothing was noted.
     */
    tap(type: Tapped, label: string): boolean {
      const now = Date.now();
      if (last.type === type && now - last.at < doubleTapMs) return false;
      Object.assign(last, { type, at: now });
      return dispatch(noted(runId, { type }, 0, label)).ok;
    },
  };
}
export type Log = ReturnType<typeof useLog>;

function noted(runId: string, entry: NewEntry, agoMinutes: number, label?: string): Thunk<Kept> {
  const id = nanoid();
  return (dispatch, _getState, { now }) => {
    const at = (run: Run) =>
      new Date(runNow(run, now().getTime()) - agoMinutes * 60000).toISOString();
    return dispatch(
      changeRun(
        runId,
        (run) => ({ ...run, entries: [...run.entries, { at: at(run), ...entry, id } as Entry] }),
        label,
      ),
    );
  };
}
