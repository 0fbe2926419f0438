import type { Exercise } from "@/core/practice/exercise";
import type { Alarm, AlarmCode } from "@/core/run/alarms";
import { liveRun } from "@/logbook/run/liveRun";
import { runState } from "@/logbook/run/runState";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";
import { latestOf } from "./latestOf";
import { SampleFeed } from "./sampleFeed";

/** An alarm that rang: first when, and how urgent it was then. */
export interface Rang {
  code: AlarmCode;
  urgency: Alarm["urgency"];
  second: number;
}

/** Looks at an exercise as the cockpit would, with its instruments on their line; tells what rings each time. */
export function alarmWatch(run: Run, still: Still, litAt: number) {
  const feed = new SampleFeed(run.id);
  const first = new Map<string, Rang>();
  return {
    /** What rings now; entries are those that are noted by now. */
    look(played: Exercise, entries: readonly Entry[]): Alarm[] {
      const now = litAt + played.second * 1000;
      const at = new Date(now).toISOString();
      for (const sample of played.read()) feed.take(JSON.stringify({ at, ...sample }));
      const { alarms } = liveRun(run, runState(entries), now, { still, latest: latestOf(feed) });
      for (const { code, urgency } of alarms) {
        const key = `${code}/${urgency}`;
        if (!first.has(key)) first.set(key, { code, urgency, second: played.second });
      }
      return alarms;
    },
    /** All that has rung, the first first. */
    rang: (): Rang[] => [...first.values()].sort((a, b) => a.second - b.second),
  };
}
