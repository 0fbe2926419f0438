import type { ForecastRequest } from "../forecast/request";
import { runModel } from "../forecast/runModel";
import { playWatched } from "./playWatched";
import { watchRun, type Seen } from "./watchedRun";

const request: ForecastRequest = {
  method: "steam",
  material: { plantId: "clarysage", state: "fresh" },
  massG: 900,
  still: {
    heat: { powerW: 2000, kind: "plate" },
    lossWPerK: 1.5,
    vesselJPerK: 2000,
    dryLineMl: 500,
    holdUpMl: 0.15,
  },
  waterMl: 3500,
  site: { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 },
  stop: { perKg: 1 },
};
const nothing: Seen = { distillate: [], rates: [], oil: [], heat: [] };

test("a jar that fills as fast as full heat would fill it is explained: nobody turned the heat down", () => {
  const heat = { ...request.still.heat, runPowerW: 1100 };
  const gentle = { ...request, still: { ...request.still, heat } };
  const model = runModel(gentle);
  const full = model.steamGPerMin(model.efficiency, 2000);
  const distillate = [10, 20, 30].map((minutes) => ({ minutes, volumeMl: full * minutes }));
  const watched = watchRun(gentle, { ...nothing, distillate });
  expect(watched.doubts).toEqual([]);
  expect(watched.rateMlPerMin().p50).toBeGreaterThan(full * 0.9);
  const turned = { ...nothing, distillate, heat: [{ minutes: 0, powerW: 1100 }] };
  expect(watchRun(gentle, turned).doubts).toContain("moreSteam");
});

test("with nothing seen the watched forecast is the plan's", () => {
  const { at, effectiveRuns, doubts } = watchRun(request, nothing);
  expect(effectiveRuns).toBeCloseTo(1000, 6);
  expect(doubts).toEqual([]);
  const { p10, p50, p90 } = at(40).distilledMl;
  expect(p10).toBeLessThan(p50);
  expect(p50).toBeLessThan(p90);
});

test("in 120 simulated runs the 80 % range holds the truth in 70 to 90 %, and is narrower than the plan's", () => {
  const { held, narrower } = playWatched(request, 120, 11);
  expect(held).toBeGreaterThanOrEqual(0.7);
  expect(held).toBeLessThanOrEqual(0.9);
  expect(narrower).toBeLessThan(1);
});

test("half of the steam that every played run gives is not explained, and says so", () => {
  const rate = runModel(request).steamGPerMin(0.6);
  const leak: Seen = {
    ...nothing,
    distillate: [10, 20, 30].map((minutes) => ({ minutes, volumeMl: rate * 0.5 * minutes })),
  };
  expect(watchRun(request, leak).doubts).toContain("lessSteam");
  expect(watchRun(request, { ...nothing, minutesToBoil: 80 }).doubts).toContain("slowToBoil");
});

test("turned down to nothing, no more comes", () => {
  const { at } = watchRun(request, { ...nothing, heat: [{ minutes: 20, powerW: 0 }] });
  expect(at(60).distillateMl.p50).toBeCloseTo(at(20).distillateMl.p50, 6);
});
