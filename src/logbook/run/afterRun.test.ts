import { entryAt, measuredRun } from "@/testing/sampleRecords";
import { partedAfter } from "@/core/separation/parting";
import type { Run } from "@/records/run";
import { catalogueBook } from "../plant/plantBook";
import { distillateOf, explainedRun, flowsOfRun, settledShareOf, warmOutlet } from "./afterRun";
import { partingOfRun } from "./partingOfRun";
import { summarise } from "./runSummary";
import { runToCompare } from "./runToCompare";

const made = measuredRun("a", 1, 4);
const { forecast } = made.plan;
const summaryOf = (part: Partial<Run> = {}, plan: Partial<Run["plan"]> = {}) =>
  summarise({ ...made, ...part, plan: { ...made.plan, ...plan } }, catalogueBook);
const withHydrosol = (hydrosolMl: number | undefined) => ({
  entries: made.entries.map((entry) =>
    entry.type === "separated" ? { ...entry, hydrosolMl } : entry,
  ),
});
const unmeasured = { entries: made.entries.slice(0, 3) };
const settling = entryAt(200, {
  type: "settling",
  vessel: { name: "Jar", vessel: "jar", diameterMm: 80, heightMm: 150 },
  temperatureC: 20,
  saltGPerL: 0,
});

test("distillate is the hydrosol that was measured where that can be all of it, else by the plan's rate", () => {
  const planned = forecast.rateMlPerMin * summaryOf().minutesFromFirstDrop!;
  expect(distillateOf(summaryOf(withHydrosol(planned * 0.8)))).toBeCloseTo(planned * 0.8, 6);
  for (const share of [0.49, 2.01])
    expect(distillateOf(summaryOf(withHydrosol(planned * share)))).toBeCloseTo(planned, 6);
  expect(distillateOf(summaryOf(withHydrosol(undefined)))).toBeCloseTo(planned, 6);
  const back = summaryOf(withHydrosol(planned * 0.8), { method: "cohobation" });
  expect(distillateOf(back)).toBeCloseTo(planned, 6);
  expect(distillateOf(summaryOf({ entries: made.entries.slice(3) }))).toBe(0);
});

test("a warm outlet lasts from its reading to the next, or until the heat was off", () => {
  const readings = [
    [30, 45],
    [40, 61],
    [55, 30],
  ].map(([minutes, outletC]) => entryAt(minutes!, { type: "reading", outletC }));
  const head = entryAt(50, { type: "reading", headC: 99 });
  const stretches = (...entries: Run["entries"]) => warmOutlet(summaryOf({ entries }));
  const off = entryAt(70, { type: "heatOff" });
  expect(stretches(...readings, head, off)).toEqual([
    { minutes: 10, celsius: 45 },
    { minutes: 15, celsius: 61 },
  ]);
  expect(stretches(readings[1]!, off)).toEqual([{ minutes: 30, celsius: 61 }]);
  expect(stretches(readings[1]!)).toEqual([{ minutes: 0, celsius: 61 }]);
  expect(stretches(entryAt(80, { type: "reading", outletC: 61 }), off)).toEqual([
    { minutes: 0, celsius: 61 },
  ]);
  expect(stretches(readings[2]!, off)).toEqual([]);
});

test("what had parted when the oil was drawn off is known where it was told in what it stood", () => {
  expect(settledShareOf(summaryOf(), catalogueBook)).toBeUndefined();
  const stood = summaryOf({ entries: [...made.entries, settling] });
  const share = settledShareOf(stood, catalogueBook)!;
  const parting = partingOfRun(
    stood.run,
    stood.state,
    stood.state.settling!.vessel,
    stood.state.settling!,
    catalogueBook,
  );
  expect(share).toBeCloseTo(partedAfter(parting, 100), 9);
  expect(share).toBeGreaterThan(0);
  const after = summaryOf({
    entries: [...made.entries, { ...settling, at: entryAt(400, { type: "looked" }).at }],
  });
  expect(settledShareOf(after, catalogueBook)).toBeCloseTo(partedAfter(parting, 0), 9);
  const open = summaryOf({ entries: [...unmeasured.entries, settling] });
  expect(settledShareOf(open, catalogueBook)).toBeUndefined();
});

test("where a measured run's oil went adds up to what it took; of others nothing is told", () => {
  const flows = flowsOfRun(summaryOf())!;
  expect(flows).toBeDefined();
  expect(flowsOfRun(summaryOf(unmeasured))).toBeUndefined();
  expect(flowsOfRun(summaryOf({}, { request: undefined }))).toBeUndefined();
  expect(flowsOfRun(summaryOf({ entries: made.entries.slice(3) }))).toBeUndefined();
});

test("a short run, a warm outlet, dry patches and long lain stock are each weighed as what explains the oil", () => {
  const codes = (part: Partial<Run> = {}, plan: Partial<Run["plan"]> = {}) =>
    explainedRun(summaryOf(part, plan), catalogueBook).map(({ reason }) => reason);
  expect(codes(unmeasured)).toEqual([]);
  expect(codes({ plantId: "nobody-knows" })).toEqual([]);
  expect(codes({}, { request: undefined })).toEqual([]);
  const plain = codes();
  const added = (more: Run["entries"], plan: Partial<Run["plan"]> = {}) =>
    codes({ entries: [...made.entries, ...more] }, plan).filter((code) => !plain.includes(code));
  const warm = entryAt(25, { type: "reading", outletC: 70 });
  expect([
    added([warm]),
    added([entryAt(290, { type: "spent", wetness: "dry" })]),
    added([entryAt(290, { type: "spent", wetness: "moist" })]),
    added([], { agedMonths: 12 }),
  ]).toEqual([["warmOutlet"], ["channels"], [], ["oldStock"]]);
});

test("a run is set beside another with all that its plan and its log say of it", () => {
  const warm = entryAt(25, { type: "reading", outletC: 70 });
  const told = summaryOf(
    { entries: [...made.entries, settling, warm], harvestId: "h-1" },
    { preparation: "chopped", agedMonths: 4 },
  );
  const compared = runToCompare(told, catalogueBook)!;
  expect(compared).toMatchObject({
    request: told.run.plan.request,
    state: "fresh",
    moisture: told.run.plan.moisture,
    stillId: "still-a",
    oilMl: 4,
    minutes: told.minutesFromFirstDrop,
    distillateMl: distillateOf(told),
    preparation: "chopped",
    agedMonths: 4,
    harvestId: "h-1",
    settledShare: settledShareOf(told, catalogueBook),
  });
  expect(compared.plant.id).toBe("lavender");
  expect(compared.outlet).toHaveLength(1);
  const plain = runToCompare(summaryOf({}, { preparation: undefined }), catalogueBook)!;
  for (const none of ["preparation", "agedMonths", "harvestId", "settledShare"])
    expect(plain).not.toHaveProperty(none);
  expect(runToCompare(summaryOf(unmeasured), catalogueBook)).toBeUndefined();
  expect(runToCompare(summaryOf({ plantId: "nobody" }), catalogueBook)).toBeUndefined();
  expect(runToCompare(summaryOf({}, { request: undefined }), catalogueBook)).toBeUndefined();
  expect(
    runToCompare(summaryOf({ entries: made.entries.slice(3) }), catalogueBook),
  ).toBeUndefined();
});
