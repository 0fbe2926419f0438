import { plantById } from "../plant/catalogue";
import { mostOnSkin } from "./onSkin";
import { partOfPlant } from "./partOfPlant";
import { drinkLimits, mixedWater, productCautions } from "./productCautions";

/* Cases as somebody of the trade would put them, each with what it is judged by. */

test("a toxicologist: a glass of pennyroyal water is over what a grown person may take of pulegone in a day, ten times over for a child", () => {
  /* A tenth of a milligram a kilogram and day: assessment by the European Medicines Agency's herbal committee. */
  const dailyMgPerKg = 0.1;
  const part = partOfPlant(plantById("pennyroyal")!, "hydrosol");
  const glassMg = (mixedWater([part]).pulegone ?? 0) * 0.2;
  expect(glassMg).toBeGreaterThan(dailyMgPerKg * 60);
  expect(glassMg).toBeGreaterThan(10 * dailyMgPerKg * 15);
  expect(productCautions("hydrosol", [part])).toEqual(
    expect.arrayContaining(["notToDrink", "youngChildren", "pregnancy"]),
  );
});

test("a maker of children's balms: a blend with a tenth of peppermint is for no child under six, lavender alone is", () => {
  /* Handbooks of essential oil safety keep menthol and cineole from the faces of small children at any share. */
  const blend = [
    partOfPlant(plantById("lavender")!, "oil", 0.9),
    partOfPlant(plantById("peppermint")!, "oil", 0.1),
  ];
  expect(mostOnSkin("oil", blend, "child")).toBe(0);
  expect(mostOnSkin("oil", blend.slice(0, 1), "child")).toBe(1);
});

test("a food inspector: basil's estragole kind is over the legal limit for drinks, the linalool kind goes by the spoonful, fennel is drunk by custom", () => {
  /* Regulation (EC) 1334/2008, annex III, for non-alcoholic drinks: estragole 10 mg/kg. */
  const estragole = (id: string) =>
    drinkLimits(mixedWater([partOfPlant(plantById(id)!, "hydrosol")])).find(
      ({ compound }) => compound === "estragole",
    );
  expect(estragole("basilestragole")!.mgPerL).toBeGreaterThan(10 * 10);
  expect(estragole("basilestragole")).toMatchObject({ usualMostMgPerL: 10, basis: "law" });
  const cautions = (id: string) =>
    productCautions("hydrosol", [partOfPlant(plantById(id)!, "hydrosol")]);
  expect(cautions("basilestragole")).toContain("notToDrink");
  expect(cautions("basil")).not.toContain("notToDrink");
  expect(cautions("sweetfennel")).not.toContain("notToDrink");
});
