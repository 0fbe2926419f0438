import type { ForecastRequest } from "./request";
import { forecastRun } from "./forecastRun";

const composition = { cineole: 0.5, limonene: 0.3, linalool: 0.2 };
const site = { altitudeM: 320, airC: 16, waterC: 16, coolingInC: 14, coolingOutC: 40 };

const steam: ForecastRequest = {
  method: "steam",
  material: {
    oilMlPerKg: { low: 9.045, high: 9.045 },
    composition,
    freeShare: 0.5,
    releasePerMinute: 0.02,
    washing: 3,
    moisture: 0.7,
  },
  massG: 800,
  still: {
    heat: { powerW: 2000, efficiency: 0.5 },
    lossWPerK: 1,
    vesselJPerK: 2000,
    dryLineMl: 500,
    holdUpMl: 0,
  },
  waterMl: 3500,
  site,
  stop: { distillateMl: 800 },
  suspendedShare: 0,
};
const hydro: ForecastRequest = {
  method: "hydro",
  material: {
    oilMlPerKg: { low: 13.567, high: 13.567 },
    composition,
    freeShare: 0.3,
    releasePerMinute: 0.01,
    washing: 3,
    moisture: 0.12,
  },
  massG: 300,
  still: {
    heat: { powerW: 1500, efficiency: 0.9 },
    lossWPerK: 1.5,
    vesselJPerK: 3000,
    dryLineMl: 500,
    holdUpMl: 0,
  },
  waterMl: 3000,
  site,
  stop: { minutes: 60 },
  suspendedShare: 0,
};

const within = (value: number, expected: number, share = 0.02) =>
  expect(Math.abs(value - expected)).toBeLessThanOrEqual(expected * share);
const oilAt = (request: ForecastRequest, minutes: number) =>
  forecastRun({ ...request, stop: { minutes } }).curve.at(-1)!.oilG;

test("worked example A: fresh leaves over steam, to 800 mL", () => {
  const run = forecastRun(steam);
  within(run.minutesToBoil!, 24.1);
  within(run.minutesToFirstDrop!, 28.2);
  within(run.distillateMl, 800);
  within(run.rateMlPerMin, 24.3);
  within(oilAt(steam, 10), 2.12);
  within(oilAt(steam, 20), 3.28);
  within(oilAt(steam, 30), 4.0);
  within(run.curve.at(-1)!.oilG, 4.16);
  within(run.oil.dissolvedG.p50, 1.6);
  within(run.oil.visibleMl.p50, 2.9);
  within(run.oilDensityGPerMl, 0.884);
  expect(run.stoppedBy).toBe("distillateMl");
  expect(run.warnings).toEqual([]);
});

test("worked example B: dry herb in water, an hour, and no oil to be seen", () => {
  const run = forecastRun(hydro);
  within(run.minutesToBoil!, 17.4);
  within(run.minutesToFirstDrop!, 17.4);
  within(run.distillateMl, 1953);
  within(run.rateMlPerMin, 32.6);
  within(oilAt(hydro, 10), 1.21);
  within(oilAt(hydro, 20), 1.47);
  within(oilAt(hydro, 30), 1.67);
  within(run.curve.at(-1)!.oilG, 2.17);
  within(run.oil.dissolvedG.p50, 2.17);
  expect(run.oil.visibleMl).toEqual({ p10: 0, p50: 0, p90: 0 });
  expect(run.warnings.map(({ code }) => code)).toContain("noOilToSee");
});

test("about 70 % of a usual run's oil comes in its first third", () => {
  const run = forecastRun({
    ...steam,
    material: { plantId: "lavender" },
    stop: { minutes: 75 },
    waterMl: 4500,
  });
  const share =
    oilAt({ ...steam, material: { plantId: "lavender" }, waterMl: 4500 }, 25) /
    run.curve.at(-1)!.oilG;
  expect(share).toBeGreaterThan(0.6);
  expect(share).toBeLessThan(0.8);
});
