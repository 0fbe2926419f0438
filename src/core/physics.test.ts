import fc from "fast-check";
import { moonPhase } from "./calendar/moon";
import { condenserDutyJ, coolingWaterL, iceKg } from "./cooling/duty";
import { heatUntil, iceToHoldKg, tubAfter } from "./cooling/tub";
import { coldEnough, tubNow } from "./cooling/tubNow";
import { massInState } from "./plant/massInState";
import { compounds } from "./plant/compounds";
import { esters } from "./plant/esters";
import { boilingTogether, layerOf, oilProperties } from "./plant/oil";
import { mixedOil, oilParts } from "./plant/oilParts";
import { plantById, plants } from "./plant/catalogue";
import { preparationsOf, preparedFigures } from "./plant/preparation";
import { compoundVapourPressurePa } from "./plant/vapourPressure";
import { washingOf } from "./plant/washing";
import { bestBy, keepingMonths } from "./shelf/bestBy";
import {
  cylinderHeightMm,
  cylinderVolumeMl,
  levelMm,
  potHeightMm,
  type StillShape,
} from "./still/geometry";
import { minutesToHeat } from "./still/heatUp";
import { surfaceLossWPerK } from "./still/surfaceLoss";
import { latentHeat, waterDensity } from "./water/properties";
import { boilingPointC } from "./water/saturation";

const positive = (max: number) => fc.double({ min: 0.01, max, noNaN: true });

describe("heat", () => {
  test("heating up equals plain stepping, and never comes where the loss wins", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 200, max: 4000, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.double({ min: 2000, max: 40000, noNaN: true }),
        (powerW, lossWPerK, capacityJPerK) => {
          const body = { powerW, lossWPerK, capacityJPerK, airC: 15 };
          const closed = minutesToHeat(body, 15, 95);
          let [temperature, seconds] = [15, 0];
          while (temperature < 95 && seconds < 1e5) {
            temperature += (powerW - lossWPerK * (temperature - 15)) / capacityJPerK;
            seconds += 1;
          }
          if (seconds >= 1e5) expect(closed).toBeGreaterThan(1000);
          else expect(Math.abs(closed * 60 - seconds)).toBeLessThan(0.02 * seconds + 3);
        },
      ),
      { numRuns: 40 },
    );
    const cold = { powerW: 50, lossWPerK: 2, capacityJPerK: 9000, airC: 15 };
    expect(minutesToHeat(cold, 15, 95)).toBe(Infinity);
    expect(minutesToHeat(cold, 95, 95)).toBe(0);
  });

  test("a larger, darker or hotter surface loses more", () => {
    const loss = (areaMm2: number, metal: "stainless" | "glass", hotC: number) =>
      surfaceLossWPerK(areaMm2, 300, metal, hotC, 15);
    expect(loss(400000, "stainless", 99)).toBeCloseTo(2 * loss(200000, "stainless", 99), 9);
    expect(loss(200000, "glass", 99)).toBeGreaterThan(loss(200000, "stainless", 99));
    expect(loss(200000, "stainless", 99)).toBeGreaterThan(loss(200000, "stainless", 40));
  });

  test("a litre of distillate carries about 2.5 MJ: 20 L of tub water by 30 K, or 7.6 kg of ice", () => {
    const duty = condenserDutyJ(1000, 100, 30);
    expect(duty / 1e6).toBeCloseTo(2.55, 1);
    expect(coolingWaterL(duty, 15, 45)).toBeCloseTo(20.3, 0);
    expect(iceKg(duty)).toBeCloseTo(7.6, 1);
    expect(coolingWaterL(duty, 20, 20)).toBe(Infinity);
  });
});

describe("tubs", () => {
  test("heat in is heat in the tub: ice melts first, then all of it warms", () => {
    fc.assert(
      fc.property(
        positive(60),
        fc.double({ min: 0, max: 25, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 5e6, noNaN: true }),
        (litres, startC, ice, heatJ) => {
          const tub = { litres: litres + 1, startC, iceKg: ice };
          const { temperatureC, iceLeftKg } = tubAfter(tub, heatJ);
          expect(temperatureC).toBeGreaterThanOrEqual(0);
          expect(iceLeftKg).toBeLessThanOrEqual(ice + (tub.litres * startC * 4.2) / 333 + 1e-9);
          if (iceLeftKg > 0) expect(temperatureC).toBe(0);
          const more = tubAfter(tub, heatJ + 1e5);
          expect(more.temperatureC).toBeGreaterThanOrEqual(temperatureC);
          expect(more.iceLeftKg).toBeLessThanOrEqual(iceLeftKg);
        },
      ),
    );
  });

  test("ice that is said to hold a tub holds it, to the degree", () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 50, noNaN: true }), positive(6e6), (litres, heatJ) => {
        const tub = { litres, startC: 14 };
        const ice = iceToHoldKg(tub, heatJ, 35);
        expect(tubAfter({ ...tub, iceKg: ice }, heatJ).temperatureC).toBeLessThanOrEqual(35.001);
        if (ice > 0) expect(heatUntil({ ...tub, iceKg: ice }, 35)).toBeCloseTo(heatJ, -3);
      }),
    );
  });

  test("a tub is carried on from its last reading, and is told when it will be too warm", () => {
    const condenser = { kind: "tubCoil" as const, tubL: 20, iceKg: 0 };
    const run = { condenser, startC: 14, iceAddedKg: 0, boilC: 99, rateMlPerMin: 15 };
    const early = tubNow({ ...run, distillateMl: 100 });
    const late = tubNow({ ...run, distillateMl: 600 });
    expect(early.measured).toBe(false);
    expect(late.temperatureC).toBeGreaterThan(early.temperatureC);
    expect(late.minutesToLimit).toBeLessThan(early.minutesToLimit);
    const read = { temperatureC: 34, distillateMl: 600, iceSinceKg: 0 };
    const known = tubNow({ ...run, distillateMl: 620, read });
    expect(known).toMatchObject({ measured: true, limitC: 35 });
    expect(known.temperatureC).toBeCloseTo(34.6, 0);
    expect(coldEnough(known, 10)).toBe(false);
    const iced = tubNow({ ...run, distillateMl: 620, read: { ...read, iceSinceKg: 2 } });
    expect(iced.temperatureC).toBeLessThan(30);
    expect(tubNow({ ...run, rateMlPerMin: 0, distillateMl: 0 }).minutesToLimit).toBe(Infinity);
  });
});

describe("stills", () => {
  const flask: StillShape = {
    construction: "flask",
    potVolumeMl: 2000,
    potDiameterMm: 156,
    dryLineMl: 200,
  };

  test("a level in a cylinder is its volume again; in a flask it rises to the top and no further", () => {
    fc.assert(
      fc.property(positive(20000), positive(500), (volumeMl, diameterMm) => {
        const height = cylinderHeightMm(volumeMl, diameterMm);
        expect(cylinderVolumeMl(height, diameterMm)).toBeCloseTo(volumeMl, 6);
      }),
    );
    fc.assert(
      fc.property(fc.double({ min: 0, max: 4000, noNaN: true }), (volumeMl) => {
        const level = levelMm(flask, volumeMl);
        expect(level).toBeGreaterThanOrEqual(0);
        expect(level).toBeLessThanOrEqual(potHeightMm(flask) + 1e-9);
        expect(levelMm(flask, volumeMl + 50)).toBeGreaterThanOrEqual(level - 1e-9);
      }),
    );
    expect(levelMm(flask, 1000)).toBeCloseTo(potHeightMm(flask) / 2, 6);
  });
});

describe("oils", () => {
  test("every compound boils at its boiling point, is less volatile below it, and the light come before the heavy", () => {
    for (const compound of Object.values(compounds)) {
      expect(compoundVapourPressurePa(compound, compound.boilingC)).toBeCloseTo(101325, 0);
      const at100 = compoundVapourPressurePa(compound, 100);
      expect(at100).toBeGreaterThan(0);
      expect(at100).toBeLessThan(101325);
      expect(compoundVapourPressurePa(compound, 80)).toBeLessThan(at100);
    }
    const pressure = (id: string) => compoundVapourPressurePa(compounds[id]!, 100);
    expect(pressure("alphaPinene")).toBeGreaterThan(pressure("linalool"));
    expect(pressure("linalool")).toBeGreaterThan(pressure("caryophyllene"));
  });

  test("an oil and water boil together below the boil, the lightest oils the furthest", () => {
    const together = (id: string) => boilingTogether({ [id]: 1 }, 101325).temperatureC;
    expect(together("limonene")).toBeCloseTo(97.5, 0);
    expect(together("alphaPinene")).toBeGreaterThan(94.5);
    expect(together("alphaPinene")).toBeLessThan(96);
    for (const id of Object.keys(compounds)) {
      expect(together(id)).toBeLessThan(100.001);
      expect(together(id)).toBeGreaterThan(85);
    }
  });

  test("taken apart, an oil is still itself: shares, density and layer", () => {
    for (const { composition } of plants) {
      const parts = oilParts(composition, 98.9, 97000);
      const sum = parts.shares.reduce((all, share) => all + share, 0);
      expect(sum).toBeCloseTo(1, 9);
      const whole = oilProperties(composition);
      expect(parts.densityGPerMl).toBeCloseTo(whole.densityGPerMl, 9);
      expect(mixedOil(parts, parts.shares).densityGPerMl).toBeCloseTo(whole.densityGPerMl, 9);
      expect(mixedOil(parts, parts.shares).layer).toBe(whole.layer);
      for (const values of [parts.volatility, parts.solubility, parts.pressuresPa])
        expect(values.every((value) => Number.isFinite(value) && value > 0)).toBe(true);
    }
  });

  test("what an ester becomes is in the book, lighter than the ester, and among the oil's parts", () => {
    for (const [id, { alcohol }] of Object.entries(esters)) {
      expect(compounds[id]).toBeDefined();
      expect(compounds[alcohol]!.molarMass).toBeLessThan(compounds[id]!.molarMass);
      const parts = oilParts({ [id]: 0.5, limonene: 0.5 }, 100, 101325);
      const [from, into] = [parts.ids.indexOf(id), parts.ids.indexOf(alcohol)];
      expect(parts.becomes[from]).toBe(into);
      expect(parts.gramsFromGram[from]).toBeCloseTo(
        compounds[alcohol]!.molarMass / compounds[id]!.molarMass,
        9,
      );
    }
  });

  test.each([
    [0.86, "floats"],
    [0.9, "floats"],
    [0.995, "hangs"],
    [1.004, "hangs"],
    [1.05, "sinks"],
  ])("an oil of %f g/mL %s", (density, layer) => {
    expect(layerOf(density)).toBe(layer);
  });
});

describe("plants", () => {
  test("water goes or comes, dry matter stays", () => {
    fc.assert(
      fc.property(
        positive(5000),
        fc.double({ min: 0, max: 0.9, noNaN: true }),
        fc.double({ min: 0, max: 0.9, noNaN: true }),
        (massG, before, after) => {
          const then = massInState(massG, { moisture: before }, { moisture: after });
          expect(then * (1 - after)).toBeCloseTo(massG * (1 - before), 6);
          expect(massInState(then, { moisture: after }, { moisture: before })).toBeCloseTo(
            massG,
            6,
          );
        },
      ),
    );
  });

  test("each preparation of each plant leaves figures that a run can be made of", () => {
    for (const plant of plants)
      for (const figures of Object.values(plant.states))
        for (const preparation of preparationsOf(plant))
          for (const method of ["steam", "hydro"] as const) {
            const prepared = preparedFigures(plant, figures, preparation, method);
            expect(prepared.freeShare).toBeGreaterThan(0);
            expect(prepared.freeShare).toBeLessThanOrEqual(0.95);
            expect(prepared.releasePerMinute).toBeGreaterThan(0);
            expect(prepared.packingGPerL).toBeGreaterThan(30);
            expect(prepared.oilMlPerKg.low).toBeLessThan(prepared.oilMlPerKg.high);
            expect(prepared.washing).toBe(washingOf(plant.tissue));
          }
  });

  test("water carries the oil of whole seed and of roots that swim, of nothing else", () => {
    const carried = (id: string, preparation: string, method: "steam" | "hydro") => {
      const plant = plantById(id)!;
      const way = preparationsOf(plant).find((each) => each.id === preparation)!;
      return preparedFigures(plant, Object.values(plant.states)[0]!, way, method).hydrodiffusion;
    };
    expect(carried("caraway", "whole", "hydro")).toBe(0.35);
    expect(carried("caraway", "crushed", "hydro")).toBe(0);
    expect(carried("vetiver", "chipped", "hydro")).toBe(0.35);
    expect(carried("vetiver", "chipped", "steam")).toBe(0);
    expect(carried("lavender", "withStems", "hydro")).toBe(0);
  });
});

describe("keeping", () => {
  test.each([
    ["2026-01-31", 1, "2026-02-28"],
    ["2026-12-15", 2, "2027-02-15"],
    ["2024-02-29", 12, "2025-02-28"],
    ["2026-06-01", 0, "2026-06-01"],
  ])("made on %s and good for %i months: %s", (madeOn, months, until) => {
    expect(bestBy(madeOn, months)).toBe(until);
  });

  test("cold keeps longest, citrus shortest, and a hydrosol for months, not years", () => {
    const lemon = plantById("lemonzest")!;
    const months = (place: "fridge" | "cellar" | "room") =>
      keepingMonths("hydrosol", lemon, { place });
    expect([months("fridge"), months("cellar"), months("room")]).toEqual([4, 2, 0.8]);
    expect(keepingMonths("oil", lemon, { place: "fridge" })).toBeLessThan(
      keepingMonths("oil", plantById("vetiver")!, { place: "fridge" }),
    );
  });

  test("the moon goes through its four phases in a month, wherever one begins to count", () => {
    const start = Date.UTC(2026, 4, 1);
    const month = Array.from({ length: 30 }, (_, i) => moonPhase(start + i * 86400e3));
    expect(new Set(month)).toEqual(new Set(["new", "waxing", "full", "waning"]));
    expect(moonPhase(Date.UTC(2000, 0, 6, 18, 14))).toBe("new");
    expect(moonPhase(Date.UTC(2000, 0, 21, 5))).toBe("full");
    expect(moonPhase(Date.UTC(1999, 11, 30))).toBe("waning");
  });
});

test("water: it boils lower up high, is densest in the cold, and takes less heat to boil when hot", () => {
  fc.assert(
    fc.property(fc.double({ min: 60000, max: 105000, noNaN: true }), (pressurePa) => {
      expect(boilingPointC(pressurePa)).toBeLessThan(boilingPointC(pressurePa + 500));
    }),
  );
  expect(waterDensity(5)).toBeGreaterThan(waterDensity(60));
  expect(latentHeat(80)).toBeGreaterThan(latentHeat(100));
});
