import { plantBook } from "../plant/plantBook";
import { summarise } from "../run/runSummary";
import { entryAt, sampleOwnPlant, sampleRun } from "@/testing/sampleRecords";
import { sampleHarvest } from "@/testing/sampleShelf";
import { ownSeasonWords, seasonWords } from "@/words/calendarWords";
import { gardenOf, nearPlants, plantCalendar } from "./plantCalendar";

const book = plantBook([]);
const sea = { altitudeM: 0 };
const at = (day: string) => new Date(`${day}T12:00:00`);
const yearOf = (day: string, harvests = [sampleHarvest({ cutOn: "2025-07-10" })]) =>
  plantCalendar(book, harvests, [], sea, at(day));

test("one's own plants stand first, then what is near; what has no season and was never cut is left out", () => {
  const year = yearOf("2026-05-28");
  expect(year[0]!.plant.id).toBe("clarysage");
  expect(year.some(({ plant }) => plant.id === "clove")).toBe(false);
  const others = year.slice(1).map(({ inDays }) => inDays!);
  expect(others).toEqual([...others].sort((a, b) => a - b));
  expect(year.find(({ plant }) => plant.id === "rose")!.inDays).toBe(0);
});

test("Today names own plants whose time is now or within two weeks", () => {
  expect(nearPlants(yearOf("2026-06-10")).map(({ plant }) => plant.id)).toEqual(["clarysage"]);
  expect(nearPlants(yearOf("2026-03-10"))).toEqual([]);
  expect(nearPlants(yearOf("2026-06-10", []))).toEqual([]);
});

test("a plant of one's own has the season of the one it is like", () => {
  const own = plantBook([{ ...sampleOwnPlant({ name: "Our sage" }), plantId: "own-sage" }]);
  const year = plantCalendar(own, [], [], sea, at("2026-06-10"));
  const window = (id: string) => year.find(({ plant }) => plant.id === id)?.window;
  expect(window("own-sage")).toEqual(window("clarysage"));
});

test("own harvests say from when to when, and which was the richest", () => {
  const harvests = [
    sampleHarvest({ id: "early", cutOn: "2025-06-20" }),
    sampleHarvest({ id: "late", cutOn: "2025-07-20" }),
  ];
  const run = {
    ...sampleRun([entryAt(300, { type: "separated", oilMl: 3 }, "s")]),
    harvestId: "late",
  };
  const [first] = plantCalendar(book, harvests, [summarise(run, book)], sea, at("2026-06-10"));
  expect(ownSeasonWords(first!)).toBe(
    "Yours: 2 harvests, from 20 Jun to 20 Jul; the richest was cut on 20 Jul.",
  );
  expect(ownSeasonWords({ own: [] })).toBeUndefined();
  expect(seasonWords(first!)).toMatch(/^In \d+ days?: /);
  expect(seasonWords({})).toBe("No season of its own: any dry time.");
});

test("own harvests lie in the order of their days, each with the best of its own runs", () => {
  const harvests = [
    sampleHarvest({ id: "late", cutOn: "2025-07-20" }),
    sampleHarvest({ id: "early", cutOn: "2025-06-20" }),
    sampleHarvest({ id: "clove", plantId: "clove", cutOn: "2025-01-10" }),
  ];
  const run = (oilMl: number | undefined, harvestId: string) => ({
    ...sampleRun(
      oilMl === undefined ? [] : [entryAt(300, { type: "separated", oilMl }, `s-${oilMl}`)],
      `run-${oilMl}-${harvestId}`,
    ),
    harvestId,
  });
  const runs = [run(3, "late"), run(5, "late"), run(undefined, "early")];
  const summaries = runs.map((each) => summarise(each, book));
  const best = Math.max(...summaries.map(({ result }) => result?.mlPerKgDry ?? 0));
  const year = plantCalendar(book, harvests, summaries, sea, at("2026-06-10"));
  const [sage, clove] = year;
  expect(sage!.own).toEqual([
    { day: 170, cutOn: "2025-06-20" },
    { day: 200, cutOn: "2025-07-20", mlPerKgDry: best },
  ]);
  /* Without a season of its own it is in the year all the same, since it was cut before. */
  expect(clove).toMatchObject({ plant: { id: "clove" }, own: [{ cutOn: "2025-01-10" }] });
  expect(clove).not.toHaveProperty("inDays");
});

test("a fortnight is near, a day more is not; the nearest comes first", () => {
  const year = yearOf("2026-06-10");
  const [sage, ...others] = year;
  const near = (...inDays: (number | undefined)[]) =>
    nearPlants(inDays.map((days) => ({ ...sage!, inDays: days }))).map((each) => each.inDays);
  expect(near(14, 0, undefined, 15, 3)).toEqual([0, 3, 14]);
  expect(nearPlants(others)).toEqual([]);
});

test("a garden is where it was told to be", () => {
  const site = { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 };
  expect(gardenOf({ site })).toEqual({ altitudeM: 320 });
  expect(gardenOf({ site, place: { latitude: 41 } as never })).toEqual({
    altitudeM: 320,
    latitude: 41,
  });
});
