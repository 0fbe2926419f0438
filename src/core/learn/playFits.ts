import { draws, middleDraw } from "../forecast/draws";
import { oilBalance } from "../forecast/oilBalance";
import type { ForecastRequest } from "../forecast/request";
import { runModel } from "../forecast/runModel";
import { courseOf } from "../forecast/simulate";
import { normalStream } from "../statistics/chance";
import { fitRun, fitted, type Fitted } from "./fit";

/** How well fits find figures that are known. */
export interface FitScore {
  /** Share of the runs whose true figure lay in the stated 8-in-10 range. */
  held: Record<Fitted, number>;
  /** Middle miss of the oil content, share of itself. */
  contentMiss: number;
}

const moments = [4, 8, 14, 22, 32, 45, 60, 80, 110];
const noise = 0.05;

/** Plays runs by chance, reads each nine times with a twentieth of noise, fits them, and holds each fit against the truth. */
export function playFits(request: ForecastRequest, runs: number, seed: number): FitScore {
  const model = runModel(request);
  const normal = normalStream(seed + 1);
  const middle = middleDraw(model);
  const held = Object.fromEntries(fitted.map((name) => [name, 0])) as Record<Fitted, number>;
  const misses: number[] = [];
  for (const draw of draws(model, runs, seed)) {
    const steamGPerMin = model.steamGPerMin(draw.efficiency);
    const { oilMlPerKg, freeShare, releasePerMinute, waterSaturation } = draw;
    const truth = { oilMlPerKg, freeShare, releasePerMinute, waterSaturation };
    const played = { ...middle, ...truth };
    const course = courseOf(model, played, [{ from: 0, steamGPerMin }]);
    const readings = moments.flatMap((minutes) => {
      const distillateMl = steamGPerMin * minutes;
      const jar = { grams: course.over(minutes), distillateMl };
      const oilMl = oilBalance(model, [jar], played).visibleAtOnceMl;
      const read = (value: number) => Math.max(0, value * (1 + noise * normal()));
      return [
        { minutes, oilMl: read(oilMl) },
        { minutes, distillateMl: read(distillateMl) },
      ];
    });
    const { parameters } = fitRun(request, readings);
    const known: Record<Fitted, number> = { ...truth, rateMlPerMin: steamGPerMin };
    for (const name of fitted)
      if (parameters[name].p10 <= known[name] && known[name] <= parameters[name].p90)
        held[name] += 1 / runs;
    misses.push(Math.abs(parameters.oilMlPerKg.p50 / oilMlPerKg - 1));
  }
  misses.sort((a, b) => a - b);
  return { held, contentMiss: misses[Math.floor(misses.length / 2)] ?? 0 };
}
