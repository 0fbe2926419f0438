import { hydrosolToKeep, worthShareOf } from "@/core/plan/hydrosolToKeep";
import { emptyDraft, type PlanDraft } from "@/records/planDraft";
import { sampleStills } from "@/testing/sampleRecords";
import { catalogueBook } from "../plant/plantBook";
import { receiversOf } from "../still/stillFigures";
import { readDraft, type PlanContext } from "./readDraft";

const stills = sampleStills();
const site = { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 };
const context: PlanContext = { stills, measures: [], book: catalogueBook, summaries: [], site };
const lavender = catalogueBook.byId("lavender")!;
const read = (part: Partial<PlanDraft>, other: Partial<PlanContext> = {}) =>
  readDraft(
    { ...emptyDraft("metric"), plantId: "lavender", massText: "800", massUnit: "g", ...part },
    { ...context, ...other },
  );
const input = (part: Partial<PlanDraft>) => {
  const { input: found, problems } = read(part);
  expect(problems).toEqual({});
  return found!;
};

/* A still whose water flows back. */
const returning = stills.find(
  ({ id }) => read({ stillId: id, method: "cohobation" }).method === "cohobation",
)!;

test("each stop reads its own fields, in their units, or what is usual", () => {
  const toKeep = hydrosolToKeep(lavender.tissue, "fresh");
  expect(input({ stopBy: "clock", minutesText: "2 h" }).stop).toEqual({ minutes: 120 });
  expect(input({ stopBy: "smell" }).stop).toEqual({ minutes: lavender.usualMinutes });
  expect(input({ stopBy: "tail" }).stop).toEqual({});
  expect(input({ stopBy: "worth", worthText: "0.2" }).stop).toEqual({ worthMlPer10Min: 0.2 });
  expect(input({ stopBy: "ratio", worthText: "0.2" }).stop).toEqual({ perKg: toKeep });
  expect(input({ stopBy: "ratio", ratioText: "2", ratioUnit: "LPerKg" }).stop).toEqual({
    perKg: 2,
  });
  expect(input({ stopBy: "least" }).stop).toEqual({ perKg: toKeep });
  expect(input({ stopBy: "least", worthText: "0.2" }).stop).toEqual({
    perKg: toKeep,
    worthMlPer10Min: 0.2,
  });
  const back = { stillId: returning.id, method: "cohobation" };
  expect(input({ ...back, stopBy: "least", worthText: "0.2" }).stop).toEqual({
    worthMlPer10Min: 0.2,
  });
  expect(input({ stopBy: "of another edition" as PlanDraft["stopBy"] }).stop).toEqual({});
});

test("a stop by worth has the plant's share of it, the tail keeps what comes first, what flows back keeps none", () => {
  for (const stopBy of ["tail", "least", "worth"] as const)
    expect(input({ stopBy }).worthShare).toBe(worthShareOf(lavender.tissue));
  for (const stopBy of ["clock", "ratio", "smell"] as const)
    expect(input({ stopBy })).not.toHaveProperty("worthShare");
  expect(input({ stopBy: "tail" }).keepFirst).toBe(true);
  expect(input({ stopBy: "least" }).keepFirst).toBe(false);
  expect(input({ ratioText: "1.5", ratioUnit: "LPerKg" }).keepPerKg).toBe(1.5);
  const back = { stillId: returning.id, method: "cohobation" };
  expect(input(back).keepPerKg).toBeUndefined();
});

test("water, rate, pace, ice and cooling are as typed; nothing typed leaves them to the still and the site", () => {
  expect(
    input({ pace: "brisk", rateText: "12", rateUnit: "mLPerMin", waterText: "3000" }),
  ).toMatchObject({
    pace: "brisk",
    rateMlPerMin: 12,
    waterMl: 3000,
    site,
  });
  const bare = input({});
  expect(bare.pace).toBe("gentle");
  expect(bare.site).toBe(site);
  expect(bare).not.toHaveProperty("rateMlPerMin");
  expect(bare.waterMl).toBeUndefined();
  for (const still of stills) {
    const { condenser } = input({ stillId: still.id, method: "" });
    expect(condenser).toEqual(still.condenser);
    const iced = input({ stillId: still.id, method: "", iceText: "2", iceUnit: "kg" }).condenser;
    if (!still.condenser || still.condenser.kind === "tap") expect(iced).toEqual(still.condenser);
    else expect(iced).toEqual({ ...still.condenser, iceKg: 2 });
  }
});

test("the receiver that was chosen is the plan's, the others stand beside it", () => {
  const all = receiversOf(stills[0]!);
  expect(all.length).toBeGreaterThan(1);
  for (const [at, receiver] of all.entries()) {
    const found = input({ receiver: String(at) });
    expect(found.receiver).toEqual(receiver);
    expect(found.otherReceivers).toEqual(all.filter((_, other) => other !== at));
  }
});

test("another moisture makes another plant of it, with the same oil in its dry matter", () => {
  const dry = input({ moistureText: "50" }).plant.states.fresh!;
  const usual = lavender.states.fresh!;
  expect(dry.moisture).toBeCloseTo(0.5);
  expect(dry.oilMlPerKg.high / (1 - dry.moisture)).toBeCloseTo(
    usual.oilMlPerKg.high / (1 - usual.moisture),
    5,
  );
  expect(input({ moistureText: " " }).plant).toBe(lavender);
  expect(input({ moistureText: "50" }).plant.states.dried).toBe(lavender.states.dried);
});

test("dried plant has an age, fresh has none, whatever is typed", () => {
  expect(read({ state: "dried", agedText: "6" }).agedMonths).toBe(6);
  expect(read({ state: "fresh", agedText: "six" })).toMatchObject({
    agedMonths: undefined,
    problems: {},
  });
});

test("without a still, a plant or a right number nothing is planned", () => {
  expect(read({}, { stills: [] })).toMatchObject({ still: undefined, input: undefined });
  expect(read({ plantId: "" }).input).toBeUndefined();
  expect(read({ rateText: "fast" })).toMatchObject({
    input: undefined,
    problems: { rate: expect.any(String) as string },
  });
  expect(read({ goal: "want", wishText: "lots" })).toMatchObject({
    input: undefined,
    problems: { wish: expect.any(String) as string },
  });
  expect(read({ chargesText: "2" }).input?.charges).toBe(2);
  expect(read({ chargesText: " " }).input?.charges).toBeUndefined();
});

test("the way that was chosen is the plan's where the still can go it, else the plant's own, else the still's", () => {
  for (const still of stills) {
    const { methods } = read({ stillId: still.id });
    for (const method of methods) expect(read({ stillId: still.id, method }).method).toBe(method);
    const own = methods.includes(lavender.preferredMethod) ? lavender.preferredMethod : methods[0];
    expect(read({ stillId: still.id, method: "none" }).method).toBe(own);
  }
});
