import fc from "fast-check";
import { plantById, plants } from "./catalogue";
import { productCautions } from "./productCautions";

const of = (...ids: string[]) => ids.map((id) => plantById(id)!);

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
      expect(productCautions(product, of(id))).toEqual(
        expect.arrayContaining(["notToDrink", "youngChildren", "pregnancy"]),
      );
  for (const id of ["lavender", "rose", "sweetfennel", "anise"])
    expect(productCautions("hydrosol", of(id))).not.toContain("notToDrink");
});

test("an oil that is allowed in traces is limited on skin, one that is not allowed is not on skin: never both", () => {
  for (const plant of plants) {
    const found = productCautions("oil", [plant]);
    expect(found.includes("notOnSkin") && found.includes("limitedOnSkin")).toBe(false);
    expect(found.includes("notOnSkin")).toBe(plant.skinMostPercent === "none");
  }
  for (const id of ["rose", "sweetfennel", "baylaurel"])
    expect(productCautions("oil", of(id))).toContain("limitedOnSkin");
});

test("lavender with wintergreen is warned of as wintergreen is, and old orange and pine of what air does", () => {
  expect(productCautions("oil", of("lavender", "wintergreen"))).toEqual(
    expect.arrayContaining(productCautions("oil", of("wintergreen"))),
  );
  for (const id of ["orangezest", "scotspine"])
    expect(productCautions("oil", of(id))).toContain("oxidises");
});

test("a blend is never warned of less than any part of it", () => {
  const some = fc.subarray([...plants], { minLength: 1, maxLength: 6 });
  const product = fc.constantFrom("oil" as const, "hydrosol" as const, "liquor" as const);
  fc.assert(
    fc.property(some, product, (parts, made) => {
      const blend = productCautions(made, parts);
      for (const part of parts)
        for (const caution of productCautions(made, [part])) expect(blend).toContain(caution);
    }),
    { numRuns: 60 },
  );
});
