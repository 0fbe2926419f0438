import { mostOnSkin } from "@/core/care/onSkin";
import { sampleLot, sampleUse } from "@/testing/sampleShelf";
import { catalogueBook } from "../plant/plantBook";
import { densityOfParts, oilParts } from "./oilParts";
import { shelfOf } from "./trace";

const into = (id: string, lotId: string, amountMl: number, intoLotId: string) =>
  sampleUse(id, { lotId, amountMl, way: "blended", intoLotId });
const mix = sampleLot("mix", { origin: "blend" });
const deep = sampleLot("deep", { origin: "blend" });
const shelf = shelfOf([
  sampleLot("a"),
  sampleLot("b", { plantId: "clarysage" }),
  sampleLot("c", { plantId: "moonwort" }),
  mix,
  deep,
  into("1", "a", 3, "mix"),
  into("2", "b", 1, "mix"),
  into("3", "mix", 2, "deep"),
  into("4", "c", 2, "deep"),
]);

test("a blend of a blend is of its plants, each with its share of the whole", () => {
  const parts = oilParts(deep, shelf, catalogueBook);
  expect(parts.map(({ share }) => share)).toEqual([0.375, 0.125, 0.5]);
  expect(oilParts(sampleLot("a"), shelf, catalogueBook)).toMatchObject([{ share: 1 }]);
});

test("its density lies between its parts', and is not told of a plant in no book", () => {
  const [a, b] = oilParts(mix, shelf, catalogueBook);
  const density = densityOfParts(oilParts(mix, shelf, catalogueBook))!;
  const [low, high] = [a!.densityGPerMl!, b!.densityGPerMl!].sort((x, y) => x - y);
  expect(density).toBeGreaterThanOrEqual(low!);
  expect(density).toBeLessThanOrEqual(high!);
  expect(densityOfParts(oilParts(deep, shelf, catalogueBook))).toBeUndefined();
});

test("a blend is held to each part by its share, and to none at all where one must not be on skin", () => {
  const strict = { care: { skinMostPercent: 0.5 }, share: 0.5 };
  const mild = { care: {}, share: 0.5 };
  expect(mostOnSkin("oil", [strict, mild], "body")).toBe(1);
  expect(mostOnSkin("oil", [mild, mild], "body")).toBe(2);
  expect(
    mostOnSkin("oil", [strict, { care: { skinMostPercent: "none" }, share: 0.01 }], "body"),
  ).toBe(0);
  expect(mostOnSkin("oil", [{ ...strict, share: 1 }], "face")).toBe(0.5);
});
