import { entryAt, sampleRun } from "@/testing/sampleRecords";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import { catalogueBook } from "../plant/plantBook";
import { notesOfPlan } from "./notesOfPlan";
import { partingOfRun, toPart, vesselsAtHand } from "./partingOfRun";
import { runState } from "./runState";

const planned = sampleRun();
const { forecast } = planned.plan;
const times = [
  entryAt(0, { type: "lit" }),
  entryAt(30, { type: "firstDrop" }),
  entryAt(50, { type: "reading", distillateMl: 400 }),
];
const off = entryAt(60, { type: "heatOff" });
const partOf = (entries: Entry[], plan: Partial<Run["plan"]> = {}) =>
  toPart({ ...planned, plan: { ...planned.plan, ...plan } }, runState(entries));

test("where a person told no vessel of theirs, a jar, a funnel and a tube stand in every kitchen", () => {
  expect(vesselsAtHand([]).map(({ vessel }) => vessel)).toEqual(["jar", "funnel", "tube"]);
  const own = { id: "v", name: "Mine", vessel: "tube" as const, diameterMm: 20, volumeMl: 30 };
  expect(vesselsAtHand([own as never])).toEqual([own]);
});

test("distillate is what was read last, and the plan's rate from there to heat off", () => {
  const { rateMlPerMin, distillateMl } = forecast;
  expect(partOf([...times, off]).hydrosolMl).toBeCloseTo(400 + 10 * rateMlPerMin, 6);
  expect(partOf([times[0]!, times[1]!, off]).hydrosolMl).toBeCloseTo(30 * rateMlPerMin, 6);
  /* Nobody noted when it dripped, or that it is off: as planned. */
  expect(partOf([off]).hydrosolMl).toBe(distillateMl);
  expect(partOf(times).hydrosolMl).toBe(distillateMl);
  const late = entryAt(70, { type: "reading", distillateMl: 500 });
  expect(partOf([...times, off, late]).hydrosolMl).toBe(500);
});

test("of a run that was ended early so much of its oil is there to part as had come by then", () => {
  const share = notesOfPlan(planned.plan)!.shareAt(400 + 10 * forecast.rateMlPerMin);
  const { oilMl, fineMl } = partOf([...times, off]);
  expect(share).toBeGreaterThan(0.5);
  expect(oilMl).toBeCloseTo(Math.min(1, share) * forecast.visibleMl.p50, 6);
  expect(fineMl).toBeGreaterThan(0);
  const early = partOf([times[0]!, times[1]!, entryAt(33, { type: "heatOff" })]);
  expect(early.oilMl).toBeLessThan(oilMl);
});

test("what was measured is what parts; a trace stays a trace", () => {
  const measured = entryAt(90, { type: "separated", oilMl: 4.5, hydrosolMl: 620 });
  expect(partOf([...times, off, measured])).toMatchObject({ oilMl: 4.5, hydrosolMl: 620 });
  const none = { ...forecast, visibleMl: { p10: 0, p50: 0, p90: 0 } };
  expect(partOf([...times, off], { forecast: none })).toMatchObject({ oilMl: 0.01, fineMl: 0 });
});

test("a plan that does not tell what shows at once has an eighth of it and a bit in fine drops", () => {
  const before = { ...forecast, visibleAtOnceMl: undefined };
  const { oilMl, fineMl } = partOf([...times, off], { forecast: before });
  expect(fineMl / oilMl).toBeCloseTo(0.15, 6);
});

test("where the hydrosol flows back all the oil stands over the water of the arm", () => {
  const back = partOf([...times, off], { method: "cohobation" });
  expect(back.hydrosolMl).toBe(30);
  expect(back.oilMl).toBe(forecast.visibleMl.p50);
});

test("an oil whose density was measured parts by that, one of a known plant by its compounds", () => {
  const [jar] = vesselsAtHand([]);
  const at = { temperatureC: 20, saltGPerL: 0 };
  const state = runState([...times, off]);
  const part = (run: Run, measured = state) => partingOfRun(run, measured, jar!, at, catalogueBook);
  const byPlant = part(planned);
  const dense = entryAt(90, {
    type: "separated",
    oilMl: 4,
    hydrosolMl: 600,
    oilDensityGPerMl: 1.04,
  });
  const sinking = part(planned, runState([...times, off, dense]));
  expect(sinking).not.toEqual(byPlant);
  expect(sinking.layer).toBe("sinks");
  expect(byPlant.layer).toBe("floats");
  /* Of a plant that the book lacks the plan's own density counts. */
  const heavy = { ...planned.plan, forecast: { ...forecast, oilDensityGPerMl: 1.05 } };
  expect(part({ ...planned, plantId: "nobody-knows", plan: heavy }).layer).toBe("sinks");
  expect(part({ ...planned, plan: heavy }).layer).toBe("floats");
});
