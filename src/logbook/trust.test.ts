import { stopAlone } from "@/core/plan/stopChoices";
import { catalogueBook } from "./plant/plantBook";
import { contentOfRun } from "./run/contentOfRun";
import { doubtfulLog } from "./run/doubtfulLog";
import { againLike, draftOfRun } from "./plan/draftOfRun";
import { emptyDraft, planDraftSchema, wholeDraft } from "@/records/planDraft";
import { harvestOfItsOwn } from "./harvest/harvestLeft";
import { knownRequest } from "./run/knownRequest";
import { liveRun } from "./run/liveRun";
import { ownContents } from "./run/ownContents";
import type { Run } from "@/records/run";
import { runState } from "./run/runState";
import { summarise } from "./run/runSummary";
import { openChunk } from "@/records/sampleChunk";
import { overdrawn, shelved } from "./shelf/shelf";
import { bestByWords } from "@/words/bestByWords";
import { emptyStock } from "@/testing/emptyStock";
import { entryAt, sampleRun } from "@/testing/sampleRecords";

/** A measured run whose first drop was noted so many minutes before heat off. */
function measured(minutes: number, oilMl = 3.2): Run {
  const run = sampleRun([
    entryAt(0, { type: "lit" }),
    entryAt(20, { type: "boiling" }),
    entryAt(90 - minutes, { type: "firstDrop" }),
    entryAt(90, { type: "heatOff" }),
    entryAt(200, { type: "separated", oilMl, hydrosolMl: 700 }),
  ]);
  return { ...run, plan: { ...run.plan, oilMlPerKg: { low: 5, high: 13 } } };
}
const contents = (run: Run) =>
  ownContents([summarise(run, catalogueBook)], "lavender", "fresh", catalogueBook);

test("a first drop noted a minute before heat off is asked about, and teaches nothing until answered", () => {
  const late = measured(1);
  expect(doubtfulLog(summarise(late, catalogueBook), catalogueBook)).toEqual({
    minutes: 1,
    hydrosolMl: 700,
  });
  expect(contents(late)).toEqual([]);
  expect(contents({ ...measured(12, 1.5), confirmed: true })).toHaveLength(1);
  const plain = measured(60);
  expect(doubtfulLog(summarise(plain, catalogueBook), catalogueBook)).toBeUndefined();
  expect(contents(plain)).toHaveLength(1);
});

test("more than twice a good year's oil is asked about, less is not", () => {
  for (let oilMl = 2; oilMl < 60; oilMl += 2) {
    const told = summarise(measured(60, oilMl), catalogueBook);
    const content = contentOfRun(told, catalogueBook)!;
    expect([oilMl, doubtfulLog(told, catalogueBook) !== undefined]).toEqual([
      oilMl,
      content > 2 * 13,
    ]);
  }
});

test("a run whose plan asks for an unknown plant is watched by the plan's own figures", () => {
  const run = sampleRun([
    entryAt(0, { type: "lit" }),
    entryAt(24, { type: "firstDrop" }),
    entryAt(30, { type: "heatChanged", powerW: 1500 }),
  ]);
  const request = {
    method: "steam" as const,
    material: { plantId: "moonwort" },
    massG: 700,
    still: { heat: { powerW: 3000 } },
    waterMl: 3000,
    stop: { perKg: 1 },
  };
  const strange = { ...run, plan: { ...run.plan, request } };
  expect(knownRequest(strange.plan)).toBeUndefined();
  const live = liveRun(strange, runState(strange.entries), Date.parse("2026-05-04T08:40:00Z"));
  expect(live.live?.rateMlPerMin).toBeGreaterThan(0);
});

test("a run's plan stands in the fields as it was; a run like it is weighed anew", () => {
  const run = sampleRun();
  expect(draftOfRun(run, "metric")).toMatchObject({
    plantId: "lavender",
    state: "fresh",
    stillId: "still-a",
    method: "steam",
    massText: "700",
    massUnit: "g",
    stopBy: "ratio",
  });
  expect(draftOfRun(run, "us")).toMatchObject({ massText: "24.69", massUnit: "oz" });
  const kept = { ...run, draft: { massText: "1½", massUnit: "kg" as const, runId: "x" } };
  expect(againLike(kept, "metric")).toMatchObject({ massText: "1½", massUnit: "kg", runId: "" });
});

test("of a stored draft what cannot be read is left out, and the rest stands", () => {
  const stored = planDraftSchema.parse({ massUnit: "stone", wishUnit: "toString", massText: "5" });
  expect(wholeDraft(stored, "metric")).toEqual({ ...emptyDraft("metric"), massText: "5" });
  expect(planDraftSchema.parse({ goal: "steal", pace: 7 })).toEqual({});
});

test("a harvest is a run's own while no other is of it", () => {
  const harvest = { id: "h" } as never;
  const [mine, other] = [
    { ...sampleRun([], "a"), harvestId: "h" },
    { ...sampleRun([], "b"), harvestId: "h" },
  ];
  expect(harvestOfItsOwn(mine, [harvest], [mine])).toBe(harvest);
  expect(harvestOfItsOwn(mine, [harvest], [mine, other])).toBeUndefined();
});

const chunk = {
  runId: "run-a",
  channel: "head" as const,
  unit: "°C" as const,
  startAt: "2026-07-18T10:00:00.000Z",
  offsetsMs: [0, 1000, 2000],
};

test("a stored sample that cannot be true goes alone", () => {
  expect(openChunk({ ...chunk, values: [null, 98.4, 1e12] })).toEqual({
    ...chunk,
    startAt: "2026-07-18T10:00:01.000Z",
    offsetsMs: [0],
    values: [98.4],
  });
  expect(openChunk({ ...chunk, values: [null, null, null] })).toBeUndefined();
  expect(
    openChunk({ ...chunk, startAt: "+300000-01-01T00:00:00Z", values: [1, 2, 3] }),
  ).toBeUndefined();
});

const bottle = {
  kind: "bottle" as const,
  id: "b",
  version: 1 as const,
  createdAt: "2026-07-01T08:00:00Z",
  updatedAt: "2026-07-01T08:00:00Z",
  code: "LA-0701-O1-a",
  lotId: "l",
  sizeMl: 5,
  filledMl: 3,
  glass: "amber" as const,
  storage: "cellar" as const,
  bestBy: "2026-08-01",
};
const use = (id: string) => ({
  ...bottle,
  kind: "use" as const,
  id,
  bottleId: "b",
  at: "2026-07-02T08:00:00Z",
  amountMl: 2.4,
  purpose: "soap",
});

test("two tabs that took 2.4 mL each out of 3.0 mL are both told", () => {
  expect(overdrawn([bottle], [use("u")])).toEqual([]);
  expect(overdrawn([bottle], [use("u"), use("v")])).toEqual([{ bottle, takenMl: 4.8 }]);
});

test("on its last day a bottle is not past it, on the evening either", () => {
  const lot = { id: "l", plantId: "lavender" } as never;
  const words = (today: Date) => {
    const [item] = shelved({ ...emptyStock, bottles: [bottle], lots: [lot] }, today, catalogueBook);
    return bestByWords(item!);
  };
  expect(words(new Date(2026, 7, 1, 23, 30))).toBe("0 days left");
  expect(words(new Date(2026, 7, 2, 0, 30))).toBe("past by 1 day");
});

test("a plan that ends by worth says so at the still: heat off comes when ten more minutes earn too little", () => {
  const entries = [entryAt(0, { type: "lit" }), entryAt(24, { type: "firstDrop" })];
  const run = sampleRun(entries);
  const request = {
    method: "steam" as const,
    material: { plantId: "lavender", state: "fresh" as const },
    massG: 700,
    still: { heat: { powerW: 3000, efficiency: 0.4 }, dryLineMl: 700 },
    waterMl: 5500,
    stop: { worthMlPer10Min: 0.2 },
  };
  const forecast = { ...run.plan.forecast, spendableMl: 4000 };
  const planned = { ...run, plan: { ...run.plan, forecast, stop: request.stop, request } };
  const at = Date.parse("2026-05-04T08:34:00Z");
  const { live } = liveRun(planned, runState(entries), at);
  const ends = stopAlone(request, request.stop);
  expect(live).toMatchObject({ endsBy: "worthMlPer10Min" });
  expect(live!.minutesToHeatOff).toBeCloseTo(ends - 10, 6);
});
