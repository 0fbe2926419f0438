import type { TimedAct } from "@/core/practice/acts";
import { exercise, inTurn, type ExerciseAsk } from "@/core/practice/exercise";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";
import { alarmWatch, type Rang } from "./alarmWatch";

const lookEvery = 20;

/** What the cockpit's alarms say while an exercise is played again: each first when. */
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
  const play = inTurn(acts);
  let noted = run.entries.slice(0, 0);
  for (let at = 0; at <= endSecond; at += lookEvery) {
    play(at, played);
    const now = litAt + at * 1000;
    const entries = run.entries.filter((entry) => Date.parse(entry.at) <= now);
    /* A log that has not grown is the same log: its state is known. */
    if (entries.length > noted.length) noted = entries;
    watch.look(played, noted);
  }
  return watch.rang();
}
