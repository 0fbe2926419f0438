import { guardsOf } from "@/core/shelf/waterKeeping";
import { usualKeepingRule } from "@/core/shelf/bestBy";
import { productCautions } from "@/core/care/productCautions";
import { usualWater } from "@/core/care/usualWater";
import { plantById } from "@/core/plant/catalogue";
import type { Run } from "@/records/run";
import { entryAt, sampleOwnPlant, sampleRun } from "@/testing/sampleRecords";
import { sampleBottle, sampleCheck, sampleLot } from "@/testing/sampleShelf";
import { catalogueBook, plantBook } from "../plant/plantBook";
import { judgedChecks } from "./lotChecks";
import { identityOf, measuredOf } from "./measuredOil";
import { monthsFilled, phOfLot } from "./monthsFilled";
import { oilParts } from "./oilParts";
import { shelfOf } from "./trace";
import { waterOfLot } from "./waterOfLot";

const run: Run = {
  ...sampleRun([entryAt(90, { type: "separated", oilMl: 5, hydrosolMl: 700 })]),
  id: "run-w",
};
const runs = new Map([[run.id, run]]);
const water = (part: Partial<ReturnType<typeof sampleLot>> = {}) =>
  sampleLot("h", { product: "hydrosol", plantId: run.plantId, runIds: [run.id], ...part });
const sum = (content: Readonly<Record<string, number>> | undefined) =>
  Object.values(content ?? {}).reduce((all, each) => all + each, 0);

describe("a water by its own run", () => {
  test("its first jar holds more than its last, and the whole lies between them", () => {
    const [first, last, whole] = [
      waterOfLot(water({ jar: { number: 1, fromMl: 0, toMl: 200 } }), runs),
      waterOfLot(water({ jar: { number: 2, fromMl: 200, toMl: 700 } }), runs),
      waterOfLot(water(), runs),
    ].map(sum) as [number, number, number];
    expect(first).toBeGreaterThan(last);
    expect(whole).toBeGreaterThan(last);
    expect(whole).toBeLessThan(first * 1.001);
  });

  test("a first cut without a numbered jar is the strongest water all the same", () => {
    const cut = waterOfLot(water({ firstCut: true, volumeMl: 200 }), runs);
    const jar = waterOfLot(water({ jar: { number: 1, fromMl: 0, toMl: 200 } }), runs);
    expect(sum(cut)).toBeCloseTo(sum(jar), 9);
  });

  test("blended, bought, an oil, or of a run that says too little, it has none of its own", () => {
    expect(waterOfLot(water({ origin: "bought" }), runs)).toBeUndefined();
    expect(waterOfLot(water({ product: "oil" }), runs)).toBeUndefined();
    expect(waterOfLot(water({ runIds: ["gone"] }), runs)).toBeUndefined();
    expect(waterOfLot(water({ runIds: [] }), runs)).toBeUndefined();
  });

  test("a pot liquor holds what its run leaves in the pot, and is judged no milder than the usual water", () => {
    const swum = {
      ...run,
      plan: { ...run.plan, request: { ...run.plan.request!, method: "hydro" as const } },
    };
    const pots = new Map([[run.id, swum]]);
    const liquor = water({ product: "liquor" });
    expect(sum(waterOfLot(liquor, pots))).toBeGreaterThan(0);
    expect(waterOfLot(liquor, runs)).toBeUndefined();
    const [part] = oilParts(liquor, shelfOf([swum, liquor]), catalogueBook);
    const usual = usualWater(plantById(run.plantId)!);
    for (const [id, mgPerL] of Object.entries(usual))
      expect(part!.water![id]).toBeGreaterThanOrEqual(mgPerL);
  });

  test("its cautions go by that content, and by the plant's usual where there is none", () => {
    const shelf = shelfOf([run, water()]);
    const [part] = oilParts(water(), shelf, catalogueBook);
    expect(sum(part!.water)).toBeCloseTo(sum(waterOfLot(water(), runs)), 9);
    const [usual] = oilParts(water({ runIds: [] }), shelf, catalogueBook);
    expect(usual!.water).toEqual(usualWater(plantById(run.plantId)!));
  });
});

test("a measured oil is warned of by what is in it, and of all that its plant is warned of", () => {
  const oil = sampleLot("h", { plantId: "lavender" });
  const shares = { linalool: 0.3, methylEugenol: 0.02, camphor: 0.2 };
  const checks = [
    sampleCheck("old", "2026-06-01T08:00:00.000Z", { shares: { linalool: 0.4 } }),
    sampleCheck("new", "2026-06-02T08:00:00.000Z", { shares }),
  ];
  const [part] = oilParts(oil, shelfOf([oil, ...checks]), catalogueBook);
  /* What it does not name is taken to be as the plant usually has it. */
  expect(part!.composition).toMatchObject(shares);
  expect(sum(part!.composition)).toBeCloseTo(1, 9);
  expect(productCautions("oil", [part!])).toEqual(
    expect.arrayContaining(["limitedOnSkin", "convulsant"]),
  );
});

test("what was only measured is no look: it neither begins a lot's readings nor judges it", () => {
  const oil = sampleLot("h");
  const measured = sampleCheck("m", "2026-06-01T08:00:00.000Z", { densityGPerMl: 0.95 });
  const look = sampleCheck("l", "2026-06-03T08:00:00.000Z", { clarity: "clear" });
  expect(judgedChecks(oil, [measured, look]).map(({ check }) => check.id)).toEqual(["l"]);
  expect(measuredOf("h", [look])).toBeUndefined();
  expect(identityOf(oil, [measured, look], catalogueBook)).toMatchObject({ verdict: "out" });
  const later = sampleCheck("n", "2026-06-04T08:00:00.000Z", { refractiveIndex: 1.46 });
  expect(measuredOf("h", [later, measured])).toMatchObject({
    densityGPerMl: 0.95,
    refractiveIndex: 1.46,
  });
});

test("how long a water keeps goes by its last pH, how it was filled, and the person's own rule", () => {
  const lot = water({ ph: 6 });
  const bottle = sampleBottle("b", "h", 100, { storage: "fridge" });
  const months = (
    filled: Partial<typeof bottle> = {},
    checks = [] as ReturnType<typeof sampleCheck>[],
    rule = usualKeepingRule,
  ) =>
    monthsFilled(lot, { ...bottle, ...filled }, { book: catalogueBook, rule, runs: [run], checks });
  expect(months({ filling: "hot" })).toBeGreaterThan(months());
  const sour = sampleCheck("s", "2026-06-02T08:00:00.000Z", { ph: 3.8 });
  expect(phOfLot(lot, [sour])).toBe(3.8);
  expect(months({}, [sour])).toBeGreaterThan(months());
  expect(months({}, [], { ...usualKeepingRule, waterMonths: 8 })).toBeCloseTo(2 * months(), 9);
  const guards = guardsOf(waterOfLot(lot, runs)!);
  expect(guards.alcoholsMgPerL + guards.phenolsMgPerL).toBeGreaterThan(0);
});

test("an oil is held against the book, also once the person plans with that very oil", () => {
  const oil = sampleLot("h", { plantId: "lavender" });
  const shares = { cineole: 0.7, alphaPinene: 0.1 };
  const check = sampleCheck("c", "2026-06-01T08:00:00.000Z", { shares });
  const taught = plantBook([
    { ...sampleOwnPlant({ composition: shares }), plantId: "lavender", like: "lavender" },
  ]);
  expect(taught.byId("lavender")!.composition).toEqual(shares);
  expect(identityOf(oil, [check], taught)).toMatchObject({ verdict: "out", could: ["otherKind"] });
});

test("what was added to a water counts by the pH that was read, never by the usual one", () => {
  const cold = {
    ...sampleBottle("b", "h", 100, { storage: "fridge" }),
    filling: "rinsed" as const,
  };
  const preserved = { with: "sorbate" as const, percent: 0.2 };
  const months = (lot: ReturnType<typeof water>, bottle = { ...cold, preserved }) =>
    monthsFilled(lot, bottle, {
      book: catalogueBook,
      rule: usualKeepingRule,
      runs: [],
      checks: [],
    });
  const rose = (ph?: number) => water({ plantId: "rose", runIds: [], ...(ph ? { ph } : {}) });
  expect(months(rose())).toBe(
    monthsFilled(rose(), cold, {
      book: catalogueBook,
      rule: usualKeepingRule,
      runs: [],
      checks: [],
    }),
  );
  expect(months(rose(4.3))).toBe(12);
});

test("a bowl under a lid keeps ten days unless it is said how cleanly it was handled", () => {
  const bowl: Run = { ...run, plan: { ...run.plan, method: "bowl" } };
  const by = { book: catalogueBook, rule: usualKeepingRule, runs: [bowl], checks: [] };
  const bottle = sampleBottle("b", "h", 100, { storage: "fridge" });
  expect(monthsFilled(water(), bottle, by) * 30.4).toBeCloseTo(10, 6);
  expect(monthsFilled(water(), { ...bottle, filling: "boiled" }, by)).toBeGreaterThan(3);
});
