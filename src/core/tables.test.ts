import fc from "fast-check";
import { condensers, iceKinds, planCooling, tapKinds, tubKinds } from "./cooling/condenser";
import { extraction } from "./plant/usualRelease";
import {
  endings,
  plainRules,
  stopRuleNames,
  stopTimes,
  type Course,
  type StopRule,
} from "./forecast/stopRules";
import { worthlessFrom } from "./forecast/worth";
import { keysOf } from "./keysOf";
import { hydrosolToKeep, worthShareOf } from "./plan/hydrosolToKeep";
import { plantStates, tissues } from "./plant/plant";
import { safety } from "./safety";
import { receiverFit } from "./separation/receiver";
import { receiverKinds, receivers } from "./separation/receivers";
import { constructionKinds, constructionOf, constructions } from "./still/constructions";
import { fillLimits, methodsOf } from "./still/fillLimits";
import { hotSurfaceMm2, plantVesselShare, type StillShape } from "./still/geometry";
import { heatKinds, heatSources } from "./still/heatSources";
import { methods } from "./still/methods";

test("the names of a table's rows come in its order", () => {
  expect(keysOf({ b: 1, a: 2 })).toEqual(["b", "a"]);
});

test.each(constructionKinds)("a %s can distil some way, and no row contradicts itself", (kind) => {
  const row = constructionOf(kind);
  expect(row.methods.length).toBeGreaterThan(0);
  expect(methodsOf({ construction: kind })).toEqual([...row.methods]);
  /* Plant over steam needs something that holds it. */
  if (row.methods.includes("steam")) expect(["basket", "vessel"]).toContain(row.holder);
  if (row.round) expect(row.holder).toBe("none");
  if (row.catchesItself) expect(row.holder).toBe("bowl");
});

test("every way of distilling can be done in some kind of still", () => {
  const possible = constructionKinds.flatMap((kind) => [...constructions[kind].methods]);
  for (const method of methods) expect(possible).toContain(method);
});

test.each(heatKinds)("%s has an efficiency that no pot can beat", (kind) => {
  const { usualEfficiency } = heatSources[kind];
  expect(usualEfficiency).toBeGreaterThan(0.1);
  expect(usualEfficiency).toBeLessThan(1);
});

test("condensers fall into those with a tub, on the tap and under ice, each into one", () => {
  const all = [...tubKinds, ...tapKinds, ...iceKinds];
  expect([...all].sort()).toEqual(keysOf(condensers).sort());
  for (const kind of tubKinds) {
    expect(condensers[kind].tubLimitC).toBeLessThan(safety.warmOutletC);
    const cooled = planCooling(
      { kind, tubL: 20, iceKg: 1 },
      { distillateMl: 800, runMinutes: 60, boilC: 99, coolingInC: 14 },
    );
    expect(cooled.tub?.limitC).toBe(condensers[kind].tubLimitC);
  }
});

test.each(receiverKinds)("a %s suits the oils that its row says it keeps", (kind) => {
  for (const layer of ["floats", "sinks", "hangs"] as const) {
    const densityGPerMl = { floats: 0.9, sinks: 1.06, hangs: 1 }[layer];
    const fit = receiverFit({ kind, diameterMm: 30, volumeMl: 250 }, { layer, densityGPerMl }, 3);
    expect(fit.suits).toBe((receivers[kind].keeps as readonly string[]).includes(layer));
    expect(fit.layerMm).toBeCloseTo(4.24, 2);
    const row = receivers[kind];
    expect(fit.poursAtMm !== undefined).toBe("pours" in row && row.pours === layer);
  }
});

test("two arms that pour part the oil as it comes; what rests does not", () => {
  for (const kind of receiverKinds)
    if ("pours" in receivers[kind]) expect(receivers[kind].flows).toBe(true);
});

const course: Course = {
  massG: 500,
  minutesTo: (distillateMl) => distillateMl / 10,
  worthlessFrom: (oilMl) => 100 - 100 * oilMl,
};

test.each([
  [{ minutes: 40 }, { minutes: 40 }],
  [{ distillateMl: 300 }, { distillateMl: 30 }],
  [{ perKg: 1 }, { perKg: 50 }],
  [{ worthMlPer10Min: 0.3 }, { worthMlPer10Min: 70 }],
  [
    { minutes: 40, perKg: 2 },
    { minutes: 40, perKg: 100 },
  ],
  [{}, {}],
] as [StopRule, StopRule][])("the rule %j alone ends a run at %j", (rule, at) => {
  expect(stopTimes(rule, course)).toEqual(at);
});

test("endings are all rules and the reserve; only worth hangs on the oil", () => {
  expect(endings).toEqual([...stopRuleNames, "reserve"]);
  const all = { minutes: 1, distillateMl: 2, perKg: 3, worthMlPer10Min: 4 };
  expect(plainRules(all)).toEqual({ minutes: 1, distillateMl: 2, perKg: 3 });
});

test("from when on ten more minutes are worthless: by halving, wherever it lies", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.002, max: 0.2, noNaN: true }),
      fc.double({ min: 0.01, max: 3, noNaN: true }),
      (perMinute, worthMl) => {
        const oil = (t: number) => 10 * (1 - Math.exp(-perMinute * t));
        const at = worthlessFrom(oil, worthMl);
        const earns = (t: number) => oil(t + 10) - oil(t);
        if (at === 0) expect(earns(0)).toBeLessThan(worthMl);
        else if (at < 24 * 60) {
          expect(earns(at)).toBeLessThanOrEqual(worthMl + 1e-9);
          expect(earns(Math.max(0, at - 0.2))).toBeGreaterThanOrEqual(worthMl);
        }
      },
    ),
  );
  expect(worthlessFrom((t) => t, 5)).toBe(24 * 60);
});

test("hydrosol to keep: a litre fresh, more as the plant dries, the most for roots", () => {
  expect(hydrosolToKeep("surfaceGlands", "fresh")).toBe(1);
  expect(hydrosolToKeep("surfaceGlands", "wilted")).toBe(1.3);
  expect(hydrosolToKeep("surfaceGlands", "dried")).toBe(2.5);
  expect(hydrosolToKeep("petals", "dried")).toBe(2.5);
  expect(hydrosolToKeep("needles", "fresh")).toBe(1.3);
  expect(hydrosolToKeep("zest", "dried")).toBe(0.7);
  expect(hydrosolToKeep("crushedSeed", "dried")).toBe(4);
  expect(hydrosolToKeep("resin", "dried")).toBe(5);
  expect(hydrosolToKeep("rootWoodBark", "fresh")).toBe(8);
  for (const tissue of tissues)
    for (const state of plantStates) {
      expect(hydrosolToKeep(tissue, state)).toBeGreaterThanOrEqual(0.5);
      expect(worthShareOf(tissue)).toBeLessThanOrEqual(1 / 50);
    }
});

test("usual values of the physics lie between their own ends", () => {
  for (const value of Object.values(extraction)) {
    if (typeof value === "number") expect(value).toBeGreaterThan(0);
    else {
      expect(value.low).toBeLessThan(value.usual);
      expect(value.usual).toBeLessThan(value.high);
    }
  }
});

const pot: StillShape = {
  construction: "basketPot",
  potVolumeMl: 12000,
  potDiameterMm: 250,
  dryLineMl: 700,
  basket: { floorMm: 105, volumeMl: 6200, diameterMm: 235 },
};

test("no fill passes the limits of safety, whatever the still's size and the plant", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1000, max: 60000, noNaN: true }),
      fc.double({ min: 80, max: 600, noNaN: true }),
      fc.boolean(),
      fc.constantFrom("steam" as const, "hydro" as const),
      (potVolumeMl, packingGPerL, froths, method) => {
        const shape = { ...pot, potVolumeMl };
        const limits = fillLimits(shape, { method, packingGPerL, waterMlPerG: 5, froths });
        const most = safety.potFillShare * (method === "hydro" && froths ? safety.frothShare : 1);
        const plantMl = method === "hydro" ? limits.chargeG : 0;
        expect(limits.waterMl + plantMl).toBeLessThanOrEqual(potVolumeMl * most + 1e-6);
        if (method === "steam")
          expect(limits.headspaceMm).toBe(
            safety.headspaceMm[potVolumeMl >= safety.largeStillMl ? "large" : "small"],
          );
      },
    ),
  );
});

test("a plant vessel of its own has its share of the hot surface; a pot without one has none", () => {
  expect(plantVesselShare(pot)).toBe(0);
  const apart: StillShape = {
    ...pot,
    construction: "separateVessel",
    basket: undefined,
    vessel: { volumeMl: 12000, diameterMm: 250 },
  };
  expect(plantVesselShare(apart)).toBeCloseTo(0.5, 9);
  expect(hotSurfaceMm2(apart)).toBeCloseTo(2 * hotSurfaceMm2(pot), 6);
});
