import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { trialChanges } from "@/records/trial";
import { changedIn, differenceKinds, keptEqual, type Difference } from "./keptEqual";
import { chargeDrafted, chargeOf, sidesBeside, type TrialCharge } from "./sidesBeside";

const charge: TrialCharge = {
  plantId: "lavender",
  state: "fresh",
  preparation: "",
  stillId: "still-a",
  method: "steam",
  dryG: 200,
  waterMl: 2000,
  rateMlPerMin: 20,
  minutes: 60,
};
const other = (part: Partial<TrialCharge>): TrialCharge => ({ ...charge, ...part });
const beside = (part: Partial<TrialCharge>, changes?: Parameters<typeof keptEqual>[0]["changes"]) =>
  sidesBeside({ changes }, [charge], [other(part)]);

test("what is changed, and what goes with it, need not stay equal; all else has to", () => {
  expect(keptEqual({ changes: "other" })).toEqual([...differenceKinds]);
  expect(keptEqual({ changes: "method" })).toEqual([
    "plant",
    "state",
    "preparation",
    "still",
    "charge",
    "minutes",
  ]);
  expect(keptEqual({})).not.toContain("state");
  expect(keptEqual({})).not.toContain("preparation");
  expect(keptEqual({})).toContain("minutes");
  expect(changedIn({ changes: "stop" })).toBe("minutes");
  expect(changedIn({ changes: "copper" })).toBeUndefined();
  expect(changedIn({})).toBeUndefined();
  for (const changes of trialChanges) {
    const changed = changedIn({ changes });
    if (changed) expect(keptEqual({ changes })).not.toContain(changed);
  }
});

test.each<[Difference, Partial<TrialCharge>]>([
  ["plant", { plantId: "rose" }],
  ["state", { state: "dried" }],
  ["preparation", { preparation: "chopped" }],
  ["still", { stillId: "still-b" }],
  ["method", { method: "hydro" }],
  ["charge", { dryG: 221 }],
  ["charge", { dryG: 181 }],
  ["water", { waterMl: 2501 }],
  ["heat", { rateMlPerMin: 15.9 }],
  ["minutes", { minutes: 73 }],
])("%s apart is told", (kind, part) => {
  expect(beside(part, "other").alsoDiffers).toEqual([kind]);
});

test("charges within a tenth, times within a fifth, water and rate within a quarter are the same", () => {
  const near = { dryG: 219, waterMl: 2499, rateMlPerMin: 24.9, minutes: 71.9 };
  expect(beside(near, "other")).toEqual({ alsoDiffers: [] });
  expect(beside({ waterMl: 0 }, "other").alsoDiffers).toEqual(["water"]);
});

test("several charges of a side count by their middle, and by all that they are called", () => {
  const a = [charge, other({ dryG: 300 })];
  const b = [other({ dryG: 240 }), other({ dryG: 260 })];
  expect(sidesBeside({ changes: "other" }, a, b).alsoDiffers).toEqual([]);
  const mixed = [charge, other({ stillId: "still-b" })];
  const turned = [other({ stillId: "still-b" }), charge];
  expect(sidesBeside({ changes: "other" }, mixed, turned).alsoDiffers).toEqual([]);
  expect(sidesBeside({ changes: "other" }, mixed, [charge]).alsoDiffers).toEqual(["still"]);
});

test("what is tried has to differ, an amount by more than a fiftieth; what is tried is not told as more", () => {
  expect(beside({}, "stop")).toEqual({ alsoDiffers: [], unchanged: "minutes" });
  expect(beside({ minutes: 61.2 }, "stop").unchanged).toBe("minutes");
  expect(beside({ minutes: 61.3 }, "stop")).toEqual({ alsoDiffers: [] });
  expect(beside({ minutes: 120 }, "stop")).toEqual({ alsoDiffers: [] });
  expect(beside({ state: "dried" }, "state")).toEqual({ alsoDiffers: [] });
  expect(beside({}, "state").unchanged).toBe("state");
  expect(beside({}, "other")).toEqual({ alsoDiffers: [] });
});

test("one side alone says nothing", () => {
  const nothing = { alsoDiffers: [] };
  expect(sidesBeside({ changes: "stop" }, [], [charge])).toEqual(nothing);
  expect(sidesBeside({ changes: "stop" }, [charge], [])).toEqual(nothing);
});

test("a run is as it was planned, and as long on the drip as it was; a draft as it forecasts", () => {
  const run = sampleRun();
  const { plan } = run;
  expect(chargeOf(run)).toEqual({
    plantId: "lavender",
    state: "fresh",
    stillId: "still-a",
    preparation: plan.preparation ?? "",
    method: plan.method,
    dryG: plan.chargeG * (1 - plan.moisture),
    waterMl: plan.waterMl,
    rateMlPerMin: plan.forecast.rateMlPerMin,
    minutes: plan.forecast.runMinutes,
  });
  const drop = entryAt(30, { type: "firstDrop" });
  const off = entryAt(95, { type: "heatOff" });
  expect(chargeOf({ ...run, entries: [drop, off] }).minutes).toBe(65);
  for (const entries of [[drop], [off]])
    expect(chargeOf({ ...run, entries }).minutes).toBe(plan.forecast.runMinutes);
  const chopped = { ...run, plan: { ...plan, preparation: "chopped" } };
  expect(chargeOf(chopped).preparation).toBe("chopped");
  const chosen = { plantId: "rose", state: "wilted", preparation: "", stillId: "s" } as const;
  const drafted = chargeDrafted(
    {
      method: "hydro",
      chargeG: 1000,
      waterMl: 3000,
      figures: { moisture: 0.8 },
      forecast: { rateMlPerMin: 12, runMinutes: 90 },
    } as never,
    chosen,
  );
  expect(drafted).toEqual({
    ...chosen,
    method: "hydro",
    dryG: expect.closeTo(200, 6) as number,
    waterMl: 3000,
    rateMlPerMin: 12,
    minutes: 90,
  });
});
