import { plants } from "./catalogue";
import { boilingTogether, oilProperties } from "./oil";

test("limonene and α-pinene boil together with water where they should, at sea level", () => {
  expect(boilingTogether({ limonene: 1 }, 101325).temperatureC).toBeCloseTo(97.5, 0);
  const pinene = boilingTogether({ alphaPinene: 1 }, 101325).temperatureC;
  expect(pinene).toBeGreaterThan(94.9);
  expect(pinene).toBeLessThan(95.7);
});

test("a mixed oil's density and solubility", () => {
  const oil = oilProperties({ cineole: 0.5, limonene: 0.3, linalool: 0.2 });
  expect(oil.densityGPerMl).toBeCloseTo(0.884, 3);
  expect(oil.solubilityGPerL).toBeCloseTo(2.0, 1);
  expect(oil.layer).toBe("floats");
});

test("clove's eugenol sinks, anise hangs", () => {
  expect(oilProperties({ eugenol: 0.9, caryophyllene: 0.1 }).layer).toBe("sinks");
  expect(oilProperties({ transAnethole: 1 }).layer).toBe("hangs");
});

test("a composition that is wrong is named", () => {
  expect(() => oilProperties({ moonlight: 1 })).toThrow("no compound is called moonlight");
  expect(() => oilProperties({ limonene: -1 })).toThrow("composition.limonene must be 0 or more");
  expect(() => oilProperties({ limonene: 0 })).toThrow("at least one compound");
});

test.each(plants.map((plant) => [plant.name, plant] as const))(
  "%s has figures that make sense",
  (_, plant) => {
    const total = Object.values(plant.composition).reduce((sum, share) => sum + share, 0);
    expect(total).toBeGreaterThan(0.6);
    expect(total).toBeLessThanOrEqual(1);
    expect(oilProperties(plant.composition).densityGPerMl).toBeGreaterThan(0.8);
    const states = Object.values(plant.states);
    expect(states.length).toBeGreaterThan(0);
    for (const { oilMlPerKg, moisture, packingGPerL } of states) {
      expect(oilMlPerKg.low).toBeGreaterThan(0);
      expect(oilMlPerKg.high).toBeGreaterThan(oilMlPerKg.low);
      expect(moisture).toBeLessThan(0.96);
      expect(packingGPerL).toBeGreaterThan(40);
    }
  },
);
