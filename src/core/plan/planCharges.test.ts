import fc from "fast-check";
import { plants } from "../plant/catalogue";
import type { Plant } from "../plant/plant";
import type { StillFigures } from "../still/stillFigures";
import { planCharges } from "./planCharges";
import type { PlanInput } from "./planInput";

const copper: StillFigures = {
  shape: {
    construction: "basketPot",
    potVolumeMl: 12000,
    potDiameterMm: 250,
    basket: { floorMm: 105, volumeMl: 6200, diameterMm: 235 },
    dryLineMl: 700,
  },
  metal: "copper",
  emptyMassG: 4600,
  heat: { kind: "gas", powerW: 3000 },
  holdUpMl: 0.15,
};
const flask: StillFigures = {
  ...copper,
  shape: { construction: "flask", potVolumeMl: 5000, potDiameterMm: 212, dryLineMl: 300 },
  metal: "glass",
  emptyMassG: 1500,
};
const boiler: StillFigures = {
  ...copper,
  shape: {
    construction: "separateVessel",
    potVolumeMl: 10000,
    potDiameterMm: 230,
    vessel: { volumeMl: 20000, diameterMm: 260 },
    dryLineMl: 1500,
  },
};
const plant = (id: string) => plants.find((candidate) => candidate.id === id) as Plant;
const site = { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 };
const lavender: PlanInput = {
  still: copper,
  plant: plant("lavender"),
  state: "fresh",
  massG: 700,
  method: "steam",
  stop: { perKg: 1 },
  site,
};
const codes = (input: PlanInput) => planCharges(input).warnings.map(({ code }) => code);

test("a harvest that fits is one charge, one that does not is shared out evenly", () => {
  expect(planCharges(lavender)).toMatchObject({ charges: 1, chargeG: 700 });
  const large = planCharges({ ...lavender, massG: 2000 });
  expect(large.charges).toBe(Math.ceil(2000 / large.limits.chargeG));
  expect(large.chargeG * large.charges).toBeCloseTo(2000, 9);
});

test("a small basket keeps 25 mm clear, a pot from 20 L up 75 mm, water 20 mm under the basket", () => {
  const small = planCharges(lavender);
  expect(small.limits.headspaceMm).toBe(25);
  const area = Math.PI * 11.75 ** 2;
  expect(small.limits.chargeG).toBeCloseTo((6.2 - (2.5 * area) / 1000) * 160, 1);
  expect(small.mostWaterMl).toBeCloseTo((85 / 10) * Math.PI * 12.5 ** 2, 0);
  const tall = { ...copper, shape: { ...copper.shape, potVolumeMl: 25000 } };
  expect(planCharges({ ...lavender, still: tall }).limits.headspaceMm).toBe(75);
});

test("a flask is at most half full, a pot two thirds, a frothing plant a fifth less", () => {
  const contents = (input: PlanInput) => {
    const { limits } = planCharges(input);
    return limits.waterMl + limits.chargeG;
  };
  const hydro = { ...lavender, method: "hydro" as const };
  expect(contents({ ...hydro, still: flask })).toBeCloseTo(2500, 6);
  expect(contents(hydro)).toBeCloseTo(8000, 6);
  expect(contents({ ...hydro, plant: plant("yarrow") })).toBeCloseTo(6400, 6);
});

test("steam water is the run's and a quarter more, above the dry line", () => {
  const { waterMl, forecast } = planCharges(lavender);
  const condensate = waterMl - 700 - forecast.minutesToDryLine! * forecast.rateMlPerMin;
  expect(waterMl).toBeGreaterThanOrEqual(700 + condensate + 1.25 * 700 - 1);
  expect(waterMl).toBeLessThan(700 + condensate + 1.25 * 700 + 51);
  expect(codes(lavender).filter((code) => code !== "plantHazard")).toEqual([]);
});

test("a plan that boils dry is an error whose remedy mends it", () => {
  const dry = planCharges({ ...lavender, waterMl: 1000 });
  const warning = dry.warnings.find(({ code }) => code === "dryBeforeStop");
  expect(warning).toMatchObject({ severity: "error" });
  expect(codes({ ...lavender, waterMl: warning!.change!.waterMl! })).not.toContain("dryBeforeStop");
});

test("where no more water fits, the remedy is a shorter run", () => {
  const long = { ...lavender, stop: { minutes: 600 } };
  const warning = planCharges(long).warnings.find(({ code }) => code === "dryBeforeStop");
  expect(warning).toMatchObject({ way: "shorter" });
  expect(codes({ ...long, stop: { minutes: warning!.change!.minutes! } })).not.toContain(
    "dryBeforeStop",
  );
});

test("what a person forces is allowed and said", () => {
  expect(codes({ ...lavender, massG: 2000, charges: 1 })).toContain("overfull");
  expect(codes({ ...lavender, waterMl: 9000 })).toContain("tooMuchWater");
  expect(codes({ ...lavender, still: { ...copper, heat: { kind: "gas", powerW: 50 } } })).toContain(
    "neverBoils",
  );
});

test.each([0, -20, NaN, Infinity])("a charge of %d g is refused by name", (massG) => {
  expect(() => planCharges({ ...lavender, massG })).toThrow(/massG must be above 0/);
});

test("any plant, any still, any mass: finite numbers and levels inside the still", () => {
  const anyInput = fc
    .record({
      plant: fc.constantFrom(...plants),
      still: fc.constantFrom(copper, flask, boiler),
      massG: fc.double({ min: 0.1, max: 1e5, noNaN: true }),
      minutes: fc.double({ min: 1, max: 1000, noNaN: true }),
      altitudeM: fc.integer({ min: 0, max: 5000 }),
      powerW: fc.double({ min: 0, max: 20000, noNaN: true }),
    })
    .map(({ plant: any, still, massG, minutes, altitudeM, powerW }): PlanInput => ({
      still: { ...still, heat: { ...still.heat, powerW } },
      plant: any,
      state: any.states.fresh ? "fresh" : "dried",
      massG,
      method: still.shape.construction === "flask" ? "hydro" : "steam",
      stop: { minutes },
      site: { ...site, altitudeM },
    }));
  fc.assert(
    fc.property(anyInput, (input) => {
      const plan = planCharges(input);
      const { forecast, levels } = plan;
      for (const value of [
        plan.waterMl,
        forecast.distillateMl,
        forecast.potLeftMl,
        forecast.oil.visibleMl.p50,
        levels.liquidMm,
      ]) {
        expect(Number.isFinite(value)).toBe(true);
        expect(value).toBeGreaterThanOrEqual(0);
      }
      expect(levels.liquidMm).toBeLessThanOrEqual(levels.potHeightMm + 1e-6);
      expect(plan.chargeG).toBeLessThanOrEqual(plan.limits.chargeG * (1 + 1e-9));
    }),
    { numRuns: 200 },
  );
});

test("a dozen charges are a long day, a thirteenth is asked about", () => {
  const { limits } = planCharges(lavender);
  const of = (charges: number) => codes({ ...lavender, massG: charges * limits.chargeG * 0.999 });
  expect(of(12)).not.toContain("manyCharges");
  expect(of(13)).toContain("manyCharges");
});

test("cooling water is to stay four degrees above where an oil sets", () => {
  const anise = { ...plant("lavender"), setsBelowC: 18 };
  const warned = planCharges({ ...lavender, plant: anise }).warnings.find(
    ({ code }) => code === "oilSets",
  );
  expect(warned).toMatchObject({ warmC: 22, change: { coolingInC: 22 } });
});
