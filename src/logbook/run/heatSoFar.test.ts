import { steamAtPower } from "@/core/forecast/runModel";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import { cutsOf } from "./cutsOf";
import { timesAtHeat, turnDownDue } from "./heatSoFar";
import { runState } from "./runState";

const { plan } = sampleRun();
const { minutesToBoil, minutesToFirstDrop } = plan.forecast;
const lit = entryAt(0, { type: "lit" });
const turned = (minutes: number, powerW: number) =>
  entryAt(minutes, { type: "heatChanged", powerW });
const at = (minutes: number) => Date.parse(entryAt(minutes, { type: "looked" }).at);
/** Minutes to the boil and the first drop, of a plan without its request: heat then counts as it is. */
const times = (entries: Entry[], part: Partial<Run["plan"]> = { request: undefined }, now = 0) =>
  timesAtHeat({ ...sampleRun(), plan: { ...plan, ...part } }, runState(entries), at(now));

test("at the planned heat it takes as long as planned", () => {
  const asPlanned = { minutesToBoil, minutesToFirstDrop };
  expect(times([lit])).toEqual({
    minutesToBoil: expect.closeTo(asPlanned.minutesToBoil, 6) as number,
    minutesToFirstDrop: expect.closeTo(asPlanned.minutesToFirstDrop, 6) as number,
  });
  expect(times([])).toEqual(times([lit]));
  expect(times([lit], {})).toEqual(times([lit]));
});

test("half the heat from the beginning takes twice as long; from half way it doubles what is left", () => {
  const half = plan.powerW / 2;
  expect(times([lit, turned(0, half)]).minutesToBoil).toBeCloseTo(2 * minutesToBoil, 6);
  const later = times([lit, turned(minutesToBoil / 2, half)]).minutesToBoil;
  expect(later).toBeCloseTo(1.5 * minutesToBoil, 3);
  /* Turned down and up again: only what lies between is lost. */
  const between = [turned(4, half), turned(8, plan.powerW)];
  expect(times([lit, ...between]).minutesToBoil).toBeCloseTo(minutesToBoil + 2, 3);
});

test("a change after the boil leaves the boil as it was, and the first drop waits for it", () => {
  const boiled = entryAt(minutesToBoil, { type: "boiling" });
  const warming = minutesToFirstDrop - minutesToBoil;
  const slow = times([lit, boiled, turned(minutesToBoil, plan.powerW / 2)]);
  expect(slow.minutesToBoil).toBeCloseTo(minutesToBoil, 3);
  expect(slow.minutesToFirstDrop).toBeCloseTo(minutesToBoil + 2 * warming, 3);
  /* Boiled late, the warming begins then: what was turned before it counts for it. */
  const late = entryAt(minutesToBoil + 30, { type: "boiling" });
  const after = times([lit, late, turned(minutesToBoil + 10, plan.powerW / 2)]);
  expect(after.minutesToFirstDrop - after.minutesToBoil).toBeCloseTo(2 * warming, 3);
});

test("a heat that is out puts what is to come far away, not to never", () => {
  const { minutesToBoil: out } = times([lit, turned(0, 0)]);
  expect(out).toBeCloseTo(minutesToBoil / 0.02, 3);
});

test("where the plan can be asked, what leaves through the walls warms nothing", () => {
  const half = plan.powerW / 2;
  const share = steamAtPower(plan.request!, half) / steamAtPower(plan.request!, plan.powerW);
  expect(share).toBeLessThan(0.5);
  expect(times([lit, turned(0, half)], {}).minutesToBoil).toBeCloseTo(minutesToBoil / share, 6);
});

test("the heat is to be turned down once it drips, unless it was, or stands near enough", () => {
  const gentle = { ...sampleRun(), plan: { ...plan, runPowerW: 1000 } };
  const drop = entryAt(30, { type: "firstDrop" });
  const due = (entries: Entry[], powerW = 2000, run: Run = gentle) =>
    turnDownDue(run, runState(entries), powerW);
  expect(due([lit, drop])).toBe(true);
  expect(due([lit])).toBe(false);
  expect(due([lit, drop], 2000, sampleRun())).toBe(false);
  expect(due([lit, drop], 1151)).toBe(true);
  expect(due([lit, drop], 1150)).toBe(false);
  expect(due([lit, drop, turned(30, 1800)])).toBe(false);
  expect(due([lit, turned(29, 1800), drop])).toBe(true);
});

test("jars are swapped where the plan says; of an older plan at its first cut", () => {
  const cuts = [{ ml: 50, why: "firstCut" as const }];
  expect(cutsOf({ ...plan, cuts, firstCutMl: 90 })).toBe(cuts);
  expect(cutsOf({ ...plan, cuts: undefined, firstCutMl: 90 })).toEqual([
    { ml: 90, why: "firstCut" },
  ]);
  expect(cutsOf({ ...plan, cuts: undefined, firstCutMl: undefined })).toEqual([]);
});
