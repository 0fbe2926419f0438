import { plantById, plants } from "@/core/plant/catalogue";
import { sampleOwnPlant } from "@/testing/sampleRecords";
import type { Material } from "@/records/material";
import { catalogueBook, plantBook } from "./plantBook";
import { withProse } from "./withProse";

const sage = plantById("clarysage")!;
const own = (part: Material["own"], more: Partial<Material> = {}): Material => ({
  ...sampleOwnPlant(part),
  ...more,
});
const known = (part: Material["own"], more: Partial<Material> = {}) => {
  const material = own(part, more);
  return plantBook([material]).byId(material.plantId)!;
};

test("the book has each of the catalogue's plants once, by name, with nothing of anybody's own", () => {
  const names = catalogueBook.all.map(({ name }) => name);
  expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
  expect(names).toHaveLength(plants.length);
  expect(catalogueBook.byId("clarysage")).toEqual({
    ...sage,
    origin: "catalogue",
    like: "clarysage",
    ownFigures: [],
    ownProse: {},
  });
  expect(catalogueBook.byId("nobody-knows")).toBeUndefined();
});

test("figures of one's own stand in place of the book's, the others stay; each is named", () => {
  const fresh = { ...sage.states.fresh!, moisture: 0.6 };
  const plant = known({ usualMinutes: 33, states: { fresh } });
  expect(plant).toMatchObject({
    id: "clarysage",
    origin: "catalogue",
    like: "clarysage",
    materialId: "m",
    name: sage.name,
    usualMinutes: 33,
  });
  expect(plant.states).toEqual({ ...sage.states, fresh });
  expect(plant.ownFigures).toEqual(["usualMinutes", "fresh.moisture"]);
  expect(plant).not.toHaveProperty("mixOf");
});

test("a state that one does not know of it goes; one that the like plant lacks is wholly one's own", () => {
  const { fresh } = sage.states;
  const less = known({ states: { dried: null } });
  expect(less.states.dried).toBeUndefined();
  expect(less.ownFigures).toEqual(["dried.none"]);
  expect(plantById("elderflower")!.states.wilted).toBeUndefined();
  const own = { plantId: "own-elder", like: "elderflower" };
  const more = known({ states: { wilted: fresh! } }, own);
  expect(more).toMatchObject({ origin: "own", like: "elderflower" });
  expect(more.ownFigures).toEqual(Object.keys(fresh!).map((name) => `wilted.${name}`));
  /* Taken away one and all, the book's stand: no plant is without any. */
  const none = known({ states: { fresh: null, wilted: null, dried: null } });
  expect(none.states).toEqual(sage.states);
});

test("an oil that does not set for this person does not; untold it sets as the book says", () => {
  const rose = plantById("rose")!;
  expect(rose.setsBelowC).toBeDefined();
  const like = (part: Material["own"]) => known(part, { plantId: "own-rose", like: "rose" });
  expect(like({}).setsBelowC).toBe(rose.setsBelowC);
  expect(like({ setsBelowC: null }).setsBelowC).toBeUndefined();
  expect(like({ setsBelowC: 5 }).setsBelowC).toBe(5);
});

test("what one tells of it oneself is told, the book's elsewhere", () => {
  const plant = known({ source: "the bees" });
  expect(plant.ownProse).toEqual({ source: "the bees" });
  const told = withProse(plant, (id) => ({ source: "the book", cut: `book of ${id}` }) as never);
  expect(told).toMatchObject({ source: "the bees", cut: "book of clarysage", id: "clarysage" });
});

test("of two records of one plant the later one stands; one like nothing that is known is none", () => {
  const early = own({ name: "Early" }, { id: "e", updatedAt: "2026-05-01T00:00:00.000Z" });
  const late = own({ name: "Late" }, { id: "l", updatedAt: "2026-06-01T00:00:00.000Z" });
  for (const order of [
    [early, late],
    [late, early],
  ])
    expect(plantBook(order).byId("clarysage")!.name).toBe("Late");
  const stray = own({}, { plantId: "own-x", like: "nobody-knows" });
  expect(plantBook([stray]).all).toHaveLength(plants.length);
});

test("a mixture keeps what it is mixed of, its parts first, however the records lie; what is gone counts no more", () => {
  const part = own(
    { name: "Garden" },
    { plantId: "own-part", updatedAt: "2026-06-05T00:00:00.000Z" },
  );
  const mixOf = [
    { plantId: "own-part", state: "fresh" as const, share: 0.5 },
    { plantId: "own-gone", state: "fresh" as const, share: 0.5 },
  ];
  const mix = own(
    { name: "Mixed" },
    { plantId: "own-mix", mixOf, updatedAt: "2026-06-01T00:00:00.000Z" },
  );
  const book = plantBook([mix, part]);
  expect(book.byId("own-mix")!.mixOf).toEqual(mixOf);
  expect(book.byId("own-part")!.name).toBe("Garden");
});
