import { proseById } from "@/core/plant/catalogue/prose";
import { plants } from "@/core/plant/catalogue";
import { compounds } from "@/core/plant/compounds";
import { oilProperties } from "@/core/plant/oil";
import { compoundSchema, plantSchema } from "./plant";

test("every plant and compound of the catalogue is whole, with ids and codes of its own", () => {
  for (const plant of plants) {
    const read = plantSchema.safeParse({ ...plant, ...proseById(plant.id) });
    expect(read.success ? "" : `${plant.id}: ${read.error.message}`).toBe("");
    for (const id of Object.keys(plant.composition)) expect(compounds[id]?.id).toBe(id);
  }
  for (const compound of Object.values(compounds))
    expect(compoundSchema.safeParse(compound).error).toBeUndefined();
  expect(plants.length).toBeGreaterThanOrEqual(50);
  expect(Object.keys(compounds).length).toBeGreaterThanOrEqual(60);
  expect(new Set(plants.map(({ id }) => id)).size).toBe(plants.length);
  expect(new Set(plants.map(({ code }) => code)).size).toBe(plants.length);
});

test.each([
  ["clove", "sinks"],
  ["cinnamonbark", "sinks"],
  ["vetiver", "hangs"],
  ["lemonzest", "floats"],
  ["scotspine", "floats"],
])("the oil of %s %s", (id, layer) => {
  expect(oilProperties(plants.find((plant) => plant.id === id)!.composition).layer).toBe(layer);
});

test("hydrocarbon oils lose next to nothing to the water, oxygenated ones a gram or so, rose nearly all", () => {
  const dissolves = (id: string) =>
    oilProperties(plants.find((plant) => plant.id === id)!.composition).solubilityGPerL;
  for (const id of ["orangezest", "scotspine", "frankincense", "silverfir"])
    expect(dissolves(id)).toBeLessThan(0.1);
  for (const id of ["eucalyptus", "basil", "lemongrass"])
    expect(dissolves(id)).toBeGreaterThan(0.45);
  expect(dissolves("rose")).toBeGreaterThan(8);
});
