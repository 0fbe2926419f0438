import { planCharges } from "@/core/plan/planCharges";
import { plantById } from "@/core/plant/catalogue";
import { sampleStill } from "@/testing/sampleRecords";
import type { Still } from "@/records/still";
import { asRunPlan } from "./asRunPlan";
import { catchMl } from "./catchMl";
import { readyMadeStills } from "./readyMadeStills";
import { sketchOf } from "./sketchOf";
import { receiversOf, stillFigures, stillShape } from "./stillFigures";

const still = sampleStill();
const bowl: Still = {
  ...still,
  ...readyMadeStills.find(({ construction }) => construction === "bowl")!,
};
const site = { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 };
const planOf = (figures: Still, stop: { perKg?: number; minutes?: number }) =>
  planCharges({
    still: stillFigures(figures),
    plant: plantById("lavender")!,
    state: "fresh",
    massG: 700,
    method: "steam",
    stop,
    site,
  });
const range = { p10: 1, p50: 2, p90: 3 };
const oil = { distilledMl: range, visibleMl: range, visibleAtOnceMl: range } as never;

test("a plan is frozen with what it was asked and what it forecast", () => {
  const plan = planOf(still, { perKg: 1 });
  const { forecast } = plan;
  const kept = asRunPlan({ plan, oil, still, charge: 2, charges: 3 });
  expect(kept).toMatchObject({
    edition: 3,
    method: "steam",
    charge: 2,
    charges: 3,
    chargeG: plan.chargeG,
    moisture: plan.figures.moisture,
    waterMl: plan.waterMl,
    dryLineMl: still.dryLineMl,
    jarMl: still.jarMl,
    stop: { perKg: 1 },
    powerW: still.heat.powerW,
    oilMlPerKg: plan.figures.oilMlPerKg,
    request: plan.request,
  });
  expect(kept.forecast).toMatchObject({
    boilC: forecast.boilC,
    minutesToBoil: forecast.minutesToBoil,
    minutesToFirstDrop: forecast.minutesToFirstDrop,
    runMinutes: forecast.runMinutes,
    rateMlPerMin: forecast.rateMlPerMin,
    distillateMl: forecast.distillateMl,
    oilDensityGPerMl: forecast.oilDensityGPerMl,
    visibleMl: range,
  });
  expect(kept.forecast.spendableMl).toBeCloseTo(
    forecast.minutesToDryLine! * forecast.rateMlPerMin,
    6,
  );
  expect(kept.forecast.curve).toHaveLength(forecast.curve.length);
  expect(kept.forecast.curve[3]).toEqual({
    minutes: forecast.curve[3]!.minutes,
    oilG: forecast.curve[3]!.oilG,
    headC: forecast.curve[3]!.headC,
  });
});

test("what was chosen is kept, what was not is left out", () => {
  const plan = planOf(still, { perKg: 1 });
  const bare = asRunPlan({ plan, oil, still, charge: 1, charges: 1, cuts: [] });
  const choices = ["preparation", "schools", "reasons", "filled", "chargeBetweenG", "cuts"];
  for (const none of [...choices, "agedMonths", "runPowerW", "iceKg"])
    expect(bare).not.toHaveProperty(none);
  const cut = { ml: 100, why: "share" } as never;
  const told = {
    preparation: "chopped",
    schools: { heat: "gentle" },
    agedMonths: 0,
    cuts: [cut],
    chargeBetweenG: { low: 500, high: 900 },
    filled: { share: 0.5 } as never,
    reasons: { stop: "late" } as never,
  };
  expect(asRunPlan({ plan, oil, still, charge: 1, charges: 1, ...told })).toMatchObject(told);
  const gentle = { ...still, heat: { ...still.heat, runPowerW: 1400 } };
  const turned = asRunPlan({
    plan: planOf(gentle, { perKg: 1 }),
    oil,
    still: gentle,
    charge: 1,
    charges: 1,
  });
  expect(turned.runPowerW).toBe(1400);
});

test("a plan that never comes to its dry line or its boil has neither", () => {
  const plan = planOf(still, { perKg: 1 });
  const never = {
    ...plan,
    forecast: {
      ...plan.forecast,
      minutesToDryLine: null,
      minutesToBoil: null,
      minutesToFirstDrop: null,
    },
  };
  const { forecast } = asRunPlan({ plan: never, oil, still, charge: 1, charges: 1 });
  expect(forecast).not.toHaveProperty("spendableMl");
  expect(forecast).toMatchObject({ minutesToBoil: 0, minutesToFirstDrop: 0 });
  const iced = (iceKg: number) =>
    asRunPlan({ plan: { ...plan, cooling: { iceKg } as never }, oil, still, charge: 1, charges: 1 })
      .iceKg;
  expect(iced(2.5)).toBe(2.5);
  expect(iced(0)).toBeUndefined();
});

test("the drip falls into the usual jar, or into the bowl of a still that catches it itself", () => {
  expect(catchMl(still)).toBe(still.jarMl);
  expect(catchMl({ ...still, bowl: { volumeMl: 77 } as never })).toBe(still.jarMl);
  expect(catchMl(bowl)).toBe(bowl.bowl!.volumeMl);
  expect(catchMl({ ...bowl, bowl: undefined })).toBe(bowl.jarMl);
});

test("under the outlet stand a still's own receivers, then its jar", () => {
  const own = { kind: "tube" as const, diameterMm: 20, volumeMl: 50 };
  const [first, jar, ...none] = receiversOf({ ...still, receivers: [own] });
  expect(first).toBe(own);
  expect(jar).toMatchObject({ kind: "jar", volumeMl: still.jarMl });
  expect(none).toEqual([]);
  expect(receiversOf({ ...still, receivers: undefined })).toHaveLength(1);
});

test("a still's shape has the part that holds its plant, and no other's", () => {
  expect(stillShape(still)).toMatchObject({
    construction: still.construction,
    potVolumeMl: still.potVolumeMl,
    potDiameterMm: still.potDiameterMm,
    dryLineMl: still.dryLineMl,
  });
  const both = { ...bowl, basket: { volumeMl: 9000 } as never };
  expect(stillShape(both)).not.toHaveProperty("basket");
  const flask = { ...both, construction: "flask" as const };
  for (const none of ["basket", "bowl"]) expect(stillShape(flask)).not.toHaveProperty(none);
});

test("each ready-made still has something to draw: its charge, its water, its jar half full", () => {
  for (const ready of readyMadeStills) {
    const sketch = sketchOf(ready);
    expect(sketch.waterMl).toBeGreaterThan(0);
    expect(sketch.jar).toEqual({
      sizeMl: catchMl({ ...still, ...ready }),
      hydrosolMl: catchMl({ ...still, ...ready }) / 2,
      oilMl: 0,
    });
    expect(Object.keys(sketch.levels).length).toBeGreaterThan(0);
    expect(sketch.shape).toEqual(stillShape(ready));
  }
  const hydro = new Map(
    readyMadeStills.map((ready) => [ready.construction, sketchOf(ready).hydro]),
  );
  expect(hydro.get("basketPot")).toBe(false);
  expect(hydro.get("flask")).toBe(true);
});
