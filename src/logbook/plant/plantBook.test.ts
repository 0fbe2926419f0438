import { isPoisonous } from "@/core/plant/cautions";
import { partOfPlant } from "@/core/care/partOfPlant";
import { productCautions } from "@/core/care/productCautions";
import { newRecord } from "@/records/base";
import type { Material } from "@/records/material";
import { plantBook } from "./plantBook";

test("a plant of one's own is warned of by what its oil is made of, and by what the like one is", () => {
  const material = (own: Material["own"]): Material => ({
    ...newRecord("material", new Date("2026-05-01T08:00:00Z")),
    plantId: "own-a",
    like: "lavender",
    own,
  });
  const known = (own: Material["own"]) => plantBook([material(own)]).byId("own-a")!;
  const mild = known({ name: "Hedge lavender" });
  expect(isPoisonous(mild)).toBe(false);
  const teaberry = known({ name: "Teaberry", composition: { methylSalicylate: 0.95 } });
  expect(isPoisonous(teaberry)).toBe(true);
  expect(teaberry).toMatchObject({ skinMostPercent: "none" });
  expect(productCautions("hydrosol", [partOfPlant(teaberry, "hydrosol")])).toEqual(
    expect.arrayContaining(["notToDrink", "poison", "youngChildren", "pregnancy"]),
  );
});
