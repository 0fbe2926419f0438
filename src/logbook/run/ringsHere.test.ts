import { ringsHere } from "./ringsHere";

const kitchen = { id: "kitchen-1", here: true };

test("a cue sounds where it was chosen to, and everywhere where nothing was", () => {
  expect(ringsHere(undefined, false, "shed-phone", [kitchen])).toBe(true);
  expect(ringsHere("shed-phone", false, "shed-phone", [kitchen])).toBe(true);
  expect(ringsHere("kitchen-1", false, "shed-phone", [kitchen])).toBe(false);
  expect(
    ringsHere("kitchen-1", false, "shed-phone", [{ id: "tablet", here: false }, kitchen]),
  ).toBe(false);
  /* A device that the logbook knows twice rings where it is itself the chosen one. */
  expect(ringsHere("kitchen-1", false, "kitchen-1", [kitchen])).toBe(true);
});

test("danger sounds on every device, and a cue here too while the chosen one is out of reach", () => {
  expect(ringsHere("kitchen-1", true, "shed-phone", [kitchen])).toBe(true);
  expect(ringsHere("kitchen-1", false, "shed-phone", [{ ...kitchen, here: false }])).toBe(true);
  expect(ringsHere("sold-tablet", false, "shed-phone", [kitchen])).toBe(true);
});
