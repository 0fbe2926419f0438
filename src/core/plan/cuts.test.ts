import fc from "fast-check";
import { plants } from "../plant/catalogue";
import type { StillFigures } from "../still/stillFigures";
import { cutsOfPlan, nextCut } from "./cuts";
import { hydrosolToKeep, worthShareOf } from "./hydrosolToKeep";
import { planCharges } from "./planCharges";
import type { PlanInput } from "./planInput";

const still: StillFigures = {
  shape: {
    construction: "basketPot",
    potVolumeMl: 20000,
    potDiameterMm: 280,
    basket: { floorMm: 105, volumeMl: 9000, diameterMm: 270 },
    dryLineMl: 700,
  },
  metal: "copper",
  emptyMassG: 4600,
  heat: { kind: "gas", powerW: 3000 },
  holdUpMl: 0.15,
};
const planned = (plantId: string, part: Partial<PlanInput> = {}) => {
  const plant = plants.find(({ id }) => id === plantId)!;
  return planCharges({
    still,
    plant,
    state: "fresh",
    massG: 800,
    method: "steam",
    stop: {},
    charges: 1,
    worthShare: worthShareOf(plant.tissue),
    keepPerKg: hydrosolToKeep(plant.tissue, "fresh"),
    keepFirst: true,
    site: { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 },
    ...part,
  });
};

test("the hydrosol worth keeping is all in before the run ends, then the tail goes on for the oil", () => {
  const plan = planned("lavender");
  expect(plan.keepMl).toBe(800);
  expect(plan.forecast.distillateMl).toBeGreaterThanOrEqual(799);
  const cuts = cutsOfPlan(plan, "firstCut", []);
  expect(cuts[0]!.why).toBe("firstCut");
  expect(cuts[0]!.ml).toBeCloseTo(800 / 3, 6);
  if (plan.forecast.distillateMl > 900) expect(cuts.at(-1)).toEqual({ ml: 800, why: "keep" });
  /* Where so much is to be kept that the oil is long done, the hydrosol ends the run. */
  const long = planned("lavender", { keepPerKg: 6, waterMl: 9000 });
  expect(long.forecast.stoppedBy).toBe("perKg");
  expect(cutsOfPlan(long, "all", [])).toEqual([]);
});

test("without it whichever comes first ends the run, as before", () => {
  const first = planned("lavender", { keepFirst: false, stop: { perKg: 1 } });
  expect(first.forecast.distillateMl).toBeLessThanOrEqual(801);
});

test("notes cut the jars at their shares of the oil; what flows back is not cut", () => {
  const plan = planned("peppermint");
  const cuts = cutsOfPlan(plan, "notes", [0.15, 0.75]);
  expect(cuts.filter(({ why }) => why === "notes").length).toBeGreaterThan(0);
  expect(cutsOfPlan({ ...plan, method: "cohobation" }, "notes", [0.15, 0.75])).toEqual([]);
});

test("cuts stand in their order, apart from one another, within the run", () => {
  fc.assert(
    fc.property(
      fc.constantFrom("firstCut", "notes", "all"),
      fc.array(fc.double({ min: -1, max: 2, noNaN: true }), { maxLength: 5 }),
      fc.constantFrom("lavender", "peppermint", "rosemary"),
      (school, shares, plantId) => {
        const plan = planned(plantId);
        const cuts = cutsOfPlan(plan, school, shares).map(({ ml }) => ml);
        const edges = [0, ...cuts, plan.forecast.distillateMl];
        for (let i = 1; i < edges.length; i += 1) expect(edges[i]).toBeGreaterThan(edges[i - 1]!);
      },
    ),
    { numRuns: 40 },
  );
});

test("a swap made early by nose was that cut; one because the jar was full is none", () => {
  const cuts = [
    { ml: 300, why: "firstCut" as const },
    { ml: 900, why: "keep" as const },
  ];
  expect(nextCut(cuts, 0)?.ml).toBe(300);
  expect(nextCut(cuts, 100)?.ml).toBe(300);
  expect(nextCut(cuts, 250)?.ml).toBe(900);
  expect(nextCut(cuts, 500)?.ml).toBe(900);
  expect(nextCut(cuts, 880)).toBeUndefined();
});
