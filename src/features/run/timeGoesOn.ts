import { nanoid } from "nanoid";
import { showDuration } from "@/core";
import { clockFrom, runNow } from "@/records/runClock";
import { keep } from "@/store/changes";
import type { Thunk } from "@/store/store";

/**
 * Lets a run go on from another moment of its own time than the device's clock would have it, both in
 * milliseconds; the log says by how much the clock was moved.
 */
export function timeGoesOn(runId: string, from: (byClock: number) => number): Thunk {
  return (dispatch, getState, { now }) => {
    const run = getState().run.entities[runId];
    if (!run) return;
    const wallNow = now().getTime();
    const byClock = runNow(run, wallNow);
    const runAt = from(byClock);
    const by = showDuration(Math.abs(byClock - runAt) / 60000);
    const note = `The device's clock was put ${byClock < runAt ? "back" : "forward"} by ${by}; the run goes on in its own time.`;
    dispatch(
      keep({
        ...run,
        clock: clockFrom(run, runAt, wallNow),
        entries: [
          ...run.entries,
          { id: nanoid(), type: "note", at: new Date(runAt).toISOString(), note },
        ],
      }),
    );
  };
}
