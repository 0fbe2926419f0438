import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { stopAlone } from "@/core/plan/stopChoices";
import { boilsWithItsOil } from "@/core/forecast/runModel";
import type { LiveEstimate } from "@/core/run/liveEstimate";
import { minutesToPart } from "@/core/separation/parting";
import type { Run } from "@/records/run";
import { defaultPreferences } from "@/records/setting";
import { catalogueBook } from "../plant/plantBook";
import { stillShape } from "../still/stillFigures";
import { headBoilsAt } from "./headBoilsAt";
import { knownRequest } from "./knownRequest";
import { liveLevels } from "./liveLevels";
import { cutsMlOf, notesOfPlan } from "./notesOfPlan";
import { oilNow } from "./oilNow";
import { partingOfRun } from "./partingOfRun";
import { potWaterMl } from "./potWaterMl";
import { runState } from "./runState";
import { settlingLeft } from "./settlingLeft";
import { settlingTime } from "./settlingTime";
import { withEntry } from "./withEntry";
import { worthlessAt } from "./worthlessAt";

const run = sampleRun();
const { plan } = run;
const planned = (part: Partial<Run["plan"]>) => ({ ...plan, ...part });
/** A plan that names a plant from another Sereno's file. */
const foreign = planned({
  request: { ...plan.request!, material: { plantId: "nobody-knows", state: "fresh" } },
});

test("a plan can be asked again where all that it names is known here", () => {
  expect(knownRequest(plan)).toBe(plan.request);
  expect(knownRequest(plan)).toBe(plan.request);
  expect(knownRequest(foreign)).toBeUndefined();
  expect(knownRequest({})).toBeUndefined();
});

test("the head is as hot as oil and water boil together, or as the plan has it", () => {
  expect(headBoilsAt(plan)).toBe(boilsWithItsOil(plan.request!));
  expect(headBoilsAt(plan)).toBeLessThan(plan.forecast.boilC);
  expect(headBoilsAt(planned({ request: undefined }))).toBe(plan.forecast.boilC);
  const read = headBoilsAt(plan);
  expect(headBoilsAt(plan)).toBe(read);
});

test("when ten more minutes earn too little is asked of the plan that has such a stop", () => {
  const stop = { worthMlPer10Min: 0.05 };
  expect(worthlessAt(planned({ stop }))).toBe(stopAlone(plan.request!, stop));
  expect(worthlessAt(planned({ stop: { perKg: 1 } }))).toBeUndefined();
  expect(worthlessAt({ ...foreign, stop })).toBeUndefined();
});

test("a plan's notes are those of its middle run; where it swaps jars is told in mL", () => {
  expect(notesOfPlan(plan)!.bands.length).toBeGreaterThan(0);
  expect(notesOfPlan(plan)).toBe(notesOfPlan(plan));
  expect(notesOfPlan(foreign)).toBeUndefined();
  expect(cutsMlOf(plan)).toEqual([...cutsMlOf(plan)].sort((a, b) => a - b));
});

test("water in the pot: what was filled in and added, less what has left for good, never under nothing", () => {
  const water = (part: Partial<Run["plan"]>, live?: Partial<LiveEstimate>) =>
    potWaterMl({ plan: planned(part) }, { waterAddedMl: 250 }, live as LiveEstimate | undefined);
  expect(water({ waterMl: 3000 })).toBe(3250);
  const live = { aboveDryLineMl: 800 };
  expect(water({ waterMl: 3000, dryLineMl: 500 }, live)).toBe(1300);
  expect(water({ waterMl: 3000, method: "cohobation" }, live)).toBe(3250);
  expect(water({ waterMl: 3000 }, { aboveDryLineMl: Infinity })).toBe(3250);
  expect(water({ dryLineMl: 500 }, { aboveDryLineMl: -700 })).toBe(0);
});

test("in a trap all that settles is seen, elsewhere what shows at once", () => {
  const [settled, atOnce] = [3, 2].map((p50) => ({ p10: 1, p50, p90: 4 }));
  const now = { visibleMl: settled!, visibleAtOnceMl: atOnce! };
  expect(oilNow({ plan: planned({ method: "cohobation" }) }, now)).toBe(settled);
  expect(oilNow({ plan }, now)).toBe(atOnce);
});

test("an entry is of the run's own time, back-dated where that was asked", () => {
  const clock = { wallAt: "2026-06-01T12:00:00.000Z", runAt: "2026-06-01T08:00:00.000Z", speed: 2 };
  const wall = Date.parse(clock.wallAt) + 60_000;
  const noted = withEntry({ ...run, clock }, { type: "note", note: "hay" }, wall, 3);
  expect(noted.entries).toMatchObject([
    { type: "note", note: "hay", at: "2026-06-01T07:59:00.000Z" },
  ]);
  const twice = withEntry(noted, { type: "looked" }, wall);
  expect(twice.entries[0]).toBe(noted.entries[0]);
  expect(twice.entries[1]!.at).toBe("2026-06-01T08:02:00.000Z");
  expect(twice.entries[1]!.id).not.toBe(twice.entries[0]!.id);
});

test("how long it has yet to settle: by its vessel from when it was set in it, else by the plan's school from heat off", () => {
  const { site } = defaultPreferences();
  const off = entryAt(100, { type: "heatOff" });
  const wall = Date.parse(entryAt(110, { type: "looked" }).at);
  const left = (entries: Run["entries"]) =>
    settlingLeft({ ...run, entries }, runState(entries), site, wall, catalogueBook);
  const bySchool = settlingTime(plan.forecast.oilDensityGPerMl, site.airC, plan.schools?.settling);
  expect(left([off])).toEqual({ ...bySchool, leftMinutes: bySchool.minutes - 10 });
  expect(left([]).leftMinutes).toBe(bySchool.minutes);
  const settling = entryAt(105, {
    type: "settling",
    vessel: { name: "Jar", vessel: "jar", diameterMm: 80, heightMm: 150 },
    temperatureC: 20,
    saltGPerL: 0,
  });
  const state = runState([off, settling]);
  const parting = partingOfRun(run, state, state.settling!.vessel, state.settling!, catalogueBook);
  const set = left([off, settling]);
  expect(set.share).toBe(0.95);
  expect(set.minutes).toBeCloseTo(minutesToPart(parting, 0.95), 9);
  expect(set.leftMinutes).toBeCloseTo(set.minutes - 5, 9);
});

test("a charge stands as high as it was pressed in; of an unknown plant as a middling herb", () => {
  const shape = stillShape(sampleStill());
  const lavender = catalogueBook.byId("lavender")!;
  const known = liveLevels(run, shape, 2000, lavender);
  const unknown = liveLevels(run, shape, 2000, undefined);
  expect(liveLevels(run, shape, 1000, lavender)).not.toEqual(known);
  expect(unknown).not.toEqual(known);
  const none = { ...lavender, states: {} };
  expect(liveLevels(run, shape, 2000, none)).toEqual(unknown);
});
