import { plants } from "./catalogue";
import { whyNever } from "./neverDistil";

test.each([
  ["Rue", "", "womb"],
  ["My herb", "Ruta graveolens", "womb"],
  ["Tansy, from the ditch", "", "nerves"],
  ["Yew", "Taxus baccata", "heart"],
  ["Sweet flag root", "", "tumours"],
  ["Water hemlock", "Cicuta virosa", "deadly"],
  ["Bitter almond", "", "cyanide"],
] as const)("%s (%s) is not distilled: %s", (name, botanical, why) => {
  expect(whyNever(name, botanical)).toBe(why);
});

test.each([
  ["Hemlock spruce", "Tsuga canadensis"],
  ["Meadow rue", "Thalictrum"],
  ["Lavender", "Lavandula angustifolia"],
  ["Truelove", ""],
])("%s is another plant", (name, botanical) => {
  expect(whyNever(name, botanical)).toBeUndefined();
});

test("no plant of the book is on the list", () => {
  for (const { name, botanicalName } of plants)
    expect([name, whyNever(name, botanicalName)]).toEqual([name, undefined]);
});
