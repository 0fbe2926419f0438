import type { Seen } from "@/core/run/watchedRun";
import type { Latest } from "./liveRun";
import type { RunState } from "./runState";

const minute = 60000;

/** What the log and the instruments say of a run, as the live forecast takes it. */
export function seenOf(state: RunState, latest: Latest = {}): Seen {
  const { litAt, boilingAt, firstDropAt, readings, heat } = state;
  /* Until the first drop is noted nobody knows how long after it something was read: it counts as before it. */
  const after = (at: number) => (at - (firstDropAt ?? Infinity)) / minute;
  const read = <T>(pick: (reading: RunState["readings"][number]) => T | undefined) =>
    readings.flatMap((reading) => {
      const value = pick(reading);
      const minutes = after(Date.parse(reading.at));
      return value === undefined || minutes < 0 ? [] : [{ minutes, value }];
    });
  const scale = (latest.distillate ?? []).map(({ at, volumeMl }) => ({
    minutes: after(at),
    volumeMl,
  }));
  const byHand = read(({ distillateMl }) => distillateMl).map(({ minutes, value }) => ({
    minutes,
    volumeMl: value,
  }));
  /* A boil on another heat than the plan's says nothing of the plan's efficiency. */
  const asPlanned = (until: number) => !heat.some(({ at }) => at < until);
  return {
    ...(litAt !== undefined && boilingAt !== undefined && asPlanned(boilingAt)
      ? { minutesToBoil: (boilingAt - litAt) / minute }
      : {}),
    ...(litAt !== undefined && firstDropAt !== undefined && asPlanned(firstDropAt)
      ? { minutesToFirstDrop: (firstDropAt - litAt) / minute }
      : {}),
    distillate: [...byHand, ...scale]
      .filter(({ minutes }) => minutes > 0)
      .sort((a, b) => a.minutes - b.minutes),
    rates: read(({ rateMlPerMin }) => rateMlPerMin).map(({ minutes, value }) => ({
      minutes,
      mlPerMin: value,
    })),
    oil: read(({ oilMl }) => oilMl).map(({ minutes, value }) => ({ minutes, volumeMl: value })),
    heat:
      firstDropAt === undefined
        ? []
        : heat.map(({ at, powerW }) => ({ minutes: Math.max(0, after(at)), powerW })),
  };
}
