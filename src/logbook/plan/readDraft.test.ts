import fc from "fast-check";
import { sampleStill } from "@/testing/sampleRecords";
import { catalogueBook } from "../plant/plantBook";
import { emptyDraft, type PlanDraft } from "@/records/planDraft";
import { readDraft, type PlanContext } from "./readDraft";

const context: PlanContext = {
  stills: [sampleStill()],
  measures: [
    {
      kind: "measure",
      id: "m",
      version: 1,
      createdAt: "",
      updatedAt: "",
      name: "Basketful",
      massG: 350,
    },
  ],
  book: catalogueBook,
  summaries: [],
  site: { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 },
};
const draft = (part: Partial<PlanDraft>) =>
  readDraft({ ...emptyDraft("metric"), plantId: "lavender", ...part }, context);

test("a mass with its unit is enough for a plan", () => {
  expect(draft({ massText: "1,2", massUnit: "kg" })).toMatchObject({
    massG: 1200,
    problems: {},
    input: { massG: 1200, state: "fresh", method: "steam" },
  });
  expect(draft({ massText: "2", massUnit: "lb" }).massG).toBeCloseTo(907.18, 1);
});

test("no plant is chosen beforehand, and nothing is planned for one that nobody chose", () => {
  expect(draft({ plantId: "", massText: "1200" })).toMatchObject({
    chosen: false,
    input: undefined,
  });
});

test("pieces, heaps and a full still come to a weight, a guess with its range", () => {
  expect(draft({ massText: "two basketfuls" })).toMatchObject({
    massG: 700,
    counted: { count: 2, measure: { id: "m" } },
  });
  expect(draft({ massText: "3 lemons" }).problems.mass).toMatch(/one of the lemons weigh/);
  const heap = draft({ massText: "4 cups" });
  expect(heap.guessed!.low).toBeLessThan(heap.massG!);
  const full = draft({ massBy: "still" });
  expect(full.input?.massG).toBe(full.guessed!.massG);
  expect(draft({ massBy: "still", massText: "590" })).toMatchObject({ massG: 590 });
});

test("a counted measure is its weight times the count", () => {
  expect(draft({ massBy: "measure", measureId: "m", countText: "2.5" }).massG).toBe(875);
  expect(draft({ massBy: "measure", measureId: "m", countText: "-1" }).problems.count).toBe(
    "The count must be above 0.",
  );
});

test.each([
  [{ massText: "0" }, "mass", "must be above 0 g"],
  [{ massText: "-5" }, "mass", "must be above 0 g"],
  [{ massText: "plenty" }, "mass", "is not a number"],
  [{ massText: "99999999" }, "mass", "can be 1000000 g at most"],
  [{ massText: "500", chargesText: "1.5" }, "charges", "Charges come whole"],
  [{ massText: "500", chargesText: "0" }, "charges", "at least 1"],
  [{ massText: "500", waterText: "-2" }, "water", "must be above 0 mL"],
  [{ massText: "500", ratioText: "x" }, "ratio", "is not a number"],
  [
    { massText: "500", stopBy: "clock" as const, minutesText: "9999" },
    "minutes",
    "can be 1440 min at most",
  ],
] as const)("%j says what is wrong with %s", (part, field, words) => {
  const { problems, input } = draft(part);
  expect(problems[field as keyof typeof problems]).toContain(words);
  expect(input).toBeUndefined();
});

test("the clock falls back on the plant's usual time; a plant without the chosen state on one it has", () => {
  expect(draft({ massText: "500", stopBy: "clock" }).input?.stop).toEqual({ minutes: 60 });
  expect(draft({ massText: "500", plantId: "sweetfennel", state: "fresh" })).toMatchObject({
    state: "dried",
    method: "hydro",
  });
});

test("whatever stands in a stored draft, reading it never throws", () => {
  const any = fc.record(
    Object.fromEntries(Object.keys(emptyDraft("us")).map((key) => [key, fc.string()])),
  );
  fc.assert(
    fc.property(any, (stored) => {
      const read = readDraft(
        { ...emptyDraft("us"), ...(stored as Partial<PlanDraft>), massUnit: "g", waterUnit: "mL" },
        context,
      );
      expect(read.plant.id).toBeTruthy();
    }),
  );
});
