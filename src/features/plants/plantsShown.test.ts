import { plantBook } from "@/logbook/plant/plantBook";
import { sampleOwnPlant } from "@/testing/sampleRecords";
import { plantsShown } from "./plantsShown";
import { lastRunOfPlants } from "./sortPlants";

const book = plantBook([sampleOwnPlant({ name: "Clary by the wall" })]);
const usual = {
  find: "",
  group: "all",
  sort: "name",
  favourites: ["rose", "caraway"],
  lastRun: lastRunOfPlants([
    { plantId: "thyme", createdAt: "2026-06-01T08:00:00.000Z" },
    { plantId: "lavender", createdAt: "2026-07-01T08:00:00.000Z" },
    { plantId: "thyme", createdAt: "2026-05-01T08:00:00.000Z" },
  ]),
} as const;
const ids = (wanted: Partial<Parameters<typeof plantsShown>[1]>) =>
  plantsShown(book.all, { ...usual, ...wanted }).map(({ id }) => id);

test("favourites come first, the others as the book has them; none is lost", () => {
  const all = ids({});
  expect(all).toHaveLength(book.all.length);
  expect(new Set(all.slice(0, 2))).toEqual(new Set(["rose", "caraway"]));
});

test("each group has its own plants alone", () => {
  expect(ids({ group: "own" })).toEqual(["clarysage"]);
  expect(new Set(ids({ group: "favourites" }))).toEqual(new Set(["rose", "caraway"]));
  expect(ids({ group: "seeds" })).toContain("caraway");
  expect(ids({ group: "seeds" })).not.toContain("rose");
});

test("a name, a botanical name or a part is found in any letters, with spaces around it", () => {
  expect(ids({ find: " ANGUSTIFOLIA " })).toContain("lavender");
  expect(ids({ find: "by the wall" })).toEqual(["clarysage"]);
  expect(ids({ find: "zzz" })).toEqual([]);
});

test("last distilled, most oil, shortest run", () => {
  expect(ids({ sort: "lately" }).slice(0, 2)).toEqual(["lavender", "thyme"]);
  const of = (id: string) => book.byId(id)!;
  const most = (id: string) => {
    const { fresh, wilted, dried } = of(id).states;
    return (fresh ?? wilted ?? dried)?.oilMlPerKg.high ?? 0;
  };
  const byOil = ids({ sort: "oil" }).map(most);
  expect(byOil).toEqual([...byOil].sort((a, b) => b - a));
  const byMinutes = ids({ sort: "minutes" }).map((id) => of(id).usualMinutes);
  expect(byMinutes).toEqual([...byMinutes].sort((a, b) => a - b));
});
