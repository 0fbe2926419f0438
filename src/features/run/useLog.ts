import { useMemo, useState } from "react";
import type { NewEntry } from "@/logbook/run/withEntry";
import { appendEntry } from "@/store/appendEntry";
import type { Kept } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import type { AppDispatch } from "@/store/store";

/* A second tap this soon is the same wet thumb. */
const doubleTapMs = 1500;

/** What one tap alone says. */
export type Tapped = "boiling" | "firstDrop" | "jarSwapped" | "lidTended" | "looked" | "heatOff";

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
    ): Kept & { entryId?: string } {
      return dispatch(appendEntry(runId, entry, { agoMinutes, label }));
    },
    /**
     * Notes that something happened just now; it can be taken back. A double tap counts once:
     * false says that nothing was noted.
     */
    tap(type: Tapped, label: string): boolean {
      const now = Date.now();
      if (last.type === type && now - last.at < doubleTapMs) return false;
      Object.assign(last, { type, at: now });
      return dispatch(appendEntry(runId, { type }, { label })).ok;
    },
  };
}
export type Log = ReturnType<typeof useLog>;
