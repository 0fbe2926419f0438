import fc from "fast-check";
import { forecastRun } from "./forecastRun";
import type { ForecastRequest } from "./request";

const request: ForecastRequest = {
  method: "steam",
  material: { plantId: "lavender", state: "fresh" },
  massG: 800,
  still: {
    heat: { powerW: 2000, efficiency: 0.5 },
    lossWPerK: 1,
    vesselJPerK: 2000,
    dryLineMl: 500,
    holdUpMl: 0.2,
  },
  waterMl: 3500,
  site: { altitudeM: 320, airC: 16, waterC: 16, coolingInC: 14, coolingOutC: 40 },
  stop: { perKg: 1 },
};

test("the same seed gives the same answer, another seed another", () => {
  const one = forecastRun(request, { samples: 100, seed: 3 });
  expect(forecastRun(request, { samples: 100, seed: 3 })).toEqual(one);
  expect(forecastRun(request, { samples: 100, seed: 4 }).oil).not.toEqual(one.oil);
});

test("an inline material without a range is a run without chance", () => {
  const certain = forecastRun({
    ...request,
    material: {
      oilMlPerKg: { low: 8, high: 8 },
      composition: { limonene: 1 },
      freeShare: 0.5,
      releasePerMinute: 0.02,
      moisture: 0.7,
    },
  });
  expect(certain.oil.distilledMl.p10).toBe(certain.oil.distilledMl.p90);
});

test("the first limit ends the run, the dry line always among them", () => {
  expect(forecastRun({ ...request, stop: { minutes: 20, perKg: 1 } }).stoppedBy).toBe("minutes");
  expect(forecastRun({ ...request, stop: { distillateMl: 300, minutes: 90 } }).stoppedBy).toBe(
    "distillateMl",
  );
  expect(forecastRun({ ...request, stop: { minutes: 900 } }).stoppedBy).toBe("reserve");
  const worth = forecastRun({ ...request, stop: { worthMlPer10Min: 0.3 } });
  expect(worth.stoppedBy).toBe("worthMlPer10Min");
  const lastTen = forecastRun({ ...request, stop: { minutes: worth.runMinutes + 10 } });
  const gained = (lastTen.curve.at(-1)!.oilG - worth.curve.at(-1)!.oilG) / worth.oilDensityGPerMl;
  expect(gained).toBeCloseTo(0.3, 2);
});

test.each([
  ["no power", { still: { ...request.still, heat: { powerW: 0 } } }, "neverBoils"],
  ["a dry line above the water", { still: { ...request.still, dryLineMl: 4000 } }, "dryBeforeStop"],
  ["a heat that the loss eats", { still: { ...request.still, lossWPerK: 50 } }, "neverBoils"],
])("%s is a warning, never a broken number", (_, part, code) => {
  const forecast = forecastRun({ ...request, ...part }, { samples: 20 });
  expect(forecast.warnings.map((warning) => warning.code)).toContain(code);
  expect(JSON.stringify(forecast)).not.toMatch(/NaN|Infinity/);
  expect(forecast.distillateMl).toBe(0);
});

test.each([
  [{ massG: -1 }, "massG must be 0 or more, got -1"],
  [{ waterMl: NaN }, "waterMl must be 0 or more"],
  [{ material: { plantId: "moonflower" } }, "no plant is called moonflower"],
  [
    { material: { plantId: "sweetfennel", state: "fresh" as const } },
    "Sweet fennel seed has no figures for fresh plant",
  ],
])("%j is refused by name", (part, message) => {
  expect(() => forecastRun({ ...request, ...part })).toThrow(message);
});

test("balances close, percentiles are in order, curves never fall", () => {
  fc.assert(
    fc.property(
      fc.record({
        massG: fc.double({ min: 1, max: 5000, noNaN: true }),
        waterMl: fc.double({ min: 0, max: 20000, noNaN: true }),
        powerW: fc.double({ min: 0, max: 6000, noNaN: true }),
        minutes: fc.double({ min: 0, max: 500, noNaN: true }),
        method: fc.constantFrom("steam" as const, "hydro" as const),
      }),
      ({ massG, waterMl, powerW, minutes, method }) => {
        const run = forecastRun(
          {
            ...request,
            method,
            massG,
            waterMl,
            stop: { minutes },
            still: { ...request.still, heat: { powerW, efficiency: 0.8 } },
          },
          { samples: 30 },
        );
        for (const { p10, p50, p90 } of [...Object.values(run.oil), ...run.fan]) {
          expect(p10).toBeLessThanOrEqual(p50);
          expect(p50).toBeLessThanOrEqual(p90);
        }
        run.curve
          .slice(1)
          .forEach((point, i) =>
            expect(point.oilG).toBeGreaterThanOrEqual(run.curve[i]!.oilG - 1e-9),
          );
        expect(run.distillateMl).toBeLessThanOrEqual(Math.max(0, waterMl - 500) + 1e-6);
        expect(run.recovery).toBeLessThanOrEqual(1 + 1e-9);
        const certain = forecastRun(
          { ...request, method, massG, waterMl, stop: { minutes } },
          { samples: 1 },
        );
        const { distilledMl, dissolvedG, suspendedMl, visibleMl } = certain.oil;
        const undissolved = distilledMl.p50 - dissolvedG.p50 / certain.oilDensityGPerMl;
        expect(visibleMl.p50).toBeCloseTo(Math.max(0, undissolved - suspendedMl.p50 - 0.2), 6);
      },
    ),
    { numRuns: 60 },
  );
});

test("more steam never gives less oil in the same time", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 600, max: 4000, noNaN: true }),
      fc.double({ min: 1, max: 60, noNaN: true }),
      (powerW, minutes) => {
        const oil = (watts: number) =>
          forecastRun(
            {
              ...request,
              waterMl: 20000,
              stop: { minutes },
              still: { ...request.still, heat: { powerW: watts, efficiency: 0.9 } },
            },
            { samples: 1 },
          ).curve.at(-1)!.oilG;
        expect(oil(powerW * 1.3)).toBeGreaterThanOrEqual(oil(powerW) - 1e-9);
      },
    ),
  );
});

test("where the hydrosol flows back, the pot keeps its water and only that takes its share of the oil", () => {
  const bay = {
    ...request,
    material: { plantId: "baylaurel" },
    waterMl: 2500,
    stop: { minutes: 90 },
  };
  const through = forecastRun({ ...bay, method: "hydro" }, { samples: 1 });
  const back = forecastRun(
    { ...bay, method: "cohobation", stop: { minutes: 240 } },
    { samples: 1 },
  );
  expect(through.stoppedBy).toBe("reserve");
  expect(back.stoppedBy).toBe("minutes");
  expect(back.minutesToDryLine).toBeNull();
  expect(back.potLeftMl).toBeGreaterThan(through.potLeftMl);
  expect(back.oil.dissolvedG.p50 / back.oilDensityGPerMl).toBeLessThan(back.oil.distilledMl.p50);
  const long = forecastRun(
    { ...bay, method: "cohobation", stop: { minutes: 480 } },
    { samples: 1 },
  );
  expect(long.oil.dissolvedG.p50).toBeCloseTo(back.oil.dissolvedG.p50, 6);
  expect(long.oil.visibleMl.p50).toBeGreaterThan(back.oil.visibleMl.p50);
});

test("a bowl under an iced lid is plant in water, caught above it", () => {
  const bowl = forecastRun({ ...request, method: "bowl" }, { samples: 1 });
  expect(bowl.oil).toEqual(forecastRun({ ...request, method: "hydro" }, { samples: 1 }).oil);
  expect(bowl.cooling.iceKg).toBeCloseTo(0.8 * 7.6, 0);
});
