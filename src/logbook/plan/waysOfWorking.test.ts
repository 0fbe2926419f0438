import { planCharges } from "@/core/plan/planCharges";
import { catalogueBook } from "../plant/plantBook";
import { sampleStills } from "@/testing/sampleRecords";
import { emptyDraft, type PlanDraft } from "@/records/planDraft";
import { planFigures } from "./planFigures";
import { readDraft, type PlanContext } from "./readDraft";
import { schoolsFollowed, waysOfWorking } from "@/words/waysOfWorking";

const stills = sampleStills();
const context: PlanContext = {
  stills,
  measures: [],
  book: catalogueBook,
  summaries: [],
  site: { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 },
};
const drafted = (part: Partial<PlanDraft>) => {
  const draft = {
    ...emptyDraft("metric"),
    plantId: "lavender",
    massText: "1.8",
    massUnit: "kg",
    ...part,
  };
  return { draft, read: readDraft(draft, context) };
};
const ways = (part: Partial<PlanDraft> = {}) => {
  const { draft, read } = drafted(part);
  return waysOfWorking(draft, read);
};

test("only questions that still and plant leave open are asked, each with its choice among them", () => {
  const asked = ways({ plantId: "clarysage" });
  expect(asked.map(({ id }) => id)).toEqual([
    "method",
    "freshness",
    "preparation",
    "pace",
    "stop",
    "hydrosol",
    "settling",
    "copper",
    "loading",
    "waterKind",
    "soaking",
  ]);
  for (const { value, options } of asked)
    expect(options.map((each) => each.value)).toContain(value);
  expect(schoolsFollowed(asked)).toMatchObject({
    pace: "gentle",
    stop: "tail",
    hydrosol: "firstCut",
  });
  const bowl = ways({ plantId: "clarysage", stillId: "still-5" }).map(({ id }) => id);
  expect(bowl).not.toContain("method");
  expect(bowl).toContain("water");
  expect(ways({ stillId: "still-4" }).map(({ id }) => id)).not.toContain("hydrosol");
});

test("taking any school leaves a plan that can be reckoned", () => {
  const { draft, read } = drafted({ plantId: "clarysage" });
  for (const way of waysOfWorking(draft, read))
    for (const { value } of way.options) {
      const after = readDraft({ ...draft, ...way.draft(value) }, context);
      expect(after.problems).toEqual({});
      expect(planCharges(after.input!).forecast.distillateMl).toBeGreaterThan(0);
    }
});

test("wilting is held against the same cut: 1.8 kg of fresh tops are 1.26 kg wilted", () => {
  const freshness = ways({ plantId: "clarysage" }).find(({ id }) => id === "freshness")!;
  expect(freshness.draft("wilted")).toMatchObject({
    state: "wilted",
    massText: "1.26",
    massUnit: "kg",
  });
  expect(freshness.draft("dried")).toMatchObject({ massText: "573", massUnit: "g" });
});

test("a wish, the age of dried plant, ice and cooling reach the plan; nonsense stays at its field", () => {
  const wish = drafted({ goal: "want", wishText: "3", plantId: "juniperberry" }).read;
  expect(wish.input?.massG).toBeGreaterThan(200);
  const hydrosolBack = drafted({
    goal: "want",
    wishWhat: "hydrosol",
    wishText: "500",
    stillId: "still-4",
  }).read;
  expect(hydrosolBack.wishRefused).toEqual({ code: "hydrosolFlowsBack" });
  const cooled = drafted({ iceText: "2.5", coolingText: "8" }).read.input!;
  expect(cooled).toMatchObject({ condenser: { iceKg: 2.5 }, site: { coolingInC: 8 } });
  expect(drafted({ state: "dried", agedText: "18" }).read.input?.agedMonths).toBe(18);
  expect(drafted({ iceText: "x" }).read).toMatchObject({
    input: undefined,
    problems: { ice: expect.any(String) },
  });
  expect(drafted({ receiver: "99" }).read.receiverAt).toBe(2);
});

test("a plan's figures are told in all, with fuel's price where it is known", () => {
  const plan = planCharges(drafted({ plantId: "clarysage" }).read.input!);
  const names = planFigures(plan, "gas", "metric", { gasPerKg: 3, currency: "€" });
  expect(names.find(({ name }) => name === "Fuel")?.value).toMatch(/^€\d+\.\d\d$/);
  expect(planFigures(plan, "gas", "metric").map(({ name }) => name)).not.toContain("Fuel");
  const hydrosol = names.find(({ name }) => name === "Hydrosol")!;
  expect(hydrosol.amount).toBeCloseTo(plan.forecast.distillateMl * plan.charges, 6);
});
