import fc from "fast-check";
import { plantById } from "@/core/plant/catalogue";
import { steamRequest } from "@/testing/steamRequest";
import { p90Deviations } from "../statistics/chance";
import { measuringDeviation, shareBetweenHarvests, spreadOf } from "../statistics/ownRuns";
import { compareRuns, courseOfRun, differingIn, type RunToCompare } from "./compareRuns";

const lavender = plantById("lavender")!;
const run = (part: Partial<RunToCompare> = {}): RunToCompare => ({
  request: steamRequest(),
  plant: lavender,
  state: "fresh",
  moisture: lavender.states.fresh!.moisture,
  stillId: "still-a",
  oilMl: 6,
  minutes: 60,
  distillateMl: 1500,
  outlet: [],
  ...part,
});

test("two runs that are alike differ in nothing, and the whole difference is unexplained", () => {
  const compared = compareRuns(run(), run({ oilMl: 7.5 }));
  expect(compared.parts).toEqual([]);
  expect(compared.model).toBe(1);
  expect(compared.seen).toBeCloseTo(1.25, 9);
  expect(compared.unexplained).toBeCloseTo(1.25, 9);
});

test("what is longer gives more, what had lain gives less, a warm outlet loses", () => {
  const ratioOf = (b: Partial<RunToCompare>, a: Partial<RunToCompare> = {}) => {
    const { parts } = compareRuns(run(a), run(b));
    expect(parts).toHaveLength(1);
    return parts[0]!;
  };
  /* A tenth of the time with a tenth of the water: the steam is the same. */
  expect(ratioOf({ minutes: 6, distillateMl: 150 })).toMatchObject({ aspect: "time" });
  expect(ratioOf({ minutes: 6, distillateMl: 150 }).ratio).toBeLessThan(0.99);
  const dried = { state: "dried" as const, moisture: lavender.states.dried!.moisture };
  const old = ratioOf({ ...dried, agedMonths: 12 }, dried);
  expect(old.aspect).toBe("age");
  expect(old.ratio).toBeGreaterThan(0.6);
  expect(old.ratio).toBeLessThan(0.85);
  const warm = ratioOf({ outlet: [{ minutes: 60, celsius: 60 }] });
  expect(warm).toMatchObject({ aspect: "outlet" });
  expect(warm.ratio).toBeLessThan(0.95);
  expect(ratioOf({ settledShare: 0.2 }).ratio).toBeLessThan(1);
});

test("the parts multiply to the model's whole, and turning the two round turns each", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 15, max: 120, noNaN: true }),
      fc.double({ min: 10, max: 40, noNaN: true }),
      fc.double({ min: 300, max: 900, noNaN: true }),
      fc.constantFrom("fresh" as const, "dried" as const),
      fc.constantFrom("withStems", "leavesOnly", "whole"),
      (minutes, rate, massG, state, preparation) => {
        const b = run({
          minutes,
          distillateMl: minutes * rate,
          request: steamRequest({ massG }),
          state,
          moisture: lavender.states[state]!.moisture,
          preparation,
        });
        const there = compareRuns(run(), b);
        const back = compareRuns(b, run());
        /* What is the same to two digits is not told, and stays as the first run has it. */
        expect(there.model * back.model).toBeCloseTo(1, 1);
        expect(there.parts.reduce((product, { ratio }) => product * ratio, 1)).toBeCloseTo(
          there.model,
          9,
        );
        there.parts.forEach(({ aspect, ratio }) => {
          const other = back.parts.find((part) => part.aspect === aspect)!;
          expect(ratio * other.ratio).toBeCloseTo(1, 1);
        });
        expect(there.parts.map(({ aspect }) => aspect)).toEqual(differingIn(run(), b));
      },
    ),
    { numRuns: 40 },
  );
});

test("a run that gave nothing has no ratio, and halves of one harvest are held to a narrower remainder", () => {
  expect(compareRuns(run(), run({ oilMl: 0 })).seen).toBeUndefined();
  const halves = compareRuns(run({ harvestId: "h" }), run({ harvestId: "h" }));
  const apart = compareRuns(run({ harvestId: "h" }), run({ harvestId: "i" }));
  expect(halves.usualRemainder).toBeCloseTo(Math.exp(1.2816 * 0.25), 3);
  expect(apart.usualRemainder).toBeGreaterThan(halves.usualRemainder);
});

test("a run's course rises to what was measured", () => {
  const course = courseOfRun(run());
  expect(course[0]).toEqual({ minutes: 0, distillateMl: 0, oilMl: 0 });
  expect(course.at(-1)!.oilMl).toBeCloseTo(6, 1);
  /* Late water takes more into solution than comes: the visible oil may fall by a hair. */
  course.slice(1).forEach(({ oilMl }, i) => expect(oilMl).toBeGreaterThan(course[i]!.oilMl * 0.99));
});

test("oil is told for a kilogram of dry matter, and the unexplained is what the model leaves of it", () => {
  const a = run({ request: steamRequest({ massG: 700 }), moisture: 0.7, oilMl: 6 });
  const b = run({ request: steamRequest({ massG: 1400 }), moisture: 0.4, oilMl: 6, minutes: 30 });
  const { seen, model, unexplained } = compareRuns(a, b);
  /* 210 g dry against 840 g. */
  expect(seen).toBeCloseTo(0.25, 9);
  expect(model).not.toBeCloseTo(1, 2);
  expect(unexplained).toBeCloseTo(0.25 / model, 9);
});

test.each([
  [0, 6],
  [6, 0],
])("without oil on one side (%d, %d mL) nothing is seen", (a, b) => {
  const compared = compareRuns(run({ oilMl: a }), run({ oilMl: b }));
  expect(compared).not.toHaveProperty("seen");
  expect(compared).not.toHaveProperty("unexplained");
});

test("runs differ in age only where they were dried, in their still by its place too, in their charge by dry matter", () => {
  expect(differingIn(run({ agedMonths: 2 }), run({ agedMonths: 9 }))).toEqual([]);
  const dried = (agedMonths: number) => run({ state: "dried", moisture: 0.1, agedMonths });
  expect(differingIn(dried(2), dried(9))).toEqual(["age"]);
  const at = (site: RunToCompare["request"]["site"]) =>
    run({ request: { ...steamRequest(), site } });
  expect(differingIn(at({ altitudeM: 0 }), at({ altitudeM: 1500 }))).toEqual(["still"]);
  expect(differingIn(at({ pressurePa: 101_325 }), at({ pressurePa: 90_000 }))).toEqual(["still"]);
  expect(differingIn(run(), run({ stillId: "still-b" }))).toEqual(["still"]);
  const wetter = run({ request: steamRequest({ massG: 1050 }), moisture: 0.8 });
  const drier = run({ request: steamRequest({ massG: 700 }), moisture: 0.7 });
  expect(differingIn(drier, wetter)).not.toContain("charge");
  const heavier = run({ request: steamRequest({ massG: 1050 }), moisture: 0.7 });
  expect(differingIn(drier, heavier)).toContain("charge");
});

test("half the charge brings about as much oil a kilogram; unsettled, a run shows less but not nothing", () => {
  const ratioOf = (b: Partial<RunToCompare>) => compareRuns(run(), run(b)).model;
  const half = steamRequest({ massG: steamRequest().massG / 2 });
  expect(ratioOf({ request: half })).toBeGreaterThan(0.7);
  expect(ratioOf({ request: half })).toBeLessThan(1.5);
  expect(ratioOf({ settledShare: 0 })).toBeGreaterThan(0.2);
  expect(ratioOf({ settledShare: 0 })).toBeLessThan(1);
});

test("runs of two harvests lie apart by the harvests' spread and by how one measures", () => {
  const sage = plantById("clarysage")!;
  const other = run({ plant: sage, moisture: sage.states.fresh!.moisture, harvestId: "b" });
  const spread = (plant: typeof sage) =>
    spreadOf(plant.states.fresh!.oilMlPerKg) ** 2 * shareBetweenHarvests;
  const { usualRemainder } = compareRuns(run({ harvestId: "a" }), other);
  const expected = spread(lavender) + spread(sage) + 2 * measuringDeviation ** 2;
  expect(Math.log(usualRemainder) / p90Deviations).toBeCloseTo(Math.sqrt(expected), 9);
  /* Two that name no harvest are not halves of one. */
  const unnamed = compareRuns(run(), run()).usualRemainder;
  expect(Math.log(unnamed) / p90Deviations).toBeCloseTo(
    Math.sqrt(2 * spread(lavender) + 2 * measuringDeviation ** 2),
    9,
  );
  /* A plant whose range begins at nothing tells no spread. */
  const fresh = { ...lavender.states.fresh!, oilMlPerKg: { low: 0, high: 8 } };
  const vague = run({ plant: { ...lavender, states: { fresh } } });
  expect(Math.log(compareRuns(vague, vague).usualRemainder) / p90Deviations).toBeCloseTo(
    Math.SQRT2 * measuringDeviation,
    9,
  );
});

test("a state that the plant has no figures for is refused by name", () => {
  const plant = { ...lavender, states: { fresh: lavender.states.fresh! } };
  expect(() => compareRuns(run({ plant }), run({ plant, state: "dried" }))).toThrow(
    /state: True lavender has no figures for dried plant/,
  );
});

test("a course has twenty-five points and begins with no oil", () => {
  const course = courseOfRun(run());
  expect(course).toHaveLength(25);
  expect(course[0]).toEqual({ minutes: 0, distillateMl: 0, oilMl: 0 });
});
