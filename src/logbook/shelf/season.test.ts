import { newRecord } from "@/records/base";
import type { Harvest } from "@/records/harvest";
import { defaultPreferences } from "@/records/setting";
import { emptyStock } from "@/testing/emptyStock";
import { entryAt, measuredRun, sampleRun } from "@/testing/sampleRecords";
import { sampleBottle, sampleHarvest, sampleLot, sampleUse } from "@/testing/sampleShelf";
import { catalogueBook } from "../plant/plantBook";
import { seasonOf, yearsOf } from "./season";

const now = new Date("2026-06-15T10:00:00Z");
const preferences = { ...defaultPreferences(), prices: { currency: "€", oilPerMl: 2 } };

/* The same run a year earlier. */
function lastYears(run: ReturnType<typeof sampleRun>) {
  const back = (at: string) => at.replace("2026-", "2025-");
  return { ...run, entries: run.entries.map((entry) => ({ ...entry, at: back(entry.at) })) };
}

const from = {
  ...emptyStock,
  runs: [
    measuredRun("a", 1, 4),
    measuredRun("b", 2, 6),
    measuredRun("sage", 3, 1, { plantId: "clarysage" }),
    sampleRun([], "planned"),
    lastYears(measuredRun("c", 4, 2)),
  ],
  harvests: [
    sampleHarvest({ massG: 1500 }),
    sampleHarvest({ id: "harvest-b", massG: 500 }),
    sampleHarvest({ id: "old", massG: 900, cutOn: "2024-07-01" }),
  ] as Harvest[],
  lots: [
    sampleLot("oil", { volumeMl: 10 }),
    sampleLot("water", { product: "hydrosol", volumeMl: 900 }),
    sampleLot("before", { madeOn: "2025-06-01", volumeMl: 7 }),
    sampleLot("mixed", { origin: "blend", volumeMl: 50 }),
    sampleLot("bought", { origin: "bought", volumeMl: 70 }),
  ],
  bottles: [
    sampleBottle("o1", "oil", 5, { bestBy: "2026-08-20" }),
    sampleBottle("o2", "oil", 3, { bestBy: "2026-08-02" }),
    sampleBottle("o3", "oil", 1, { bestBy: "2027-06-30" }),
  ],
  uses: [
    sampleUse("u1", { bottleId: "o1", amountMl: 1 }),
    sampleUse("u2", { lotId: "water", amountMl: 100, way: "thrownAway" }),
    sampleUse("u3", { lotId: "water", amountMl: 30, way: "lost" }),
    sampleUse("u4", { lotId: "water", amountMl: 20, way: "gift" }),
    sampleUse("u5", { bottleId: "o2", amountMl: 0.5, way: "blended" }),
    sampleUse("u6", { bottleId: "o2", amountMl: 0.25, at: "2025-12-31T10:00:00.000Z" }),
    { ...newRecord("use", now), at: now.toISOString(), amountMl: 9, purpose: "of nothing" },
  ],
  stillOf: () => undefined,
  preferences,
};
const season = (year: number) => seasonOf(year, from, now, catalogueBook);

test("every year in which something was cut or distilled, the latest first", () => {
  expect(yearsOf(from)).toEqual([2026, 2025, 2024]);
});

test("a year sums what was lit in it, what was cut, made, used and lost", () => {
  const charge = sampleRun().plan.chargeG;
  expect(season(2026)).toMatchObject({
    year: 2026,
    runs: 3,
    harvestedG: 2000,
    distilledG: 3 * charge,
    madeMl: { oil: 10, hydrosol: 900 },
    usedMl: { oil: 1, hydrosol: 20 },
    lostMl: { oil: 0, hydrosol: 130 },
    worth: 20,
    cost: 0,
  });
  expect(season(2025)).toMatchObject({
    runs: 1,
    harvestedG: 0,
    usedMl: { oil: 0.25, hydrosol: 0 },
  });
  expect(season(2023)).toMatchObject({ runs: 0, plants: [], madeMl: { oil: 0, hydrosol: 0 } });
});

test("plant by plant, what was charged most first, each against its year before", () => {
  const kg = sampleRun().plan.chargeG / 1000;
  const [lavender, sage, ...more] = season(2026).plants;
  expect(more).toEqual([]);
  expect(lavender).toMatchObject({
    plantId: "lavender",
    name: catalogueBook.byId("lavender")!.name,
    runs: 2,
    chargedG: 2000 * kg,
    oilMl: 10,
    hydrosolMl: 1000,
  });
  expect(lavender!.mlPerKg).toBeCloseTo(10 / (2 * kg), 9);
  expect(lavender!.before).toBeCloseTo(2 / kg, 9);
  expect(sage).toMatchObject({ plantId: "clarysage", oilMl: 1 });
  expect(sage).not.toHaveProperty("before");
});

test("what nobody measured gives no yield; a plant in no book has its own name", () => {
  const lit = sampleRun([entryAt(0, { type: "lit" })]);
  const some = { ...from, runs: [{ ...lit, plantId: "moonwort" }] };
  const [plant] = seasonOf(2026, some, now, catalogueBook).plants;
  expect(plant).toMatchObject({ name: "moonwort", runs: 1, oilMl: 0, hydrosolMl: 0 });
  expect(plant).not.toHaveProperty("mlPerKg");
});

test("the twelve months to come, this one first, with the bottles that reach their best-by", () => {
  const { ahead } = season(2026);
  expect(ahead.map(({ month }) => month)).toEqual([
    ...["2026-06", "2026-07", "2026-08", "2026-09", "2026-10", "2026-11", "2026-12"],
    ...["2027-01", "2027-02", "2027-03", "2027-04", "2027-05"],
  ]);
  /* The bottle that was begun in the winter goes sooner; the last one is due in the thirteenth month. */
  expect(ahead.filter(({ bottles }) => bottles > 0)).toEqual([
    { month: "2026-06", bottles: 1 },
    { month: "2026-08", bottles: 1 },
  ]);
});
