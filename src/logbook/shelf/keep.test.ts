import fc from "fast-check";
import { usualKeepingRule } from "@/core/shelf/bestBy";
import { newRecord } from "@/records/base";
import type { Bottle, Use } from "@/records/bottle";
import type { Duty } from "@/records/duty";
import type { Lot } from "@/records/lot";
import type { AnyRecord } from "@/records/record";
import { emptyStock, sampleSite } from "@/testing/emptyStock";
import { sampleBottle, sampleCheck, sampleLot, sampleUse } from "@/testing/sampleShelf";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { catalogueBook } from "../plant/plantBook";
import { costOfLot, costOfRun, costSum } from "./costs";
import { dutiesDue, isDue } from "./duties";
import { leftInBottle } from "./bottleLevel";
import { lotBalance } from "./lotBalance";
import { judgedChecks } from "./lotChecks";
import { usualBottleMl, usualBottlesMl } from "./usualBottles";
import { proposeBottles } from "./proposeBottles";
import { lastPurposes } from "./purposes";
import { seasonOf, yearsOf } from "./season";
import { codesTwice, notBottled, shelved } from "./shelf";
import { takeable } from "./takeable";
import { leftOfLot, shelfOf, traceCode } from "./trace";

const day = new Date("2026-06-01T10:00:00Z");
/** A step of a person's at the shelf, as numbers that chance gives. */
const step = fc.tuple(
  fc.constantFrom("fill", "take", "blend", "lose", "overfill" as const),
  fc.nat(),
  fc.nat(),
  fc.double({ min: 0.01, max: 1, noNaN: true }),
);

test("through random histories of 200 steps volumes conserve, from lot to bottle to use to blend", () => {
  fc.assert(
    fc.property(fc.array(step, { minLength: 200, maxLength: 200 }), (steps) => {
      const lots = [sampleLot("a"), sampleLot("b", { volumeMl: 37.5 })];
      const bottles: Bottle[] = [];
      const uses: Use[] = [];
      let made = 137.5;
      steps.forEach(([what, i, j, share], n) => {
        const from = lots[i % lots.length]!;
        const { openMl } = lotBalance(from, bottles, uses);
        const full = bottles.filter((each) => leftInBottle(each, uses) > 1e-6);
        const source = full[j % Math.max(1, full.length)];
        if (what === "fill" && openMl > 1e-6)
          bottles.push(sampleBottle(`bottle-${n}`, from.id, openMl * share));
        if (what === "overfill" && share < 0.05) {
          bottles.push(sampleBottle(`bottle-${n}`, from.id, openMl + share));
          /* What was not there by the measures is a difference, and is told. */
          made += share;
        }
        if (what === "take" && source)
          uses.push(
            sampleUse(`use-${n}`, {
              bottleId: source.id,
              amountMl: leftInBottle(source, uses) * share,
            }),
          );
        if (what === "lose" && openMl > 1e-6)
          uses.push(
            sampleUse(`use-${n}`, { lotId: from.id, amountMl: openMl * share, way: "lost" }),
          );
        if (what === "blend" && source && openMl > 1e-6) {
          const parts = [
            { bottleId: source.id, amountMl: leftInBottle(source, uses) * share },
            { lotId: from.id, amountMl: openMl * share },
          ];
          const blend = sampleLot(`blend-${n}`, {
            origin: "blend",
            volumeMl: parts[0]!.amountMl + parts[1]!.amountMl,
          });
          lots.push(blend);
          parts.forEach((part, k) =>
            uses.push(sampleUse(`use-${n}-${k}`, { ...part, way: "blended", intoLotId: blend.id })),
          );
        }
      });
      for (const each of lots) {
        const { madeMl, overMl, bottledMl, takenMl, openMl } = lotBalance(each, bottles, uses);
        expect(madeMl + overMl).toBeCloseTo(bottledMl + takenMl + openMl, 6);
      }
      const left = lots.reduce((sum, each) => sum + leftOfLot(each, { bottles, uses }), 0);
      const gone = uses
        .filter(({ way }) => way !== "blended")
        .reduce((sum, { amountMl }) => sum + amountMl, 0);
      expect(left + gone).toBeCloseTo(made, 5);
    }),
    { numRuns: 60 },
  );
});

describe("lines", () => {
  const run = { ...sampleRun([entryAt(0, { type: "lit" })]), harvestId: "harvest-a" };
  const records: AnyRecord[] = [
    {
      ...newRecord("harvest", day),
      id: "harvest-a",
      plantId: "lavender",
      state: "fresh",
      massG: 2000,
      cutOn: "2026-05-04",
    },
    run,
    sampleLot("a", { runIds: [run.id], code: "K7Q-4MX" }),
    sampleLot("b", { plantId: "clarysage" }),
    sampleBottle("a1", "a", 30),
    sampleBottle("b1", "b", 20),
    sampleUse("u1", { bottleId: "a1", amountMl: 4, way: "blended", intoLotId: "mix" }),
    sampleUse("u2", { bottleId: "b1", amountMl: 2, way: "blended", intoLotId: "mix" }),
    sampleLot("mix", { origin: "blend", name: "Evening", volumeMl: 6 }),
    sampleBottle("m1", "mix", 5),
    sampleUse("u3", {
      bottleId: "m1",
      amountMl: 1,
      way: "gift",
      purpose: "a gift",
      to: "the neighbours",
    }),
  ];

  test("a gift is called back from its harvest, and a blend knows both its parents", () => {
    const down = traceCode("k7q4mx", shelfOf(records))!;
    expect(down.descendants.map(({ kind, id }) => `${kind} ${id}`)).toEqual([
      "bottle a1",
      "use u1",
      "lot mix",
      "bottle m1",
      "use u3",
    ]);
    expect(down.descendants.at(-1)).toMatchObject({ to: "the neighbours", way: "gift", via: "m1" });
    expect(down.ancestors.map(({ kind }) => kind)).toEqual(["run", "harvest"]);
    const up = traceCode("code-mix", shelfOf(records))!;
    expect(
      up.ancestors.filter(({ via }) => via === "mix").map(({ id, volumeMl }) => [id, volumeMl]),
    ).toEqual([
      ["a", 4],
      ["b", 2],
    ]);
    expect(up.ancestors.map(({ kind }) => kind)).toContain("harvest");
  });

  test("a file in which a blend is of itself is followed once", () => {
    const torn = [
      ...records,
      sampleUse("u4", { bottleId: "m1", amountMl: 1, way: "blended", intoLotId: "mix" }),
    ];
    const { ancestors, descendants } = traceCode("code-mix", shelfOf(torn))!;
    expect(ancestors.length + descendants.length).toBeLessThan(20);
  });

  test("no such code is nothing", () => {
    expect(traceCode("K7Q-4MY", shelfOf(records))).toBeUndefined();
  });
});

test("bottling takes large ones first, leaves little air, and says what is over", () => {
  const empties = [
    { ...newRecord("empty", day), sizeMl: 100, glass: "blue" as const, count: 2, changes: [] },
    { ...newRecord("empty", day), sizeMl: 30, glass: "amber" as const, count: 5, changes: [] },
  ];
  const { bottles, leftMl } = proposeBottles(275, "hydrosol", empties, "metric");
  expect(bottles.map(({ sizeMl, filledMl }) => [sizeMl, filledMl])).toEqual([
    [100, 100],
    [100, 100],
    [30, 30],
    [30, 30],
    [30, 15],
  ]);
  expect(leftMl).toBe(0);
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 5000, noNaN: true }), (volumeMl) => {
      const proposed = proposeBottles(volumeMl, "oil", [], "metric");
      const filled = proposed.bottles.reduce((sum, { filledMl }) => sum + filledMl, 0);
      expect(filled + proposed.leftMl).toBeCloseTo(volumeMl, 6);
      for (const each of proposed.bottles)
        expect(each.filledMl).toBeLessThanOrEqual(each.sizeMl + 1e-9);
    }),
  );
});

test("a hydrosol is judged against its own first reading, and what turned is due at once", () => {
  const hydrosol = sampleLot("h", { product: "hydrosol", ph: 5.3 });
  const checks = [
    sampleCheck("c2", "2026-06-20T08:00:00Z", { ph: 4.7, smell: "sour" }),
    sampleCheck("c1", "2026-05-20T08:00:00Z", { ph: 5.2, clarity: "clear" }),
  ];
  expect(judgedChecks(hydrosol, checks).map(({ verdict }) => verdict)).toEqual([
    "keep",
    "throwAway",
  ]);
  const [item] = shelved(
    { ...emptyStock, lots: [hydrosol], bottles: [sampleBottle("h1", "h", 500)], checks },
    new Date("2026-06-21T08:00:00Z"),
    catalogueBook,
  );
  expect(item).toMatchObject({ bestBy: "2026-06-20", due: true });
  expect(item!.moves.at(-1)).toMatchObject({ reason: "throwAway" });
});

test("a hydrosol that was milky when it was made is not spoilt for it", () => {
  const milky = sampleLot("h", { product: "hydrosol", look: "milky" });
  const checks = [sampleCheck("c1", "2026-05-20T08:00:00Z", { clarity: "cloudy" })];
  expect(judgedChecks(milky, checks)[0]!.verdict).toBe("keep");
  expect(judgedChecks({ ...milky, look: "clear" }, checks)[0]!.verdict).toBe("throwAway");
});

describe("what is due", () => {
  const stock = {
    ...emptyStock,
    lots: [sampleLot("a", { product: "hydrosol" }), sampleLot("open")],
    bottles: [sampleBottle("a1", "a", 80, { bestBy: "2026-07-20" })],
    runs: [],
    site: sampleSite,
  };
  const keys = (duties: Duty[], now = new Date("2026-08-01T08:00:00Z")) =>
    dutiesDue({ ...stock, duties }, now, catalogueBook).map(({ key }) => key);

  test("what waits to be bottled, to be checked, to be used", () => {
    expect(keys([])).toEqual(["bottle/open", "check/a/0", "bestBy/a"]);
  });

  test("done is gone, put off comes at its new day, and a check makes the next one another", () => {
    const said = (of: string, part: Partial<Duty>): Duty => ({
      ...newRecord("duty", day),
      of,
      ...part,
    });
    expect(keys([said("check/a/0", { doneAt: "2026-08-01T07:00:00Z" })])).toEqual([
      "bottle/open",
      "bestBy/a",
    ]);
    expect(keys([said("bottle/open", { putOffUntil: "2026-12-01T08:00:00Z" })])).toEqual([
      "check/a/0",
      "bestBy/a",
      "bottle/open",
    ]);
    const after = dutiesDue(
      { ...stock, duties: [], checks: [sampleCheck("c", "2026-07-03T08:00:00Z", { lotId: "a" })] },
      new Date("2026-08-01T08:00:00Z"),
      catalogueBook,
    );
    expect(after.map(({ key }) => key)).toContain("check/a/1");
  });

  test("oil that is settling is due when it has parted; the day after, what parted since", () => {
    const parting = sampleRun([
      entryAt(0, { type: "lit" }),
      entryAt(20, { type: "firstDrop" }),
      entryAt(80, { type: "heatOff" }),
    ]);
    const measured = sampleRun(
      [...parting.entries, entryAt(300, { type: "separated", oilMl: 4, hydrosolMl: 600 })],
      "run-b",
    );
    const due = dutiesDue(
      { ...stock, lots: [], bottles: [], duties: [], runs: [parting, measured] },
      new Date("2026-05-04T10:00:00Z"),
      catalogueBook,
    );
    expect(due.map(({ kind }) => kind)).toEqual(["settled", "secondDraw"]);
    expect(due[1]!.at.toISOString()).toBe("2026-05-05T13:00:00.000Z");
  });
});

test("a best-by that was near and done with is asked about again once it is past", () => {
  const kinds = (now: string, doneAt: string) =>
    dutiesDue(
      {
        ...emptyStock,
        lots: [sampleLot("a", { origin: "bought" })],
        bottles: [sampleBottle("a1", "a", 80, { bestBy: "2026-07-20" })],
        duties: [{ ...newRecord("duty", day), of: "bestBy/a", doneAt }],
        runs: [],
        site: sampleSite,
      },
      new Date(now),
      catalogueBook,
    ).map(({ kind }) => kind);
  expect(kinds("2026-07-10T12:00:00Z", "2026-07-01T08:00:00Z")).toEqual(["check"]);
  expect(kinds("2026-07-22T12:00:00Z", "2026-07-01T08:00:00Z")).toEqual(["past", "check"]);
  expect(kinds("2026-07-23T12:00:00Z", "2026-07-22T08:00:00Z")).toEqual(["check"]);
});

test("what is due on a day is due from its morning on, where the device is", () => {
  const due = { at: new Date(2026, 6, 4, 12), allDay: true };
  expect(isDue(due, new Date(2026, 6, 4, 0, 5))).toBe(true);
  expect(isDue(due, new Date(2026, 6, 3, 23, 55))).toBe(false);
  expect(isDue({ ...due, allDay: false }, new Date(2026, 6, 4, 11, 59))).toBe(false);
});

test("the person's own keeping rule moves what is due", () => {
  const at = (openedHydrosol: number) =>
    dutiesDue(
      {
        ...emptyStock,
        rule: { ...usualKeepingRule, openedHydrosol },
        lots: [sampleLot("a", { product: "hydrosol" })],
        bottles: [
          sampleBottle("a1", "a", 80, { bestBy: "2027-06-01", openedAt: "2026-06-02T08:00:00Z" }),
        ],
        duties: [],
        runs: [],
        site: sampleSite,
      },
      day,
      catalogueBook,
    )
      .find(({ kind }) => kind === "bestBy")!
      .at.getTime();
  expect(at(0.3)).toBeLessThan(at(0.6));
});

test("a place that stands empty is told for a month, until something stands there again", () => {
  const of = (uses: Use[], more: Lot[] = []) => ({
    ...emptyStock,
    lots: [sampleLot("a"), ...more],
    bottles: [sampleBottle("a1", "a", 100)],
    uses,
    duties: [],
    runs: [],
    site: sampleSite,
  });
  const emptied = sampleUse("u", { bottleId: "a1", amountMl: 100, at: "2026-06-10T08:00:00Z" });
  const kinds = (stock: ReturnType<typeof of>, now: string) =>
    dutiesDue(stock, new Date(now), catalogueBook).map(({ kind }) => kind);
  expect(kinds(of([emptied]), "2026-06-20T08:00:00Z")).toEqual(["ranOut"]);
  expect(kinds(of([emptied]), "2026-08-20T08:00:00Z")).toEqual([]);
  expect(kinds(of([emptied], [sampleLot("b")]), "2026-06-20T08:00:00Z")).toEqual(["bottle"]);
  expect(kinds(of([{ ...emptied, amountMl: 40 }]), "2026-06-20T08:00:00Z")).not.toContain("ranOut");
});

test("a planned run asks for its ice until it is lit", () => {
  const planned = sampleRun([]);
  const iced = { ...planned, plan: { ...planned.plan, iceKg: 4.2 } };
  const keys = (run: typeof iced) =>
    dutiesDue(
      {
        ...emptyStock,
        duties: [],
        runs: [run],
        site: sampleSite,
      },
      day,
      catalogueBook,
    ).map(({ key }) => key);
  expect(keys(iced)).toEqual([`ice/${planned.id}`]);
  expect(keys({ ...iced, entries: [entryAt(0, { type: "lit" })] })).toEqual([]);
});

test("a code that two devices gave is found; lots without a bottle wait", () => {
  const bottles = [
    sampleBottle("x", "a", 5, { code: "K7Q-4MX" }),
    sampleBottle("y", "a", 5, { code: "K7Q-4MX" }),
  ];
  expect(codesTwice({ bottles, lots: [sampleLot("a")] })).toEqual([bottles]);
  expect(notBottled({ bottles, lots: [sampleLot("a"), sampleLot("b")], uses: [] })).toMatchObject([
    { lot: { id: "b" }, openMl: 100 },
  ]);
});

test("the last purposes come first, each once", () => {
  const at = (n: number) => new Date(Date.UTC(2026, 0, n)).toISOString();
  const uses = [
    sampleUse("1", { purpose: "soap", at: at(1) }),
    sampleUse("2", { purpose: "salve", at: at(2) }),
    sampleUse("3", { purpose: "soap", at: at(3) }),
    sampleUse("4", { purpose: "Evening", at: at(4), way: "blended" }),
  ];
  expect(lastPurposes(uses)).toEqual(["soap", "salve"]);
});

describe("costs", () => {
  const run = sampleRun([
    entryAt(0, { type: "lit" }),
    entryAt(20, { type: "firstDrop" }),
    entryAt(30, { type: "iceAdded", massG: 2000 }),
    entryAt(120, { type: "heatOff" }),
  ]);
  const plan = { ...run.plan, powerW: 2000, runPowerW: undefined, chargeG: 500, waterMl: 4000 };
  const lit = { ...run, plan };
  const still = { heat: { kind: "plate" } } as never;
  const money = {
    prices: { currency: "€", electricityPerKWh: 0.3, oilPerMl: 1 },
    costs: { plantPerKg: 4, icePerKg: 0.5, hourOfWork: 10, bottleEach: 1 },
  };

  test("a run costs its plant, its heat by the log, its ice and its hours", () => {
    const costs = costOfRun(lit, still, money);
    expect(costs.plant).toBeCloseTo(2);
    expect(costs.ice).toBeCloseTo(1);
    expect(costs.work).toBeCloseTo(20);
    expect(costs.energy).toBeCloseTo(2 * 2 * 0.3);
    expect(costs).not.toHaveProperty("water");
  });

  test("ice that was struck out of the log costs nothing", () => {
    const ice = lit.entries.find(({ type }) => type === "iceAdded")!;
    const strike = entryAt(31, { type: "amendment", of: ice.id, struck: true } as never);
    const struck = { ...lit, entries: [...lit.entries, strike] };
    expect(costOfRun(struck, still, money)).not.toHaveProperty("ice");
  });

  test("its oil carries it all until hydrosol has a worth, then each its part; together they are the whole", () => {
    const lots = [
      sampleLot("oil", { runIds: [run.id], volumeMl: 4 }),
      sampleLot("water", { runIds: [run.id], product: "hydrosol", volumeMl: 1000 }),
    ];
    const all = { lots, runs: [lit], bottles: [], stillOf: () => still };
    const whole = costSum(costOfRun(lit, still, money));
    expect(costSum(costOfLot(lots[0]!, all, money).costs)).toBeCloseTo(whole);
    expect(costOfLot(lots[1]!, all, money).share).toBe(0);
    const valued = { ...money, costs: { ...money.costs, hydrosolPerL: 12 } };
    const shares = lots.map((each) => costOfLot(each, all, valued).share);
    expect(shares).toEqual([0.25, 0.75]);
  });

  test("a season sums its runs, its products and what was lost, against the year before", () => {
    const measured = {
      ...lit,
      entries: [...lit.entries, entryAt(400, { type: "separated", oilMl: 4, hydrosolMl: 500 })],
    };
    const from = {
      ...emptyStock,
      runs: [measured],
      harvests: [],
      lots: [sampleLot("oil", { runIds: [run.id], volumeMl: 4 })],
      uses: [sampleUse("u", { lotId: "oil", amountMl: 1, way: "lost" })],
      stillOf: () => still,
      preferences: money as never,
    };
    const season = seasonOf(2026, from, day, catalogueBook);
    expect(season).toMatchObject({
      runs: 1,
      distilledG: 500,
      madeMl: { oil: 4 },
      lostMl: { oil: 1 },
      worth: 4,
    });
    expect(season.plants[0]).toMatchObject({ oilMl: 4, mlPerKg: 8 });
    expect(season.plants[0]).not.toHaveProperty("before");
    expect(yearsOf(from)).toEqual([2026]);
    expect(seasonOf(2025, from, day, catalogueBook).runs).toBe(0);
  });
});

test("what is shown as left can be typed, to the last drop; more is not there", () => {
  expect(takeable(2.5, 2.46)).toBe(2.46);
  expect(takeable(2.4, 2.46)).toBe(2.4);
  expect(takeable(2.6, 2.46)).toBeUndefined();
  fc.assert(
    fc.property(fc.double({ min: 0.2, max: 5000, noNaN: true }), (leftMl) => {
      expect(takeable(Number(leftMl.toPrecision(6)), leftMl)).toBe(leftMl);
      expect(takeable(leftMl * 2, leftMl)).toBeUndefined();
    }),
  );
});

test("a deleted bottle does not count against its lot", () => {
  const lot = sampleLot("l", { volumeMl: 100 });
  const bottles = [
    sampleBottle("b1", "l", 40),
    sampleBottle("b2", "l", 30, { deletedAt: day.toISOString() }),
  ];
  expect(lotBalance(lot, bottles, [])).toMatchObject({ bottledMl: 40, openMl: 60, overMl: 0 });
});

test("what a check found amiss is looked at again in a fortnight", () => {
  const lot = sampleLot("u", { product: "hydrosol" });
  const check = sampleCheck("c1", "2026-05-20T08:00:00Z", { colour: "darker", smell: "weaker" });
  expect(judgedChecks(lot, [{ ...check, lotId: "u" }])[0]!.verdict).not.toBe("keep");
  const due = dutiesDue(
    {
      ...emptyStock,
      lots: [lot],
      bottles: [sampleBottle("u1", "u", 80)],
      checks: [{ ...check, lotId: "u" }],
      runs: [],
      duties: [],
      site: sampleSite,
    },
    new Date("2026-05-21T08:00:00Z"),
    catalogueBook,
  ).find(({ kind }) => kind === "check")!;
  expect(Math.round((due.at.getTime() - Date.parse("2026-05-20T12:00:00Z")) / 86_400_000)).toBe(14);
});

test("usual bottles are those that are sold: oil by the millilitre, waters by the country's measure", () => {
  expect(usualBottlesMl("oil", "us")).toEqual(usualBottlesMl("oil", "metric"));
  expect(usualBottleMl(580, "hydrosol", "metric")).toBe(1000);
  /* 580 mL are 19.6 fl oz: they go into a quart, 300 mL into a pint. */
  expect(usualBottleMl(580, "hydrosol", "us")).toBeCloseTo(946.35, 2);
  expect(usualBottleMl(300, "hydrosol", "us")).toBeCloseTo(473.18, 2);
  expect(usualBottleMl(9000, "liquor", "us")).toBeCloseTo(946.35, 2);
  const { bottles } = proposeBottles(950, "hydrosol", [], "us");
  expect(bottles[0]!.sizeMl).toBeCloseTo(946.35, 2);
});
