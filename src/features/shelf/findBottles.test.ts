import fc from "fast-check";
import { catalogueBook } from "@/logbook/plant/plantBook";
import { shelved } from "@/logbook/shelf/shelf";
import { emptyStock } from "@/testing/emptyStock";
import { sampleBottle, sampleLot, sampleUse } from "@/testing/sampleShelf";
import { filters, findBottles, sorts, type ShelfView } from "./findBottles";

const items = shelved(
  {
    ...emptyStock,
    lots: [
      sampleLot("oil", { code: "K7Q-4MX" }),
      sampleLot("water", { product: "hydrosol", plantId: "clarysage", madeOn: "2026-05-20" }),
      sampleLot("mix", { origin: "blend", name: "Winter room", madeOn: "2026-05-10" }),
    ],
    bottles: [
      sampleBottle("o", "oil", 10, { code: "7H9-E3M" }),
      sampleBottle("w", "water", 500, { bestBy: "2026-06-10", place: "north cellar" }),
      sampleBottle("m", "mix", 20, { storage: "room" }),
    ],
    uses: [sampleUse("u", { bottleId: "m", amountMl: 15 })],
  },
  new Date("2026-06-01T12:00:00Z"),
  catalogueBook,
);
const find = (view: Partial<Omit<ShelfView, "as">>) =>
  findBottles(items, { text: "", filter: "all", sort: "name", ...view }).map(
    ({ bottle }) => bottle.id,
  );

test("each word that is typed has to be in code, name, kind or place", () => {
  expect(find({ text: "7h9e3m" })).toEqual(["o"]);
  expect(find({ text: "k7q" })).toEqual(["o"]);
  expect(find({ text: "cellar sage" })).toEqual(["w"]);
  expect(find({ text: "blend cupboard" })).toEqual(["m"]);
  expect(find({ text: "lavender sage" })).toEqual([]);
  expect(find({ text: "  " })).toHaveLength(3);
});

test("kinds and what is due are shown apart", () => {
  expect(find({ filter: "oil" })).toEqual(["o", "m"]);
  expect(find({ filter: "hydrosol" })).toEqual(["w"]);
  expect(find({ filter: "due" })).toEqual(["w"]);
});

test("sorted by best-by, by name, by when it was made, by what is left", () => {
  expect(find({ sort: "due" })[0]).toBe("w");
  expect(find({ sort: "name" })).toEqual(["w", "o", "m"]);
  expect(find({ sort: "made" })).toEqual(["w", "m", "o"]);
  expect(find({ sort: "left" })[0]).toBe("m");
});

test("however it is looked at, nothing is shown twice and nothing that is not there", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...filters.map(({ value }) => value)),
      fc.constantFrom(...sorts.map(({ value }) => value)),
      fc.string({ maxLength: 6 }),
      (filter, sort, text) => {
        const found = find({ filter, sort, text });
        expect(new Set(found).size).toBe(found.length);
        for (const id of found) expect(["o", "w", "m"]).toContain(id);
      },
    ),
  );
});

test("a kept view that an older Sereno wrote is all, by best-by", () => {
  expect(find({ filter: "soon" as never, sort: "age" as never })).toEqual(find({ sort: "due" }));
});
