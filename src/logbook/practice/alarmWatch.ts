import type { Exercise } from "@/core/practice/exercise";
import type { Alarm, AlarmCode } from "@/core/run/alarms";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";
import { liveRun, type Latest } from "../run/liveRun";
import { runState } from "../run/runState";

/* As a line's feed does: the middle of the last few. */
const middleOf = 5;
/* One point a minute of the scale. */
const scaleEveryS = 60;
const scaleFromG = 15;

/** An alarm that rang: first when, and how urgent it became. */
export interface Rang {
  code: AlarmCode;
  urgency: Alarm["urgency"];
  second: number;
}

/** Looks at an exercise as the cockpit would, with its instruments on; tells what rings each time. */
export function alarmWatch(run: Run, still: Still, litAt: number) {
  const last: Record<string, number[]> = {};
  const distillate: { at: number; volumeMl: number }[] = [];
  const first = new Map<string, Rang>();
  return {
    /** What rings now; entries are those that are noted by now. */
    look(played: Exercise, entries: readonly Entry[]): Alarm[] {
      const now = litAt + played.second * 1000;
      for (const { channel, value } of played.read()) {
        (last[channel] ??= []).push(value);
        if (last[channel].length > middleOf) last[channel].shift();
        const before = distillate.at(-1);
        if (
          channel === "distillate" &&
          value >= scaleFromG &&
          now - (before?.at ?? 0) >= scaleEveryS * 1000
        )
          distillate.push({ at: now, volumeMl: Math.max(before?.volumeMl ?? 0, value) });
      }
      const state = runState(entries);
      const tubC = middle(last.tub);
      const latest: Latest = {
        headC: middle(last.head),
        outletC: middle(last.outlet),
        ...(tubC === undefined ? {} : { tub: { temperatureC: tubC, at: now } }),
        ...(distillate.length > 0 ? { distillate } : {}),
      };
      const { alarms } = liveRun(run, state, now, { still, latest });
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

function middle(values: readonly number[] = []): number | undefined {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
}
