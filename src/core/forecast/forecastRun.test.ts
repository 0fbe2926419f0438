import { rateAtPower } from "./simulate";
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

test("a fire that hardly boils and one that tears through the plant are said, each with its own figures", () => {
  const warned = (powerW: number, massG = 300) =>
    forecastRun(
      { ...request, massG, still: { heat: { powerW, efficiency: 0.4 }, lossWPerK: 1 } },
      { samples: 1 },
    ).warnings.find(({ code }) => code === "barelyBoils" || code === "tooMuchHeat");
  expect(warned(208)).toMatchObject({ code: "barelyBoils", severity: "error" });
  expect(warned(240)).toMatchObject({ code: "barelyBoils", severity: "caution" });
  expect(warned(20_000)).toMatchObject({
    code: "tooMuchHeat",
    severity: "error",
    mostMlPerMin: 30,
    change: { pace: "gentle" },
  });
  expect(warned(2000)).toBeUndefined();
  /* A field's vessel takes what would be absurd in a kitchen. */
  expect(warned(20_000, 40_000)).toBeUndefined();
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
        expect(endless(run.warnings)).toEqual([]);
        const certain = forecastRun(
          { ...request, method, massG, waterMl, stop: { minutes } },
          { samples: 1 },
        );
        const { distilledMl, suspendedMl, visibleMl, visibleAtOnceMl } = certain.oil;
        expect(visibleMl.p50).toBeLessThanOrEqual(distilledMl.p50 + 1e-9);
        expect(visibleAtOnceMl.p50).toBeLessThanOrEqual(visibleMl.p50 + 1e-9);
        expect(visibleAtOnceMl.p50 + suspendedMl.p50).toBeLessThanOrEqual(distilledMl.p50 + 1e-9);
        for (const { distilledG, dissolvedG } of Object.values(certain.compounds))
          expect(dissolvedG).toBeLessThanOrEqual(distilledG + 1e-9);
      },
    ),
    { numRuns: 60 },
  );
});

test("a stop that never comes lacks a told amount of water, not an endless one", () => {
  for (const stop of [{ perKg: 1e6 }, { distillateMl: 1e9 }, { minutes: 1e6 }]) {
    const { warnings } = forecastRun({ ...request, stop, waterMl: 3000 }, { samples: 5 });
    expect(endless(warnings)).toEqual([]);
  }
});

/** Figures of warnings that are none. */
function endless(warnings: readonly object[]): string[] {
  const found: string[] = [];
  JSON.stringify(warnings, (name, value: unknown) => {
    if (typeof value === "number" && !Number.isFinite(value)) found.push(name);
    return value;
  });
  return found;
}

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

test("where the hydrosol flows back, the pot keeps its water and only the receiver's arm takes oil", () => {
  const bay = {
    ...request,
    material: { plantId: "baylaurel" },
    waterMl: 2500,
    stop: { minutes: 90 },
  };
  const through = forecastRun({ ...bay, method: "hydro" }, { samples: 1 });
  const back = (minutes: number) =>
    forecastRun({ ...bay, method: "cohobation", stop: { minutes } }, { samples: 1 });
  const [four, eight] = [back(240), back(480)];
  expect(through.stoppedBy).toBe("reserve");
  expect(four.stoppedBy).toBe("minutes");
  expect(four.minutesToDryLine).toBeNull();
  expect(four.potLeftMl).toBeGreaterThan(through.potLeftMl);
  expect(four.oil.dissolvedG.p50).toBeLessThan(0.05);
  expect(eight.oil.dissolvedG.p50).toBeLessThan(0.05);
  expect(eight.oil.visibleMl.p50).toBeGreaterThan(four.oil.visibleMl.p50);
});

test("a bowl under an iced lid catches three fifths of the steam and two fifths of the oil", () => {
  const bowl = forecastRun({ ...request, method: "bowl", stop: { minutes: 30 } }, { samples: 1 });
  const hydro = forecastRun({ ...request, method: "hydro", stop: { minutes: 30 } }, { samples: 1 });
  expect(bowl.distillateMl).toBeCloseTo(0.6 * hydro.distillateMl, 6);
  expect(bowl.oil.distilledMl.p50).toBeCloseTo(0.4 * hydro.oil.distilledMl.p50, 2);
  expect(bowl.condensedMl).toBeCloseTo(hydro.distillateMl, 6);
  expect(bowl.cooling.iceKg).toBeCloseTo(hydro.cooling.iceKg, 6);
});

test("what condenses in a plant vessel of its own is spent by the boiler and never comes over", () => {
  const alone = forecastRun({ ...request, stop: { minutes: 30 } }, { samples: 1 });
  const vessel = forecastRun(
    { ...request, stop: { minutes: 30 }, still: { ...request.still, plantVesselLossWPerK: 0.5 } },
    { samples: 1 },
  );
  expect(vessel.distillateMl).toBeCloseTo(alone.distillateMl, 6);
  /* 0.5 W/K over 83 K is 41 W, and 41 W condense a gram of steam in 55 s. */
  expect(alone.potLeftMl - vessel.potLeftMl).toBeCloseTo((30 * 60) / 54.7, 0);
  expect(vessel.minutesToDryLine!).toBeLessThan(alone.minutesToDryLine!);
});

test.each([
  ["a cut at the start", [0]],
  ["a cut beyond the end", [1e6]],
  ["cuts out of order, one twice", [500, 100, 500]],
  ["no cut", []],
])("%s: the jars still balance with the whole", (_, cutsMl) => {
  const run = forecastRun({ ...request, cutsMl }, { samples: 1 });
  const inJars = run.cuts.reduce((sum, { oilG }) => sum + oilG, 0);
  expect(inJars).toBeCloseTo(run.curve.at(-1)!.oilG, 6);
  expect(run.cuts.at(-1)!.toMl).toBeCloseTo(run.distillateMl, 6);
  run.cuts.forEach(({ fromMl, toMl, composition }) => {
    expect(toMl).toBeGreaterThan(fromMl);
    const shares = Object.values(composition).reduce((sum, share) => sum + share, 0);
    expect(shares).toBeCloseTo(1, 6);
  });
});

test("at the plan's own power the rate is the plan's, whichever way it is distilled", () => {
  for (const method of ["steam", "hydro", "bowl"] as const) {
    const run = forecastRun({ ...request, method }, { samples: 1 });
    const { powerW } = request.still.heat;
    expect(rateAtPower({ ...request, method }, powerW)).toBeCloseTo(run.rateMlPerMin, 9);
    expect(rateAtPower({ ...request, method }, powerW / 2)).toBeLessThan(run.rateMlPerMin / 2);
  }
});
