import { exercise, type ExerciseAsk } from "@/core/practice/exercise";
import type { TimedAct } from "@/core/practice/acts";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";
import { alarmWatch, type Rang } from "./alarmWatch";

const lookEvery = 20;

/** What the cockpit's alarms said while an exercise was played: each first when. */
export function rungAlarms(
  run: Run,
  still: Still,
  ask: ExerciseAsk,
  acts: readonly TimedAct[],
  endSecond: number,
): Rang[] {
  const litAt = Date.parse(run.entries[0]?.at ?? run.createdAt);
  const played = exercise(ask);
  const watch = alarmWatch(run, still, litAt);
  const queue = [...acts].sort((a, b) => a.second - b.second);
  for (let at = 0; at <= endSecond; at += lookEvery) {
    while (queue[0] && queue[0].second <= at) {
      const { second, ...act } = queue.shift()!;
      played.advanceTo(second);
      played.act(act);
    }
    played.advanceTo(at);
    const now = litAt + at * 1000;
    watch.look(
      played,
      run.entries.filter((entry) => Date.parse(entry.at) <= now),
    );
  }
  return watch.rang();
}
