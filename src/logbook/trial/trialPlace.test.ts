import { planCharges } from "@/core/plan/planCharges";
import { defaultPreferences } from "@/records/setting";
import { emptyDraft } from "@/records/planDraft";
import type { Run } from "@/records/run";
import type { Trial } from "@/records/trial";
import { sampleRun, sampleStill } from "@/testing/sampleRecords";
import { sampleHarvest, sampleTrial } from "@/testing/sampleShelf";
import { besideWords } from "@/words/trialWords";
import { readDraft } from "../plan/readDraft";
import { catalogueBook } from "../plant/plantBook";
import { makeReady } from "../plan/makeReady";
import { keptEqual } from "./keptEqual";
import { trialDraft } from "../plan/trialDraft";
import {
  nextCharge,
  placeIn,
  trialPlaceOf,
  withLot,
  withRun,
  withRuns,
  withSidesSwapped,
} from "./trialPlace";

const trial = (part: Partial<Trial> = {}) => sampleTrial({ plantId: "clarysage", ...part });
const runs = ["r1", "r2", "r3"].map((id) => sampleRun([], id));

test("a pair waits for its lot; what is drawn stands, however often one draws", () => {
  expect(nextCharge(trial(), runs)).toEqual({ pair: 1 });
  const drawn = withLot(trial(), runs, "b");
  expect(nextCharge(drawn, runs)).toEqual({ pair: 1, side: "b" });
  expect(withLot(drawn, runs, "a")).toBe(drawn);
});

test("a half that stands alone asks for the other, like it; a binned run asks for its own again", () => {
  const half = trial({ runs: [{ runId: "r1", side: "b", pair: 1 }] });
  expect(nextCharge(half, runs)).toMatchObject({ pair: 1, side: "a", like: { id: "r1" } });
  const whole = withRun(half, { runId: "r2", side: "a", pair: 1 });
  expect(nextCharge(whole, runs)).toEqual({ pair: 2 });
  expect(nextCharge(whole, runs.slice(0, 1))).toMatchObject({ pair: 1, side: "a" });
});

test("apart, the side with fewer runs is next", () => {
  const apart = trial({ design: "apart", runs: [{ runId: "r1", side: "a" }] });
  expect(nextCharge(apart, runs)).toEqual({ side: "b" });
  expect(nextCharge(withRun(apart, { runId: "r2", side: "b" }), runs)).toEqual({ side: "a" });
});

test("a run knows its side and its other half, and stands in a trial once", () => {
  const whole = trial({
    runs: [
      { runId: "r1", side: "b", pair: 1 },
      { runId: "r2", side: "a", pair: 1 },
      { runId: "r3", side: "a", pair: 2 },
    ],
  });
  expect(trialPlaceOf("r1", [whole], runs)).toMatchObject({ side: "b", pair: 1 });
  expect(trialPlaceOf("r1", [whole], runs)!.others.map(({ id }) => id)).toEqual(["r2"]);
  expect(trialPlaceOf("nobody", [whole], runs)).toBeUndefined();
  expect(placeIn(whole, { side: "b", pair: 2 }, runs).others.map(({ id }) => id)).toEqual(["r3"]);
  const again = withRun(whole, { runId: "r3", side: "b", pair: 2 });
  expect(again.runs.filter(({ runId }) => runId === "r3")).toHaveLength(1);
});

test("a half is set beside the other before its heat: what differs too, and what does not", () => {
  const [one, two] = runs as [Run, Run];
  const half = (changes: Trial["changes"], other: Run) =>
    trialPlaceOf(
      "r1",
      [
        trial({
          changes,
          runs: [
            { runId: "r1", side: "b", pair: 1 },
            { runId: "r2", side: "a", pair: 1 },
          ],
        }),
      ],
      [one, other],
    )!;
  const { plan } = two;
  const otherStill = { ...two, stillId: "still-b", plan: { ...plan, waterMl: 2 * plan.waterMl } };
  const unlike = half("state", { ...otherStill, state: "dried" });
  expect(unlike.beside).toEqual({ alsoDiffers: ["still", "water"] });
  expect(besideWords(unlike)!.message).toBe(
    "Planned unlike run 1 also in the still, the water in the pot.",
  );
  const alike = half("water", two);
  expect(alike.beside).toEqual({ alsoDiffers: [], unchanged: "water" });
  expect(besideWords(alike)!.message).toBe(
    "Planned like run 1 in what is tried, too: the water in the pot.",
  );
  /* Who tries the water may change it by a tenth: too little to disturb, enough to be tried. */
  const tenth = { ...two, plan: { ...plan, waterMl: 1.1 * plan.waterMl } };
  expect(besideWords(half("water", tenth))).toBeUndefined();
  expect(besideWords(half("state", { ...tenth, state: "dried" }))).toBeUndefined();
});

test("what is changed, and what goes with it, need not stay equal", () => {
  expect(keptEqual({ changes: "state" })).not.toContain("state");
  expect(keptEqual({ changes: "state" })).toContain("still");
  expect(keptEqual({ changes: "method" })).not.toContain("water");
  expect(keptEqual({ changes: "other" })).toContain("state");
  /* Nobody said what an old trial changes: its states and preparations may be just that. */
  expect(keptEqual({})).not.toContain("state");
});

const known = (harvests = [sampleHarvest()]) => ({
  runs,
  harvests,
  book: catalogueBook,
  units: "metric" as const,
});

test("the first half takes half of what lies there, the second the rest of the same harvest, as it lies then", () => {
  const first = trialDraft(trial(), { pair: 1, side: "b" }, known());
  expect(first).toMatchObject({
    plantId: "clarysage",
    harvestId: "harvest-a",
    massText: "1000",
    state: "fresh",
    trialId: "trial-a",
    trialSide: "b",
    trialPair: "1",
  });
  const like = { ...runs[0]!, plantId: "clarysage", harvestId: "harvest-a" };
  const wilted = sampleHarvest({
    weighings: [{ at: "2026-06-02T06:00:00.000Z", massG: 700 }],
  });
  const second = trialDraft(
    trial(),
    { pair: 1, side: "a", like },
    { ...known([wilted]), runs: [like] },
  );
  const asTheFirst = {
    waterText: String(like.plan.waterMl),
    rateText: String(Number(like.plan.forecast.rateMlPerMin.toPrecision(4))),
    stopBy: "clock",
    minutesText: String(Math.round(like.plan.forecast.runMinutes)),
  };
  expect(second).toMatchObject({
    massText: "700",
    stillId: "still-a",
    method: like.plan.method,
    ...asTheFirst,
  });
  /* What is tried is left to the person. */
  const tried = trial({ changes: "heat" });
  const third = trialDraft(tried, { pair: 1, side: "a", like }, { ...known(), runs: [like] });
  expect(third).toMatchObject({ waterText: asTheFirst.waterText, rateText: "", minutesText: "" });
});

test("a charge that is made ready for a trial stands in it, on its side", () => {
  const draft = {
    ...emptyDraft("metric" as const),
    plantId: "lavender",
    state: "fresh",
    massText: "600",
    massUnit: "g" as const,
    stopBy: "clock" as const,
    minutesText: "60",
    trialId: "trial-a",
    trialSide: "b" as const,
    trialPair: "3",
  };
  const still = sampleStill();
  const { site } = defaultPreferences();
  const context = { stills: [still], measures: [], book: catalogueBook, summaries: [], site };
  const plan = planCharges(readDraft(draft, context).input!);
  const ready: Parameters<typeof makeReady>[0] = {
    plan,
    ranges: { oil: plan.forecast.oil } as Parameters<typeof makeReady>[0]["ranges"],
    plantId: "lavender",
    state: "fresh",
    still,
    preparation: "withStems",
    schools: {},
    runs: [],
    harvests: [],
    trials: [trial()],
    draft,
    now: new Date("2026-06-02T08:00:00Z"),
  };
  const { run, records } = makeReady(ready);
  const kept = records.find((record) => record.kind === "trial");
  expect(kept).toMatchObject({ runs: [{ runId: run.id, side: "b", pair: 3 }] });
  /* Planned anew and not for the trial, it leaves it; planned anew for it, it keeps its one place. */
  const anew = (trialId: string) =>
    makeReady({
      ...ready,
      runs: [run],
      trials: [kept as Trial],
      draft: { ...draft, runId: run.id, trialId },
    }).records.find((record) => record.kind === "trial");
  expect(anew("")).toMatchObject({ runs: [] });
  expect(anew("trial-a")).toMatchObject({ runs: [{ runId: run.id }] });
});

test("runs distilled already come in as the next pair, or one to a side", () => {
  const pairs = { ...sampleTrial(), design: "pairs" as const, runs: [] };
  const two = withRuns(withRuns(pairs, { a: "r1", b: "r2" }), { a: "r3", b: "r4" });
  expect(two.runs).toEqual([
    { runId: "r1", side: "a", pair: 1 },
    { runId: "r2", side: "b", pair: 1 },
    { runId: "r3", side: "a", pair: 2 },
    { runId: "r4", side: "b", pair: 2 },
  ]);
  const apart = { ...pairs, design: "apart" as const };
  expect(withRuns(apart, { b: "r9" }).runs).toEqual([{ runId: "r9", side: "b" }]);
  const sides = (trial: Trial) => trial.runs.map(({ side }) => side).join("");
  expect(sides(withSidesSwapped(two, { runId: "r3", pair: 2 }))).toBe("abba");
  const loose = withRuns(withRuns(apart, { a: "r1", b: "r2" }), { a: "r3" });
  expect(sides(withSidesSwapped(loose, { runId: "r3" }))).toBe("abb");
});
