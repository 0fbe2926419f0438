import fc from "fast-check";
import { plantById, plants } from "./catalogue";
import { mixPlants } from "./mixPlants";
import type { Plant, PlantState } from "./plant";

const lavender = plantById("lavender")!;
const clove = plantById("clove")!;

const firstState = (plant: Plant) => Object.keys(plant.states)[0] as PlantState;
const anyPart = fc
  .tuple(fc.constantFrom(...plants), fc.double({ min: 0.05, max: 5, noNaN: true }))
  .map(([plant, share]) => ({ plant, state: firstState(plant), share }));

test("a little of a plant that is rich in oil makes most of the oil", () => {
  const mixed = mixPlants([
    { plant: lavender, state: "fresh", share: 9 },
    { plant: clove, state: firstState(clove), share: 1 },
  ]);
  expect(mixed.main.id).toBe("lavender");
  expect(mixed.name).toBe("True lavender 90 %, Clove 10 %");
  expect(mixed.composition.eugenol).toBeGreaterThan(0.4);
  expect(mixed.states.fresh!.oilMlPerKg.high).toBeCloseTo(
    0.9 * lavender.states.fresh!.oilMlPerKg.high +
      0.1 * clove.states[firstState(clove)]!.oilMlPerKg.high,
  );
  expect(mixed.hazards).toEqual(expect.arrayContaining([...lavender.hazards, ...clove.hazards]));
});

test("a plant mixed with itself is that plant", () => {
  fc.assert(
    fc.property(anyPart, (part) => {
      const mixed = mixPlants([part, part]);
      const figures = part.plant.states[part.state]!;
      expect(mixed.states[part.state]!.oilMlPerKg.low).toBeCloseTo(figures.oilMlPerKg.low, 6);
      expect(mixed.states[part.state]!.moisture).toBeCloseTo(figures.moisture, 6);
      expect(mixed.states[part.state]!.packingGPerL).toBeCloseTo(figures.packingGPerL, 3);
      expect(mixed.freeShare).toBeCloseTo(part.plant.freeShare, 6);
    }),
  );
});

test("whatever is mixed, shares stay shares, nothing named is lost, and figures lie between the parts'", () => {
  fc.assert(
    fc.property(fc.array(anyPart, { minLength: 2, maxLength: 4 }), (parts) => {
      const mixed = mixPlants(parts);
      const total = Object.values(mixed.composition).reduce((sum, share) => sum + share, 0);
      expect(total).toBeCloseTo(1, 6);
      for (const { plant } of parts) {
        for (const id of Object.keys(plant.composition))
          expect(mixed.composition[id]).toBeGreaterThan(0);
      }
      const moistures = parts.map(({ plant, state }) => plant.states[state]!.moisture);
      const { moisture } = mixed.states[mixed.state]!;
      expect(moisture).toBeGreaterThanOrEqual(Math.min(...moistures) - 1e-9);
      expect(moisture).toBeLessThanOrEqual(Math.max(...moistures) + 1e-9);
    }),
  );
});

test.each([
  [[{ plant: lavender, state: "fresh" as const, share: 1 }], "two or more"],
  [
    [
      { plant: lavender, state: "fresh" as const, share: 0 },
      { plant: clove, state: firstState(clove), share: 1 },
    ],
    "share must be above 0",
  ],
])("what cannot be mixed is named", (parts, words) => {
  expect(() => mixPlants(parts)).toThrow(words);
});
