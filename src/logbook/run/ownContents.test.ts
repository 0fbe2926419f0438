import { measuredRun } from "@/testing/sampleRecords";
import type { Run } from "@/records/run";
import { catalogueBook } from "../plant/plantBook";
import { contentOfRun } from "./contentOfRun";
import { ownContents } from "./ownContents";
import { summarise } from "./runSummary";

const made = measuredRun("a", 1, 4);
const { forecast, chargeG } = made.plan;
const passedMl = forecast.rateMlPerMin * forecast.runMinutes;
const contentOf = (part: Partial<Run>, plan: Partial<Run["plan"]> = {}) =>
  contentOfRun(
    summarise({ ...made, ...part, plan: { ...made.plan, ...plan } }, catalogueBook),
    catalogueBook,
  );
const withHydrosol = (hydrosolMl: number | undefined, oilMl = 4) => ({
  entries: made.entries.map((entry) =>
    entry.type === "separated" ? { ...entry, oilMl, hydrosolMl } : entry,
  ),
});

test("what a charge held is at least what came of it", () => {
  const content = contentOf({})!;
  expect(content).toBeGreaterThan(4 / (chargeG / 1000));
  expect(contentOf(withHydrosol(500, 6))!).toBeGreaterThan(content);
});

test("of a plant, a plan or a measure that is not known nothing is learnt, nor of a charge that nobody weighed", () => {
  expect(contentOf({ plantId: "nobody-knows" })).toBeUndefined();
  expect(contentOf({ entries: made.entries.slice(0, 3) })).toBeUndefined();
  expect(contentOf({}, { request: undefined })).toBeUndefined();
  expect(contentOf({}, { oilMlPerKg: undefined })).toBeUndefined();
  expect(contentOf({}, { chargeBetweenG: { low: 400, high: 900 } })).toBeUndefined();
});

test("a hydrosol from half to twice what the plan's rate brings is what passed, else that rate is", () => {
  const byRate = contentOf(withHydrosol(undefined))!;
  const of = (share: number) => contentOf(withHydrosol(passedMl * share))!;
  expect(of(0.49)).toBe(byRate);
  expect(of(2.01)).toBe(byRate);
  expect(of(0.51)).not.toBe(byRate);
  expect(of(1.99)).not.toBe(byRate);
  /* Less steam washed as much oil out: there was more of it. */
  expect(of(0.6)).toBeGreaterThan(of(1));
  const back = { method: "cohobation" as const };
  expect(contentOf(withHydrosol(passedMl * 0.6), back)).toBe(
    contentOf(withHydrosol(undefined), back),
  );
});

test("a run that was noted without its times took as long as its hydrosol, else as planned", () => {
  const noTimes = (hydrosolMl: number | undefined) => ({
    told: "withoutClock" as const,
    entries: withHydrosol(hydrosolMl).entries.filter(({ type }) => type === "separated"),
  });
  const asPlanned = contentOf(noTimes(undefined))!;
  expect(asPlanned).toBeCloseTo(contentOf(withHydrosol(undefined))!, 6);
  expect(contentOf(noTimes(passedMl))!).toBeCloseTo(asPlanned, 6);
  expect(contentOf(noTimes(passedMl / 2))!).toBeGreaterThan(asPlanned);
  const back = { method: "cohobation" as const };
  expect(contentOf(noTimes(passedMl / 2), back)).toBe(contentOf(noTimes(undefined), back));
  expect(contentOf({ ...noTimes(500), told: undefined })).toBeUndefined();
});

test("what was told for a wetter cut is more for the plant as the book weighs it", () => {
  const usual = catalogueBook.byId("lavender")!.states.fresh!.moisture;
  const wetter = contentOf({}, { moisture: Math.min(0.95, usual + 0.1) })!;
  const drier = contentOf({}, { moisture: usual - 0.1 })!;
  expect(wetter).toBeGreaterThan(contentOf({}, { moisture: usual })!);
  expect(drier).toBeLessThan(contentOf({}, { moisture: usual })!);
});

test("own contents are of this plant in this state, fresh enough, not left out and not doubted", () => {
  const of = (part: Partial<Run>, plan: Partial<Run["plan"]> = {}) =>
    ownContents(
      [summarise({ ...made, ...part, plan: { ...made.plan, ...plan } }, catalogueBook)],
      "lavender",
      "fresh",
      catalogueBook,
    ).length;
  expect(of({})).toBe(1);
  expect(of({ plantId: "clarysage" })).toBe(0);
  expect(of({ state: "dried" })).toBe(0);
  expect(of({ notToLearn: true })).toBe(0);
  expect(of({}, { agedMonths: 3 })).toBe(1);
  expect(of({}, { agedMonths: 3.5 })).toBe(0);
  expect(of(withHydrosol(500, 60))).toBe(0);
  expect(of({ entries: [] })).toBe(0);
});
