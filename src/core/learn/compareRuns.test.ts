import fc from "fast-check";
import { plantById } from "@/core/plant/catalogue";
import { steamRequest } from "@/testing/steamRequest";
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
