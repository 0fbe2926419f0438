import { draws } from "../forecast/draws";
import { oilBalance } from "../forecast/oilBalance";
import type { ForecastRequest } from "../forecast/request";
import { runModel } from "../forecast/runModel";
import { simulate } from "../forecast/simulate";
import { normalStream } from "../statistics/chance";
import { watchRun, type Seen } from "./watchedRun";

/** How well a watched forecast does over many runs whose end is known. */
export interface WatchedScore {
  /** Share of runs whose oil lay in the watched 80 % range. */
  held: number;
  /** Width of the watched range against the plan's, on average. */
  narrower: number;
  /** Share of runs whose oil lay in the plan's range. */
  heldByPlan: number;
}

/* How a person reads: a clock to a minute or so, a jar to 2 %, a film to a tenth. */
const noise = { time: 0.03, jar: 0.02, oil: 0.12 };

/** Plays runs by chance, reads each three times as a person would, and holds the range against the end. */
export function playWatched(request: ForecastRequest, runs: number, seed: number): WatchedScore {
  const model = runModel(request);
  const normal = normalStream(seed + 1);
  const read = (value: number, share: number) => Math.max(0, value * (1 + share * normal()));
  const planned = watchRun(request, { distillate: [], rates: [], oil: [], heat: [] });
  let [held, heldByPlan, narrower] = [0, 0, 0];
  for (const draw of draws(model, runs, seed)) {
    const truth = simulate(model, draw);
    const end = truth.runMinutes;
    const oilMl = truth.distilledMl;
    const seenAt = (minutes: number) =>
      oilBalance(
        model,
        [{ grams: truth.course.over(minutes), distillateMl: truth.rateMlPerMin * minutes }],
        draw,
      ).visibleAtOnceMl;
    const moments = [0.15, 0.35, 0.55].map((share) => share * end);
    const seen: Seen = {
      minutesToBoil: read(truth.minutesToBoil, noise.time),
      minutesToFirstDrop: read(truth.minutesToFirstDrop, noise.time),
      distillate: moments.map((minutes) => ({
        minutes,
        volumeMl: read(truth.rateMlPerMin * minutes, noise.jar),
      })),
      rates: [],
      oil: moments.map((minutes) => ({ minutes, volumeMl: read(seenAt(minutes), noise.oil) })),
      heat: [],
    };
    const range = watchRun(request, seen).at(end).distilledMl;
    const before = planned.at(end).distilledMl;
    if (range.p10 <= oilMl && oilMl <= range.p90) held += 1;
    if (before.p10 <= oilMl && oilMl <= before.p90) heldByPlan += 1;
    narrower += (range.p90 - range.p10) / (before.p90 - before.p10) / runs;
  }
  return { held: held / runs, heldByPlan: heldByPlan / runs, narrower };
}
