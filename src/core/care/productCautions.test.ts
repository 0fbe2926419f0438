import { proseById } from "@/core/plant/catalogue/prose";
import type { Product } from "../shelf/products";
import fc from "fast-check";
import { plantById, plants } from "../plant/catalogue";
import { partOfPlant } from "./partOfPlant";
import { usualSkinMost, type Whose } from "../plant/cautions";
import { mostOnSkin } from "./onSkin";
import { productCautions, type ProductPart } from "./productCautions";

const parts = (product: Product, ...ids: string[]) =>
  ids.map((id) => partOfPlant(plantById(id)!, product, 1 / ids.length));

test("water of a plant whose oil is a poison is not to drink, nor for children, nor in pregnancy", () => {
  for (const id of [
    "pennyroyal",
    "wintergreen",
    "wormwood",
    "whitecedar",
    "tarragon",
    "basilestragole",
    "tulsi",
    "allspice",
  ])
    for (const product of ["hydrosol", "liquor"] as const)
      expect(productCautions(product, parts(product, id))).toEqual(
        expect.arrayContaining(["notToDrink", "youngChildren", "pregnancy"]),
      );
  for (const id of ["lavender", "rose", "sweetfennel", "anise"])
    expect(productCautions("hydrosol", parts("hydrosol", id))).not.toContain("notToDrink");
});

test("an oil that is allowed in traces is limited on skin, one that is not allowed is not on skin: never both", () => {
  for (const plant of plants) {
    const found = productCautions("oil", [partOfPlant(plant, "oil")]);
    expect(found.includes("notOnSkin") && found.includes("limitedOnSkin")).toBe(false);
    expect(found.includes("notOnSkin")).toBe(plant.skinMostPercent === "none");
  }
  for (const id of ["rose", "sweetfennel", "baylaurel"])
    expect(productCautions("oil", parts("oil", id))).toContain("limitedOnSkin");
});

test("lavender with wintergreen is warned of as wintergreen is, and old orange and pine of what air does", () => {
  expect(productCautions("oil", parts("oil", "lavender", "wintergreen"))).toEqual(
    expect.arrayContaining(productCautions("oil", parts("oil", "wintergreen"))),
  );
  for (const id of ["orangezest", "scotspine"])
    expect(productCautions("oil", parts("oil", id))).toContain("oxidises");
});

test("a blend is never milder than its parts say at their share: in what it warns of, and on skin", () => {
  const some = fc.array(
    fc.record({ plant: fc.constantFrom(...plants), ml: fc.integer({ min: 1, max: 50 }) }),
    { minLength: 1, maxLength: 5 },
  );
  const product = fc.constantFrom("oil" as const, "hydrosol" as const, "liquor" as const);
  const whose = fc.constantFrom("body" as const, "face" as const, "child" as const);
  fc.assert(
    fc.property(some, product, whose, (drawn, made, on) => {
      const whole = drawn.reduce((sum, { ml }) => sum + ml, 0);
      const mixed = drawn.map(({ plant, ml }) => partOfPlant(plant, made, ml / whole));
      const warned = productCautions(made, mixed);
      const stricter: Record<string, string> = {
        littleInFood: "notToDrink",
        limitedOnSkin: "notOnSkin",
        sensitises: "notOnSkin",
        phototoxic: "notOnSkin",
      };
      for (const part of mixed) {
        const alone = [{ ...part, share: 1 }];
        for (const caution of productCautions(made, alone))
          expect(warned.includes(caution) || warned.includes(stricter[caution] as never)).toBe(
            true,
          );
        if (made === "oil")
          expect(mostOnSkin(made, mixed, on) * part.share).toBeLessThanOrEqual(
            skinMostAlone(alone, on) + 1e-9,
          );
      }
    }),
    { numRuns: 80 },
  );
});

test("of two equal volumes the lighter oil, whose share by weight is smaller, keeps to its own maximum too", () => {
  const half = (id: string) => partOfPlant(plantById(id)!, "oil", 0.5);
  const myrtle = mostOnSkin("oil", [{ ...half("lemonmyrtle"), share: 1 }], "body");
  expect(myrtle).toBeLessThan(plantById("lemonmyrtle")!.skinMostPercent as number);
  const both = mostOnSkin("oil", [half("lemonmyrtle"), half("niaouli")], "body");
  expect(both * 0.5).toBeLessThanOrEqual(myrtle + 1e-9);
});

/* Of a part alone, without the ceiling that stands for every oil. */
function skinMostAlone(alone: readonly ProductPart[], on: Whose): number {
  const most = mostOnSkin("oil", alone, on);
  return most === usualSkinMost[on] ? Infinity : most;
}

test("no water is praised for the kitchen that holds too much, and what goes by the spoonful says so", () => {
  for (const plant of plants) {
    const found = productCautions("hydrosol", [partOfPlant(plant, "hydrosol")]);
    const { hydrosolWorth } = proseById(plant.id);
    const praised = /(?<!not for the )kitchen|cooking|\btea\b/.test(hydrosolWorth);
    if (praised) expect([plant.id, ...found]).not.toContain("notToDrink");
    if (praised && found.includes("littleInFood")) expect(hydrosolWorth).toMatch(/by the spoonful/);
  }
  for (const id of ["sweetfennel", "anise", "neroli"])
    expect(proseById(id).hydrosolWorth).toMatch(/kitchen/);
});

test.each([
  ["basilestragole", "estragole", 133],
  ["tarragon", "estragole", 105],
  ["tulsi", "methylEugenol", 32],
  ["allspice", "methylEugenol", 31],
  ["rose", "methylEugenol", 5.5],
  ["pennyroyal", "pulegone", 200],
  ["wintergreen", "methylSalicylate", 560],
] as const)("a litre of %s's usual water holds so much %s", (id, substance, mgPerL) => {
  const water = partOfPlant(plantById(id)!, "hydrosol").water!;
  expect(water[substance]! / mgPerL).toBeGreaterThan(2 / 3);
  expect(water[substance]! / mgPerL).toBeLessThan(3 / 2);
});
