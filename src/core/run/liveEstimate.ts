import type { Catches } from "../still/methods";
import { stopTimes, type EndsBy, type StopRule } from "../forecast/stopRules";

/** What is known of a run under way. Moments in milliseconds. */
export interface RunSoFar {
  stop: StopRule;
  chargeG: number;
  /** Where the distillate ends. */
  catches: Catches;
  /** What the jar or the bowl holds, mL; a trap never fills. */
  jarMl: number;
  /** Water above the dry line at the first drop by the plan, mL; Infinity where it flows back. */
  spendableMl: number;
  /** What the pot spends beside the distillate, as in a plant vessel that condenses steam on its walls, mL/min. */
  drainMlPerMin?: number;
  /** The rate at which the plan has worked out what can be spent, mL/min. */
  spendableAtMlPerMin?: number;
  /** Water added since, mL. */
  waterAddedMl: number;
  /** Distillate by the plan, mL/min. */
  plannedRateMlPerMin: number;
  firstDropAt: number;
  /** When ten more minutes earn too little by the plan's middle run, minutes from the first drop. */
  worthlessAtMinutes?: number;
  /** Measured distillate so far, by moment. */
  readings: readonly { at: number; volumeMl: number }[];
  /** When the heat was last changed: what was read before tells nothing of the rate since. */
  rateSince?: number;
  /** A scale reads the distillate: a rate is told from fewer minutes than an eye needs. */
  byScale?: boolean;
  /** When the jar in use was put under, and the distillate then where it was read. */
  jarStart: { at: number; volumeMl?: number };
}

/** Where a run stands now and what comes next. Minutes from now; negative when it is overdue. */
export interface LiveEstimate {
  rateMlPerMin: number;
  /** Whether the rate comes from readings or still from the plan. */
  measured: boolean;
  distillateMl: number;
  inJarMl: number;
  /** Water above the dry line, mL; Infinity, and never, where it flows back. */
  aboveDryLineMl: number;
  minutesToDryLine: number;
  minutesToJarFull: number;
  minutesToHeatOff: number;
  /** What will end the run. */
  endsBy: EndsBy;
}

/** A jar is swapped before it brims, a bowl is lifted out level: at this share of what it holds. */
export const fullShare: Record<Catches, number> = { jar: 0.9, trap: Infinity, bowl: 2 / 3 };
/* Readings closer than this tell more about the eye than about the rate. */
const shortestMinutes = 3;
/* A scale is good to some grams: so much has to come before it tells a rate, and in no less time. */
const byScaleMl = 25;
const byScaleMinutes = 1.5;

/** Carries the last reading on to now at the measured rate, or the plan's where nothing was read. */
export function liveEstimate(run: RunSoFar, now: number): LiveEstimate {
  const known = [
    { at: run.firstDropAt, volumeMl: 0 },
    ...run.readings.filter(({ at }) => at >= run.firstDropAt),
  ];
  const last = known[known.length - 1]!;
  const apart = run.byScale
    ? Math.min(shortestMinutes, Math.max(byScaleMinutes, byScaleMl / run.plannedRateMlPerMin))
    : shortestMinutes;
  const base = known.findLast(
    ({ at }) => minutesBetween(at, last.at) >= apart && at >= (run.rateSince ?? run.firstDropAt),
  );
  /* A jar that stays as it was is a reading too: nothing comes. One that went down is a slip. */
  const measured = base !== undefined && last.volumeMl >= base.volumeMl;
  const rateMlPerMin = measured
    ? (last.volumeMl - base.volumeMl) / minutesBetween(base.at, last.at)
    : run.plannedRateMlPerMin;
  const at = (moment: number) => {
    const next = known.find((reading) => reading.at > moment);
    const before = known.findLast((reading) => reading.at <= moment);
    /* Between two readings by both: the rate of now says nothing of an hour ago. */
    if (next && before)
      return (
        before.volumeMl +
        ((next.volumeMl - before.volumeMl) * (moment - before.at)) / (next.at - before.at)
      );
    return Math.max(0, last.volumeMl + rateMlPerMin * minutesBetween(last.at, moment));
  };
  const distillateMl = at(now);
  const inJarMl = Math.max(0, distillateMl - (run.jarStart.volumeMl ?? at(run.jarStart.at)));
  const drain = run.drainMlPerMin ?? 0;
  const since = minutesBetween(run.firstDropAt, now);
  /* The plan's spendable is of distillate alone: at another heat the drain takes another share of the water. */
  const waterMl =
    run.spendableMl * (1 + drain / (run.spendableAtMlPerMin ?? run.plannedRateMlPerMin));
  const aboveDryLineMl = waterMl + run.waterAddedMl - distillateMl - drain * Math.max(0, since);
  const until = (leftMl: number) =>
    rateMlPerMin > 0 ? leftMl / rateMlPerMin : leftMl > 0 ? Infinity : 0;
  const minutesToDryLine =
    rateMlPerMin + drain > 0 ? aboveDryLineMl / (rateMlPerMin + drain) : until(aboveDryLineMl);
  const ends: [LiveEstimate["endsBy"], number][] = [["reserve", minutesToDryLine]];
  const times = stopTimes(run.stop, {
    massG: run.chargeG,
    minutesTo: (volumeMl) => since + until(volumeMl - distillateMl),
    worthlessFrom: () => run.worthlessAtMinutes ?? Infinity,
  });
  for (const [rule, minutes] of Object.entries(times) as [EndsBy, number][])
    ends.push([rule, minutes - since]);
  const [endsBy, minutesToHeatOff] = ends.reduce((soonest, end) =>
    end[1] < soonest[1] ? end : soonest,
  );
  return {
    rateMlPerMin,
    measured,
    distillateMl,
    inJarMl,
    aboveDryLineMl,
    minutesToDryLine,
    minutesToJarFull: until(run.jarMl * fullShare[run.catches] - inJarMl),
    minutesToHeatOff,
    endsBy,
  };
}

function minutesBetween(from: number, to: number): number {
  return (to - from) / 60000;
}
