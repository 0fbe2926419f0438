import fc from "fast-check";
import { forecastRun } from "@/core/forecast/forecastRun";
import { planCharges } from "@/core/plan/planCharges";
import { plantStates } from "@/core/plant/plant";
import { faultOf, openRecord } from "@/records/migrate";
import { emptyDraft, type PlanDraft } from "@/records/planDraft";
import { catalogueBook } from "../plant/plantBook";
import { nextRunNumber } from "@/records/run";
import { makeReady } from "./makeReady";
import { sampleStills } from "@/testing/sampleRecords";
import { readDraft } from "./readDraft";
import { schoolsFollowed, waysOfWorking } from "@/words/waysOfWorking";

const stills = sampleStills();
const context = {
  stills,
  measures: [],
  book: catalogueBook,
  summaries: [],
  site: { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 },
};

const number = fc.oneof(
  fc.constantFrom("", "0", "-1e-10", "-0.0000000001", "1", "0.0000001", "12", "1000000"),
  fc.double({ min: 0.001, max: 5000, noNaN: true }).map((value) => value.toPrecision(4)),
);
const drafts: fc.Arbitrary<PlanDraft> = fc
  .record({
    plantId: fc.constantFrom(...catalogueBook.all.map(({ id }) => id)),
    state: fc.constantFrom(...plantStates),
    stillId: fc.constantFrom(...stills.map(({ id }) => id)),
    method: fc.constantFrom("", "steam", "hydro", "cohobation", "bowl"),
    goal: fc.constantFrom("have" as const, "have" as const, "want" as const),
    wishWhat: fc.constantFrom("oil" as const, "hydrosol" as const),
    wishText: number,
    massText: fc.oneof(
      { weight: 4, arbitrary: fc.integer({ min: 80, max: 2500 }).map(String) },
      { weight: 1, arbitrary: number },
    ),
    massUnit: fc.constantFrom("g", "g", "g", "kg", "oz", "stone", "toString"),
    agedText: fc.constantFrom("", "0", "18"),
    pace: fc.constantFrom("gentle" as const, "brisk" as const),
    waterRule: fc.constantFrom("ratio" as const, "cover" as const, "mark" as const),
    stopBy: fc.constantFrom("least" as const, "ratio", "worth", "clock", "smell"),
    ratioText: fc.constantFrom("1", "0.0001", "3", "20"),
    rateText: fc.constantFrom("", "", "0.0001", "7,5", "1000"),
    worthText: fc.constantFrom("", "", "0.05", "1", "0.0000001", "100"),
    minutesText: fc.constantFrom("", "1", "45", "1440"),
    waterText: fc.constantFrom("", "", "", "3500", "-1e-10", "9000"),
    chargesText: fc.constantFrom("", "", "1", "2", "7"),
    iceText: fc.constantFrom("", "0", "3.5"),
    coolingText: fc.constantFrom("", "0", "25"),
    preparation: fc.constantFrom("", "whole", "cut", "crushed"),
  })
  .map((part) => ({ ...emptyDraft("metric"), ...part }) as PlanDraft);

test("every plan that can be made ready can be opened again", () => {
  let made = 0;
  fc.assert(
    fc.property(drafts, (draft) => {
      const read = readDraft(draft, context);
      if (!read.input || !read.still) return;
      const plan = planCharges(read.input);
      if (plan.warnings.some(({ severity }) => severity === "error")) return;
      const { oil, ranges, fan } = forecastRun(plan.request, { samples: 12 });
      const { records } = makeReady({
        trials: [],
        plan,
        ranges: { oil, ranges, fan },
        plantId: read.plant.id,
        state: read.state,
        still: read.still,
        preparation: read.preparation.id,
        agedMonths: read.agedMonths,
        schools: schoolsFollowed(waysOfWorking(draft, read)),
        runs: [],
        harvests: [],
        draft,
        now: new Date("2026-07-01T08:00:00Z"),
      });
      made += 1;
      for (const record of records) {
        expect(faultOf(record)).toBeUndefined();
        expect(openRecord(JSON.parse(JSON.stringify(record)))).toMatchObject({ ok: true });
      }
    }),
    { numRuns: 1500 },
  );
  expect(made).toBeGreaterThan(150);
});

test("after the last run number there is the first free one goes out next", () => {
  expect(nextRunNumber([])).toBe(1);
  expect(nextRunNumber([{ number: 1e6 }])).toBe(1e6 + 1);
  expect(nextRunNumber([{ number: 1 }, { number: 1e9 }])).toBe(2);
});
