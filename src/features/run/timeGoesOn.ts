import { showDuration } from "@/core/units/format";
import { t } from "@/language/t";
import { clockFrom, runNow } from "@/logbook/run/runClock";
import { withEntry } from "@/logbook/run/withEntry";
import { changeRun } from "@/store/changes";
import type { Thunk } from "@/store/store";

/**
 * Lets a run go on from another moment of its own time than the device's clock would have it, both in
 * milliseconds; the log says by how much the clock was moved.
 */
export function timeGoesOn(runId: string, from: (byClock: number) => number): Thunk {
  return (dispatch, _getState, { now }) => {
    const wallNow = now().getTime();
    dispatch(
      changeRun(runId, (run) => {
        const byClock = runNow(run, wallNow);
        const runAt = from(byClock);
        const by = showDuration(Math.abs(byClock - runAt) / 60000);
        const note =
          byClock < runAt
            ? t`The device's clock was put back by ${by}; the run goes on in its own time.`
            : t`The device's clock was put forward by ${by}; the run goes on in its own time.`;
        const clock = clockFrom(run, runAt, wallNow);
        return withEntry({ ...run, clock }, { type: "note", note }, wallNow);
      }),
    );
  };
}
