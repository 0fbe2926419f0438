import { hydrosolToKeep, worthShareOf } from "./hydrosolToKeep";
import { compounds } from "../plant/compounds";
import { contentFromRun } from "./ownRun";
import fc from "fast-check";
import { forecastRun } from "../forecast/forecastRun";
import { plants } from "../plant/catalogue";
import type { Plant } from "../plant/plant";
import { preparationsOf } from "../plant/preparation";
import { methodsOf } from "../still/fillLimits";
import type { StillFigures } from "../still/stillFigures";
import { fuelFor } from "./fuel";
import { oilOfSeries } from "./oilOfSeries";
import { massForWish } from "./massForWish";
import { planCharges } from "./planCharges";
import type { PlanInput } from "./planInput";
import { stopChoices, tenMoreMinutes } from "./stopChoices";

const metal = "stainless" as const;
const heat = { kind: "element" as const, powerW: 2000 };
const stills: Record<string, StillFigures> = {
  basketPot: {
    shape: {
      construction: "basketPot",
      potVolumeMl: 12000,
      potDiameterMm: 250,
      basket: { floorMm: 105, volumeMl: 6200, diameterMm: 235 },
      dryLineMl: 700,
    },
    metal,
    emptyMassG: 4600,
    heat,
    holdUpMl: 0.15,
  },
  flask: {
    shape: { construction: "flask", potVolumeMl: 2000, potDiameterMm: 156, dryLineMl: 250 },
    metal: "glass",
    emptyMassG: 900,
    heat: { kind: "plate", powerW: 1000 },
    holdUpMl: 0.1,
  },
  separateVessel: {
    shape: {
      construction: "separateVessel",
      potVolumeMl: 15000,
      potDiameterMm: 280,
      vessel: { volumeMl: 20000, diameterMm: 300 },
      dryLineMl: 2000,
    },
    metal,
    emptyMassG: 11000,
    heat,
    holdUpMl: 0.4,
  },
  cohobating: {
    shape: { construction: "cohobating", potVolumeMl: 3000, potDiameterMm: 179, dryLineMl: 300 },
    metal: "glass",
    emptyMassG: 1300,
    heat: { kind: "plate", powerW: 1200 },
    holdUpMl: 0.1,
  },
  bowl: {
    shape: {
      construction: "bowl",
      potVolumeMl: 10000,
      potDiameterMm: 260,
      bowl: { floorMm: 90, volumeMl: 700, diameterMm: 140 },
      dryLineMl: 500,
    },
    metal,
    emptyMassG: 2600,
    heat: { kind: "gas", powerW: 2000 },
    holdUpMl: 0.2,
  },
};
const plant = (id: string) => plants.find((candidate) => candidate.id === id) as Plant;
const input = (part: Partial<PlanInput> = {}): PlanInput => ({
  still: stills.basketPot!,
  plant: plant("lavender"),
  state: "fresh",
  massG: 600,
  method: "steam",
  stop: { perKg: 1 },
  site: { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 },
  ...part,
});
const warned = (part: Partial<PlanInput>) => planCharges(input(part)).warnings;

test.each(Object.entries(stills))("a wish for oil is fulfilled by its own plan: %s", (_, still) => {
  const method = methodsOf(still.shape)[0]!;
  const { massG: __, ...rest } = input({
    still,
    method,
    plant: plant("juniperberry"),
    stop: { minutes: 90 },
  });
  for (const volumeMl of [0.4, 2, 25]) {
    const { massG, charges } = massForWish(rest, { what: "oil", volumeMl });
    const plan = planCharges({ ...rest, massG, charges });
    expect(oilOfSeries(plan.forecast, charges, still.holdUpMl)).toBeCloseTo(volumeMl, 2);
    expect(plan.chargeG).toBeLessThanOrEqual(plan.limits.chargeG * 1.0001);
  }
});

test("a wish for hydrosol takes its weight in plant, one to one", () => {
  const { massG: _, ...rest } = input();
  expect(massForWish(rest, { what: "hydrosol", volumeMl: 2500 }).massG).toBeCloseTo(2500, 0);
});

test("a wish that cannot be says why", () => {
  const { massG: _, ...rest } = input({ plant: plant("rose"), method: "steam" });
  expect(() => massForWish(rest, { what: "oil", volumeMl: 5 })).toThrow("noOilShows");
  expect(() =>
    massForWish(
      { ...rest, still: stills.cohobating!, method: "cohobation" },
      { what: "hydrosol", volumeMl: 500 },
    ),
  ).toThrow("hydrosolFlowsBack");
  expect(() => massForWish(rest, { what: "oil", volumeMl: -1 })).toThrow(
    "notAnAmount, volumeMl -1",
  );
});

test("each rule ends where it says, and ten more minutes are the next stretch of the same run", () => {
  const plan = planCharges(input({ pace: "gentle" }));
  const choices = stopChoices(plan.request, { perKg: 1, worthMlPer10Min: 0.2, minutes: 9 });
  const by = Object.fromEntries(choices.map((choice) => [choice.rule, choice]));
  expect(by.minutes!.minutes).toBe(9);
  expect(by.perKg!.distillateMl).toBeCloseTo(600, 6);
  expect(choices.map(({ minutes }) => minutes)).toEqual(
    choices.map(({ minutes }) => minutes).sort((a, b) => a - b),
  );
  const more = tenMoreMinutes(plan.request, plan.forecast);
  expect(more.distillateMl).toBeCloseTo(10 * plan.forecast.rateMlPerMin, 3);
  expect(more.oilMl).toBeGreaterThan(0);
});

test("a rate of one's own is what runs, whatever the pace, up to what the heat can give", () => {
  for (const pace of ["gentle", "brisk"] as const) {
    const slow = planCharges(input({ pace, rateMlPerMin: 5 }));
    expect(slow.forecast.rateMlPerMin).toBeCloseTo(5, 6);
    expect(slow.warnings.map(({ code }) => code)).not.toContain("rateBeyondHeat");
    const most = planCharges(input({ pace: "brisk" })).forecast.rateMlPerMin;
    const beyond = planCharges(input({ pace, rateMlPerMin: 900 }));
    expect(beyond.forecast.rateMlPerMin).toBe(most);
    expect(beyond.warnings).toContainEqual({
      code: "rateBeyondHeat",
      severity: "note",
      wishedMlPerMin: 900,
      mostMlPerMin: most,
    });
  }
});

test("gentle costs time and saves heat and water for the same distillate; it never wins less oil", () => {
  const gentle = planCharges(input({ pace: "gentle" })).forecast;
  const brisk = planCharges(input({ pace: "brisk" })).forecast;
  expect(gentle.runMinutes).toBeGreaterThan(brisk.runMinutes);
  expect(gentle.rateMlPerMin).toBeCloseTo(600 / 75, 1);
  expect(gentle.oil.distilledMl.p50).toBeGreaterThanOrEqual(brisk.oil.distilledMl.p50);
});

test("water for plant that swims: covered asks for more where it lies loosely, the mark for the most", () => {
  const swimming = { still: stills.basketPot!, method: "hydro" as const, massG: 300 };
  const by = (waterRule: PlanInput["waterRule"]) =>
    planCharges(input({ ...swimming, waterRule })).waterMl;
  expect(by("mark")).toBeGreaterThan(by("ratio"));
  expect(by("cover")).toBeGreaterThan(0);
});

test("gas is told by mass, electricity by the kilowatt hour, both with their price", () => {
  expect(fuelFor(12.8, "gas", { gasPerKg: 2 })).toEqual({ kWh: 12.8, gasKg: 1, cost: 2 });
  expect(fuelFor(2, "element", { electricityPerKWh: 0.4 })).toEqual({ kWh: 2, cost: 0.8 });
  expect(fuelFor(2, "plate")).toEqual({ kWh: 2 });
});

/* Each warning, and that what its tap changes makes it go away. */
test.each<[string, Partial<PlanInput>]>([
  ["overfull", { massG: 3000, charges: 1 }],
  ["littleHeadspace", { massG: planCharges(input()).limits.chargeG * 1.08, charges: 1 }],
  ["tooMuchWater", { waterMl: 8000 }],
  ["dryBeforeStop", { waterMl: 900 }],
  ["tubTooWarm", { condenser: { kind: "tubCoil", tubL: 5, iceKg: 0 } }],
  [
    "wrongReceiver",
    {
      receiver: { kind: "twoArmHeavy", diameterMm: 30, volumeMl: 150 },
      otherReceivers: [{ kind: "jar", diameterMm: 80, volumeMl: 500 }],
    },
  ],
  [
    "oilSets",
    {
      plant: plant("anise"),
      state: "dried",
      method: "hydro",
      massG: 200,
      condenser: { kind: "tubCoil", tubL: 20, iceKg: 4 },
    },
  ],
  [
    "scorches",
    {
      plant: plant("sweetfennel"),
      state: "dried",
      method: "hydro",
      preparation: "powder",
      massG: 200,
    },
  ],
  ["mats", { plant: plant("peppermint"), preparation: "chopped" }],
  ["pith", { plant: plant("orangezest"), preparation: "withPith", method: "hydro", massG: 300 }],
  ["bowlFull", { still: stills.bowl!, method: "bowl", massG: 600, stop: { minutes: 180 } }],
  ["tapTooSlow", { condenser: { kind: "tap", riseK: 1 }, pace: "brisk" }],
])("%s is warned of, and its tap mends it", (code, part) => {
  const warning = warned(part).find((candidate) => candidate.code === code);
  const { otherReceiver, iceKg, coolingInC, minutes, waterMl, ...plain } = warning!.change!;
  const whole = input(part);
  const mended = planCharges({
    ...whole,
    ...plain,
    ...(waterMl === undefined ? {} : { waterMl: waterMl ?? undefined }),
    ...(minutes === undefined ? {} : { stop: { minutes } }),
    ...(otherReceiver === undefined ? {} : { receiver: whole.otherReceivers![otherReceiver] }),
    ...(coolingInC === undefined ? {} : { site: { ...whole.site, coolingInC } }),
    ...(iceKg === undefined || whole.condenser?.kind === "tap"
      ? {}
      : { condenser: { ...whole.condenser!, iceKg } as PlanInput["condenser"] }),
  });
  expect(mended.warnings.map((each) => each.code)).not.toContain(code);
});

test("old stock, froth and the plant's own hazards are said", () => {
  const codes = (part: Partial<PlanInput>) => warned(part).map(({ code }) => code);
  expect(codes({ state: "dried", massG: 300, agedMonths: 24 })).toContain("oldStock");
  expect(codes({ plant: plant("pennyroyal") })).toContain("plantHazard");
  const frothing = plants.find(({ froths, states }) => froths && states.fresh)!;
  expect(codes({ plant: frothing, method: "hydro", massG: 300 })).toContain("froths");
});

test("a still that is far too large for a charge is said, one that is nearly full is not", () => {
  const { chargeG } = planCharges(input()).limits;
  const said = (massG: number) =>
    planCharges(input({ massG })).warnings.some(({ code }) => code === "smallCharge");
  expect(said(chargeG * 0.1)).toBe(true);
  expect(said(chargeG * 0.5)).toBe(false);
});

test("own runs narrow a plan's range and old stock thins it", () => {
  const plain = planCharges(input()).figures;
  const own = planCharges(input({ ownRuns: [9, 9.2, 8.8] })).figures;
  expect(own.narrowed.width).toBeLessThan(1);
  expect(own.oilMlPerKg.high / own.oilMlPerKg.low).toBeLessThan(
    plain.oilMlPerKg.high / plain.oilMlPerKg.low,
  );
  const aged = planCharges(input({ state: "dried", massG: 300, agedMonths: 12 })).figures;
  const new_ = planCharges(input({ state: "dried", massG: 300 })).figures;
  expect(aged.oilMlPerKg.high).toBeLessThan(new_.oilMlPerKg.high);
});

test("at the edge and beyond: an error by name or a warning, never a broken number", () => {
  const anyStill = fc.constantFrom(...Object.values(stills));
  fc.assert(
    fc.property(
      anyStill,
      fc.constantFrom(...plants),
      fc.record({
        massG: fc.constantFrom(1, 300, 100_000),
        powerW: fc.constantFrom(0, 1, 150, 2000, 20_000),
        altitudeM: fc.constantFrom(-300, 320, 5000),
        dryLineMl: fc.constantFrom(0, 700, 90_000),
        preparation: fc.nat(4),
        waterMl: fc.constantFrom(undefined, 0, 50, 50_000),
        pace: fc.constantFrom("gentle" as const, "brisk" as const),
      }),
      (still, grown, edge) => {
        const plan = planCharges(
          input({
            still: {
              ...still,
              shape: { ...still.shape, dryLineMl: edge.dryLineMl },
              heat: { ...still.heat, powerW: edge.powerW },
            },
            plant: grown,
            state: grown.states.fresh ? "fresh" : grown.states.dried ? "dried" : "wilted",
            method: methodsOf(still.shape)[0]!,
            massG: edge.massG,
            waterMl: edge.waterMl,
            pace: edge.pace,
            preparation: preparationsOf(grown)[edge.preparation]?.id,
            worthShare: 0.02,
            site: { altitudeM: edge.altitudeM, airC: 16, waterC: 14, coolingInC: 12 },
          }),
        );
        expect(JSON.stringify(plan)).not.toMatch(/null,null,null|NaN/);
        const { oil, distillateMl, energyKWh, potLeftMl } = plan.forecast;
        for (const number of [
          oil.visibleMl.p50,
          oil.distilledMl.p50,
          distillateMl,
          energyKWh,
          potLeftMl,
          plan.waterMl,
        ])
          expect(Number.isFinite(number)).toBe(true);
        if (distillateMl <= 0 || edge.massG > plan.limits.chargeG * 200)
          expect(plan.warnings.length).toBeGreaterThan(0);
      },
    ),
    { numRuns: 300 },
  );
});

test("oil content 0 gives no oil, a composition over the whole is refused by name", () => {
  const inline = (high: number, composition: Record<string, number>) =>
    forecastRun({
      ...planCharges(input()).request,
      material: {
        oilMlPerKg: { low: 0, high },
        composition,
        freeShare: 0.5,
        releasePerMinute: 0.02,
        moisture: 0.6,
      },
    });
  expect(inline(0, { limonene: 1 }).oil.distilledMl.p90).toBe(0);
  expect(() => inline(3, { limonene: 0.9, linalool: 0.9 })).toThrow(
    "composition: its shares sum to 1.80",
  );
  expect(inline(3, { limonene: 0.2 }).warnings.map(({ code }) => code)).toContain("littleKnownOil");
});

test("oil is where the balance says: each compound dissolved or not, haze, on the glass or seen", () => {
  fc.assert(
    fc.property(fc.constantFrom(...plants), fc.integer({ min: 50, max: 800 }), (grown, massG) => {
      const state = grown.states.fresh ? "fresh" : grown.states.dried ? "dried" : "wilted";
      const { forecast, request } = planCharges(input({ plant: grown, state, massG, charges: 1 }));
      let undissolvedMl = 0;
      for (const [id, { distilledG, dissolvedG }] of Object.entries(forecast.compounds)) {
        expect(dissolvedG).toBeLessThanOrEqual(distilledG * 1.000001 + 1e-12);
        undissolvedMl += (distilledG - dissolvedG) / compounds[id]!.densityGPerMl;
      }
      const hazeMl = Math.min((0.12 * forecast.distillateMl) / 1000, 0.4 * undissolvedMl);
      const seen = Math.max(0, undissolvedMl - hazeMl - (request.still.holdUpMl ?? 0));
      expect(Math.abs(forecast.oil.visibleMl.p50 - seen)).toBeLessThan(0.001 * seen + 1e-6);
    }),
  );
});

test("a run that is measured at its plan's middle teaches its plan's oil content, whatever the plant", () => {
  for (const grown of plants) {
    const state = grown.states.fresh ? "fresh" : grown.states.dried ? "dried" : "wilted";
    const { forecast, request } = planCharges(
      input({ plant: grown, state, massG: 500, charges: 1, worthShare: 0.02 }),
    );
    const oilMl = forecast.oil.visibleMl.p50;
    if (oilMl <= 0) continue;
    const taught = contentFromRun(request, {
      oilMl,
      minutes: forecast.runMinutes,
      distillateMl: forecast.distillateMl,
    });
    const { low, high } = (request.material as { oilMlPerKg: { low: number; high: number } })
      .oilMlPerKg;
    expect(taught! / Math.sqrt(low * high)).toBeCloseTo(1, 2);
  }
});

test("no plant of the book is stopped at its first drop by the usual worth, however heavy its oil", () => {
  for (const grown of plants) {
    const state = grown.states.fresh ? "fresh" : grown.states.dried ? "dried" : "wilted";
    const { forecast } = planCharges(
      input({
        plant: grown,
        state,
        massG: 400,
        charges: 1,
        method: grown.preferredMethod,
        pace: "gentle",
        stop: { perKg: hydrosolToKeep(grown.tissue, state) },
        worthShare: worthShareOf(grown.tissue),
      }),
    );
    expect(forecast.runMinutes).toBeGreaterThan(10);
  }
});
