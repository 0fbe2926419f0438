import { ringsHere } from "./ringsHere";

const kitchen = { id: "kitchen-1", here: true };

test("a cue sounds where it was chosen to, and everywhere where nothing was", () => {
  expect(ringsHere(undefined, false, "shed-phone", [kitchen])).toBe(true);
  expect(ringsHere("shed-phone", false, "shed-phone", [kitchen])).toBe(true);
  expect(ringsHere("kitchen-1", false, "shed-phone", [kitchen])).toBe(false);
});

test("danger sounds on every device, and a cue here too while the chosen one is out of reach", () => {
  expect(ringsHere("kitchen-1", true, "shed-phone", [kitchen])).toBe(true);
  expect(ringsHere("kitchen-1", false, "shed-phone", [{ ...kitchen, here: false }])).toBe(true);
  expect(ringsHere("sold-tablet", false, "shed-phone", [kitchen])).toBe(true);
});
