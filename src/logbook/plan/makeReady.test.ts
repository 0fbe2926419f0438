import { forecastRun } from "@/core/forecast/forecastRun";
import { planCharges } from "@/core/plan/planCharges";
import { emptyDraft, type PlanDraft } from "@/records/planDraft";
import type { Harvest } from "@/records/harvest";
import type { Run } from "@/records/run";
import type { Trial } from "@/records/trial";
import { entryAt, sampleStill } from "@/testing/sampleRecords";
import { sampleHarvest, sampleTrial } from "@/testing/sampleShelf";
import { catalogueBook } from "../plant/plantBook";
import { makeReady, type Ready } from "./makeReady";
import { readDraft } from "./readDraft";

const now = new Date("2026-07-01T08:00:00");
const draft: PlanDraft = {
  ...emptyDraft("metric"),
  plantId: "lavender",
  massText: "1800",
  massUnit: "g",
};
const read = readDraft(draft, {
  stills: [sampleStill()],
  measures: [],
  book: catalogueBook,
  summaries: [],
  site: { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 },
});
const plan = planCharges(read.input!);
const { oil, ranges, fan } = forecastRun(plan.request, { samples: 12 });
const all: Ready = {
  plan,
  ranges: { oil, ranges, fan },
  plantId: "lavender",
  state: "fresh",
  still: sampleStill(),
  preparation: "whole",
  schools: {},
  runs: [],
  harvests: [],
  trials: [],
  draft,
  now,
};
const make = (part: Partial<Ready> = {}) => makeReady({ ...all, ...part });
const harvestIn = ({ records }: ReturnType<typeof make>) =>
  records.find((record): record is Harvest => record.kind === "harvest");

test("a charge made ready is a run with its plan, and a harvest of all its charges cut today", () => {
  const made = make({ schools: { pace: "gentle" } });
  expect(plan.charges).toBeGreaterThan(1);
  expect(made.records.map(({ kind }) => kind)).toEqual(["harvest", "run"]);
  expect(harvestIn(made)).toMatchObject({
    id: made.run.harvestId,
    plantId: "lavender",
    state: "fresh",
    massG: plan.chargeG * plan.charges,
    cutOn: "2026-07-01",
  });
  expect(harvestIn(made)).not.toHaveProperty("counted");
  expect(made.run).toMatchObject({
    number: 1,
    stillId: "still-a",
    stillName: sampleStill().name,
    checked: [],
    entries: [],
    draft: { plantId: "lavender", runId: "" },
    plan: {
      charge: 1,
      charges: plan.charges,
      chargeG: plan.chargeG,
      preparation: "whole",
      schools: { pace: "gentle" },
    },
  });
  for (const none of ["reasons", "agedMonths", "filled", "chargeBetweenG"])
    expect(made.run.plan).not.toHaveProperty(none);
});

test("what was said with it is kept: how old, why a stop was passed, what was counted", () => {
  const counted = { measure: "bunches", count: 3 };
  const made = make({ agedMonths: 0, reasons: { foam: "small flame" }, counted });
  expect(made.run.plan).toMatchObject({ agedMonths: 0, reasons: { foam: "small flame" } });
  expect(harvestIn(made)).toMatchObject({ counted });
});

test("the next charge of a harvest is one more of it, and writes the harvest no second time", () => {
  const harvest = sampleHarvest({ id: "h" });
  const before = [
    { ...make().run, number: 4, harvestId: "h" },
    { ...make().run, number: 9, harvestId: "other" },
  ];
  const made = make({ harvest, runs: before, harvests: [harvest] });
  expect(made.records).toEqual([made.run]);
  expect(made.run).toMatchObject({
    harvestId: "h",
    number: 10,
    plan: { charge: 2, charges: 1 + plan.charges },
  });
});

describe("planned anew", () => {
  const first = make();
  const own = { ...harvestIn(first)!, cutOn: "2026-06-28" };
  const again = (old: Run) =>
    make({ runs: [old], harvests: [own], draft: { ...draft, runId: old.id }, state: "dried" });

  test("a run that is not lit stays the same run, and a harvest of its own changes with it", () => {
    const made = again(first.run);
    expect(made.run).toMatchObject({ id: first.run.id, number: 1, plan: { charge: 1 } });
    expect(harvestIn(made)).toMatchObject({ id: own.id, state: "dried", cutOn: "2026-06-28" });
  });

  test("one that is lit stays as it is: another run follows it", () => {
    const lit = { ...first.run, entries: [entryAt(0, { type: "lit" })] };
    const made = again(lit);
    expect(made.run.id).not.toBe(lit.id);
    expect(made.run.number).toBe(2);
    expect(harvestIn(made)!.id).not.toBe(own.id);
  });
});

test("a filled still says whether the charge was weighed; a guess keeps its bounds for one charge", () => {
  const n = plan.charges;
  const guessed = { massG: 900 * n, low: 700 * n, high: 1100 * n } as NonNullable<Ready["guessed"]>;
  const bounds = { low: 700, high: 1100 };
  const planOf = (part: Partial<PlanDraft>, guess?: Ready["guessed"]) =>
    make({ draft: { ...draft, ...part }, guessed: guess }).run.plan;
  expect(planOf({ massBy: "still", massText: " " }, guessed)).toMatchObject({
    filled: "guessed",
    chargeBetweenG: bounds,
  });
  expect(planOf({ massBy: "still", massText: "900" }, guessed)).toMatchObject({
    filled: "weighed",
  });
  expect(planOf({ massBy: "still", massText: "900" }, guessed)).not.toHaveProperty(
    "chargeBetweenG",
  );
  expect(planOf({ massText: "6 L" }, guessed)).toMatchObject({ chargeBetweenG: bounds });
  expect(planOf({ massText: "6 L" }, guessed)).not.toHaveProperty("filled");
});

test("the trial it is planned for takes the run in; another that had it lets it go", () => {
  const { run } = make();
  const trials = [
    sampleTrial({ id: "asks", runs: [] }),
    sampleTrial({ id: "had", runs: [{ runId: run.id, side: "b" }] }),
    sampleTrial({ id: "apart", runs: [{ runId: "else", side: "a" }] }),
  ];
  const trialsOf = (part: Partial<PlanDraft>) =>
    make({ runs: [run], trials, draft: { ...draft, runId: run.id, ...part } })
      .records.filter((record): record is Trial => record.kind === "trial")
      .map(({ id, runs }) => [id, runs]);
  expect(trialsOf({ trialId: "asks", trialSide: "a", trialPair: "2" })).toEqual([
    ["asks", [{ runId: run.id, side: "a", pair: 2 }]],
    ["had", []],
  ]);
  expect(trialsOf({ trialId: "asks", trialSide: "b", trialPair: "" })[0]).toEqual([
    "asks",
    [{ runId: run.id, side: "b" }],
  ]);
  expect(trialsOf({ trialId: "" })).toEqual([["had", []]]);
});
