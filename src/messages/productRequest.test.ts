import { productCare } from "@/core/care/productCare";
import { asParts, productRequestSchema } from "./productRequest";

const ask = (raw: unknown) => {
  const request = productRequestSchema.parse(raw);
  return productCare(request.product, asParts(request));
};

test("lavender with wintergreen is not for skin, however it is told", () => {
  const parts = [
    { plantId: "lavender", ml: 6 },
    { plantId: "wintergreen", ml: 4 },
  ];
  const composition = { linalool: 0.3, linalylAcetate: 0.3, methylSalicylate: 0.4 };
  for (const raw of [
    { product: "oil", parts },
    { product: "oil", composition },
  ]) {
    const care = ask(raw);
    expect(care.cautions).toEqual(
      expect.arrayContaining(["notOnSkin", "poison", "pregnancy", "youngChildren"]),
    );
    expect(care.skinMostPercent).toEqual({ adult: 0, child6: 0, child2: 0 });
    const [low, high] = care.densityGPerMl!;
    expect(low).toBeLessThan(0.99);
    expect(high).toBeGreaterThan(0.99);
  }
});

test("a water is held to what is usual in drinks, by what is dissolved in it", () => {
  const weak = ask({
    product: "hydrosol",
    composition: { estragole: 0.1, linalool: 0.9 },
    gPerL: 0.09,
  });
  expect(weak.limits).toEqual([
    {
      compound: "estragole",
      mgPerL: expect.closeTo(9),
      usualMostMgPerL: 10,
      use: "drink",
      basis: "law",
    },
  ]);
  expect(weak.cautions).toEqual([]);
  const over = ask({
    product: "hydrosol",
    composition: { estragole: 0.1, linalool: 0.9 },
    gPerL: 0.3,
  });
  expect(over.cautions).toEqual(["littleInFood"]);
  const far = ask({
    product: "hydrosol",
    composition: { estragole: 0.5, linalool: 0.5 },
    gPerL: 0.3,
  });
  expect(far.cautions).toEqual(["notToDrink", "pregnancy", "youngChildren"]);
  expect(far.skinMostPercent.child6).toBe(0);
});

test("a request that is none names its field", () => {
  const faults = (raw: unknown) =>
    productRequestSchema.safeParse(raw).error?.issues.map(({ path }) => path.join(".")) ?? [];
  expect(faults({ product: "oil" })).toEqual([""]);
  expect(faults({ product: "oil", parts: [{ plantId: "nothing", ml: 1 }] })).toEqual([
    "parts.0.plantId",
  ]);
  expect(faults({ product: "oil", composition: { linalool: 1 }, gPerL: 1 })).toEqual(["gPerL"]);
  expect(faults({ product: "oil", composition: { linalool: 0 } })).toEqual(["composition"]);
  const parts = [{ plantId: "lavender", ml: 1 }];
  expect(faults({ product: "hydrosol", parts, measured: { densityGPerMl: 0.9 } })).toEqual([
    "measured",
  ]);
  expect(faults({ product: "oil", parts, measured: { densityGPerMl: 9 } })).toEqual([
    "measured.densityGPerMl",
  ]);
  expect(faults({ product: "oil", parts, measured: { refractiveIndex: 1.46 } })).toEqual([]);
  expect(faults({ product: "soap", composition: { linalool: 1 } })).toEqual(["product"]);
});
