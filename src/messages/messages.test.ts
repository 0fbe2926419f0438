import fc from "fast-check";
import { forecastRun } from "@/core/forecast/forecastRun";
import type { ForecastRequest } from "@/core/forecast/request";
import { stopRuleNames } from "@/core/forecast/stopRules";
import { plants } from "@/core/plant/catalogue";
import { watchRun } from "@/core/run/watchedRun";
import { methods } from "@/core/still/methods";
import { condenserSchema } from "./condenser";
import { forecastRangesSchema } from "./forecastMessages";
import { forecastRequestSchema, stopRuleSchema } from "./forecastRequest";
import { canBeSample, instrumentSampleSchema, simulationSchema } from "./instrumentMessages";
import { limits, within, type Limit } from "./limits";
import { day, moment } from "./moment";
import { probeTableSchema } from "./probeTable";
import { watchAnswerSchema, watchQuestionSchema } from "./watchMessages";

const request: ForecastRequest = {
  method: "steam",
  material: { plantId: "lavender", state: "fresh" },
  massG: 800,
  still: { heat: { powerW: 2000, efficiency: 0.5 }, lossWPerK: 1, dryLineMl: 500 },
  waterMl: 3500,
  stop: { perKg: 1 },
};
const anyRequest = fc.record({
  method: fc.constantFrom(...methods),
  material: fc.record({ plantId: fc.constantFrom(...plants.map(({ id }) => id)) }),
  massG: fc.double({ min: 1, max: 5000, noNaN: true }),
  still: fc.record({
    heat: fc.record({
      powerW: fc.double({ min: 0, max: 6000, noNaN: true }),
      efficiency: fc.double({ min: 0.05, max: 1, noNaN: true }),
    }),
    lossWPerK: fc.double({ min: 0, max: 5, noNaN: true }),
    dryLineMl: fc.double({ min: 0, max: 2000, noNaN: true }),
    holdUpMl: fc.double({ min: 0, max: 2, noNaN: true }),
    plantVesselLossWPerK: fc.double({ min: 0, max: 2, noNaN: true }),
  }),
  waterMl: fc.double({ min: 0, max: 12000, noNaN: true }),
  stop: fc.record({ minutes: fc.double({ min: 0, max: 400, noNaN: true }) }),
  cutsMl: fc.array(fc.double({ min: 0, max: 3000, noNaN: true }), { maxLength: 4 }),
  waterSaturation: fc.double({ min: 0, max: 1, noNaN: true }),
  hazeMlPerL: fc.double({ min: 0, max: 1, noNaN: true }),
  armMl: fc.double({ min: 0, max: 200, noNaN: true }),
});

test("whatever request the schema lets through, the core answers, and the answer passes its own border", () => {
  fc.assert(
    fc.property(anyRequest, (asked) => {
      const read = forecastRequestSchema.safeParse(asked);
      expect(read.error).toBeUndefined();
      const forecast = forecastRun(read.data!, { samples: 12, seed: 2 });
      expect(forecastRangesSchema.safeParse(forecast).error).toBeUndefined();
      expect(JSON.stringify(forecast)).not.toMatch(/NaN/);
      const { visibleMl, visibleAtOnceMl, distilledMl } = forecast.oil;
      expect(visibleAtOnceMl.p50).toBeLessThanOrEqual(visibleMl.p50 + 1e-9);
      expect(visibleMl.p50).toBeLessThanOrEqual(distilledMl.p50 + 1e-9);
      const inJars = forecast.cuts.reduce((sum, { oilG }) => sum + oilG, 0);
      expect(inJars).toBeCloseTo(forecast.curve.at(-1)!.oilG, 6);
    }),
    { numRuns: 120 },
  );
});

test.each([
  [{ massG: 0 }, "massG"],
  [{ massG: -5 }, "massG"],
  [{ waterMl: Infinity }, "waterMl"],
  [{ method: "magic" }, "method"],
  [{ stop: {} }, "stop"],
  [{ stop: { minutes: -1 } }, "stop.minutes"],
  [{ stop: { moon: 3 } }, "stop"],
  [{ waterSaturation: 1.2 }, "waterSaturation"],
  [{ cutsMl: [-4] }, "cutsMl.0"],
  [{ material: { plantId: "" } }, "material.plantId"],
  [{ still: { heat: { powerW: 2000, efficiency: 0 } } }, "still.heat.efficiency"],
  [{ site: { altitudeM: 9000 } }, "site.altitudeM"],
  [{ smell: "good" }, ""],
])("a request with %j is refused, and the fault is named", (part, path) => {
  const read = forecastRequestSchema.safeParse({ ...request, ...part });
  expect(read.success).toBe(false);
  expect(read.error!.issues.map((issue) => issue.path.join("."))).toContain(path);
});

test("a plan keeps every rule of the core, and leaves out one that this version does not know", () => {
  const all = Object.fromEntries(stopRuleNames.map((name) => [name, 1]));
  expect(stopRuleSchema.parse(all)).toEqual(all);
  expect(stopRuleSchema.parse({ perKg: 1, moon: 2 })).toEqual({ perKg: 1 });
});

test("a watched run's question and answer pass their borders, never-ending rules among them", () => {
  const seen = {
    minutesToBoil: 24,
    distillate: [{ minutes: 10, volumeMl: 240 }],
    rates: [],
    oil: [{ minutes: 10, volumeMl: 1.4 }],
    heat: [],
  };
  const question = { request, seen, now: 12, end: 33 };
  expect(watchQuestionSchema.parse(question)).toEqual(question);
  const watched = watchRun(request, seen, { samples: 60 });
  const answer = {
    now: watched.at(12),
    end: watched.at(33),
    fan: watched.fan(40),
    endsAt: watched.endsAt(),
    rateMlPerMin: watched.rateMlPerMin(),
    tenMoreMl: watched.tenMore(33),
    effectiveRuns: watched.effectiveRuns,
    doubts: watched.doubts,
  };
  expect(watchAnswerSchema.parse(answer)).toEqual(answer);
  expect(answer.endsAt.minutes.p50).toBe(Infinity);
  expect(watchAnswerSchema.safeParse({ ...answer, doubts: ["aliens"] }).success).toBe(false);
});

test.each([
  [{ kind: "tubCoil", tubL: 20, iceKg: 0 }, true],
  [{ kind: "recirculated", tubL: 20, iceKg: 2 }, true],
  [{ kind: "tap", riseK: 25 }, true],
  [{ kind: "iceLid", iceKg: 3 }, true],
  [{ kind: "tubCoil", tubL: 0, iceKg: 0 }, false],
  [{ kind: "tap" }, false],
  [{ kind: "snow" }, false],
])("the condenser %j is taken: %s", (condenser, taken) => {
  expect(condenserSchema.safeParse(condenser).success).toBe(taken);
});

test("a simulated still takes what a plan asks, and nothing it does not know", () => {
  const simulation = { request, seed: 1, speed: 20, litAt: "2026-06-01T10:00:00Z" };
  expect(simulationSchema.safeParse(simulation).success).toBe(true);
  expect(simulationSchema.safeParse({ ...simulation, speed: 500 }).success).toBe(false);
  expect(simulationSchema.safeParse({ ...simulation, extra: 1 }).success).toBe(false);
});

test("a sample that cannot be true is passed over, a true one is not", () => {
  const at = Date.UTC(2026, 5, 1);
  expect(canBeSample("head", at, 98.9)).toBe(true);
  expect(canBeSample("head", at, 1e12)).toBe(false);
  expect(canBeSample("distillate", at, -2000)).toBe(false);
  expect(canBeSample("tub", Date.UTC(3000, 0), 20)).toBe(false);
  const sample = { at: "2026-06-01T10:00:00Z", channel: "head", value: 98.9, unit: "°C" };
  expect(instrumentSampleSchema.safeParse(sample).success).toBe(true);
  expect(instrumentSampleSchema.safeParse({ ...sample, value: NaN }).success).toBe(false);
});

test("every limit's own ends are within it, and what lies beyond is not", () => {
  for (const limit of Object.values(limits) as Limit[]) {
    const number = within(limit);
    expect(number.safeParse(limit.max).success).toBe(true);
    expect(number.safeParse(limit.min).success).toBe(!limit.above);
    expect(number.safeParse(limit.max * 1.01 + 1).success).toBe(false);
    expect(number.safeParse(limit.min - 1).success).toBe(false);
    expect(number.safeParse(Infinity).success).toBe(false);
  }
});

test.each([
  ["2026-06-01T10:00:00Z", true],
  ["2026-06-01T12:00:00+02:00", true],
  ["2026-06-01", false],
  ["yesterday", false],
])("the moment %s is one: %s", (text, is) => {
  expect(moment.safeParse(text).success).toBe(is);
  expect(day.safeParse("2026-02-30").success).toBe(false);
  expect(day.safeParse("2026-02-28").success).toBe(true);
});

test("a table of texts is a header and rows, and nothing else", () => {
  expect(probeTableSchema.safeParse({ header: ["t"], rows: [["1"]] }).success).toBe(true);
  expect(probeTableSchema.safeParse({ header: ["t"], rows: [[1]] }).success).toBe(false);
});
