import type { Exercise } from "@/core/practice/exercise";
import type { Fault } from "@/core/practice/faults";
import type { LessonId } from "@/core/practice/lessons";
import type { Entry } from "@/records/entry";
import type { ExerciseRecord } from "@/records/exercise";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { tasksOf } from "./lessonTasks";

interface Went {
  entries?: Entry[];
  acts?: ExerciseRecord["acts"];
  active?: Fault[];
  began?: Fault[];
  spilledMl?: number;
  harm?: Exercise["harm"];
}

/** What of a lesson is done where it went so. */
function done(
  lesson: LessonId,
  { entries = [], acts = [], active = [], began = [], spilledMl = 0, harm }: Went,
) {
  const played = {
    active: new Set(active),
    happenings: began.map((fault) => ({ second: 1, kind: "begins" as const, fault })),
    truth: { spilledMl },
    harm,
  } as unknown as Exercise;
  return tasksOf(lesson, { run: sampleRun(entries), acts, played }).flatMap((each) =>
    each.done ? [each.code] : [],
  );
}
const reading = (minutes: number, part: { distillateMl?: number; oilMl?: number }) =>
  entryAt(minutes, { type: "reading", ...part }, `r${minutes}`);
const act = (code: "look" | "jarSwapped", second: number) => ({
  id: `${code}-${second}`,
  code,
  second,
});

test("a lesson with nothing done has nothing done but that nobody is hurt", () => {
  expect(done("waterRun", {})).toEqual([]);
  expect(done("firstLavender", {})).toEqual(["unhurt"]);
  expect(done("firstLavender", { harm: "scald" })).toEqual([]);
});

test("boil, first drop and heat off are done once they are noted", () => {
  const lit = entryAt(0, { type: "lit" });
  const boiling = entryAt(20, { type: "boiling" });
  const drop = entryAt(24, { type: "firstDrop" });
  expect(done("waterRun", { entries: [lit, boiling] })).toEqual(["noteBoil"]);
  expect(done("waterRun", { entries: [lit, drop] })).toEqual(["noteFirstDrop"]);
  expect(done("waterRun", { entries: [lit, entryAt(9, { type: "heatOff" })] })).toEqual([
    "heatOff",
  ]);
});

test("two readings of the jar count from ten minutes apart, whatever else was read", () => {
  const two = (...entries: Entry[]) => done("waterRun", { entries }).includes("twoReadings");
  expect(two(reading(30, { distillateMl: 40 }))).toBe(false);
  expect(two(reading(30, { distillateMl: 40 }), reading(39, { distillateMl: 90 }))).toBe(false);
  expect(two(reading(30, { distillateMl: 40 }), reading(40, { distillateMl: 90 }))).toBe(true);
  expect(two(reading(40, { distillateMl: 90 }), reading(30, { distillateMl: 40 }))).toBe(true);
  expect(two(reading(30, { distillateMl: 40 }), reading(60, { oilMl: 3 }))).toBe(false);
});

test("a jar is changed in time where nothing ran over, before or after", () => {
  const acts = [act("jarSwapped", 900)];
  expect(done("fieldDay", { acts })).toContain("changeJar");
  expect(done("fieldDay", { acts, spilledMl: 5 })).not.toContain("changeJar");
  expect(done("fieldDay", { acts: [act("look", 900)] })).not.toContain("changeJar");
});

test("the water was looked at before it was poured, or not poured at all", () => {
  const looked = (...acts: Went["acts"] & object) =>
    done("hidingOil", { acts }).includes("lookBeforePouring");
  expect(looked()).toBe(false);
  expect(looked(act("look", 700))).toBe(true);
  expect(looked(act("jarSwapped", 800))).toBe(false);
  expect(looked(act("look", 700), act("jarSwapped", 800))).toBe(true);
  expect(looked(act("jarSwapped", 800), act("look", 900))).toBe(false);
  expect(looked(act("jarSwapped", 800), act("look", 900), act("look", 300))).toBe(true);
});

test("all that was to go wrong has, and goes on no more; a jar that never ran over need not", () => {
  const mended = (went: Went) => done("coolingFails", went).includes("mended");
  expect(mended({})).toBe(false);
  expect(mended({ began: ["blocked"] })).toBe(false);
  expect(mended({ began: ["coolingLost"] })).toBe(true);
  expect(mended({ began: ["coolingLost"], active: ["coolingLost"] })).toBe(false);
  expect(mended({ began: ["coolingLost"], active: ["blocked"] })).toBe(false);
  const day = (...began: Fault[]) => done("fieldDay", { began }).includes("mended");
  expect(day("leak", "helperOpens")).toBe(true);
  expect(day("leak", "jarOverflow")).toBe(false);
});

test("a stop is in time within a quarter of an hour of the plan's", () => {
  const { runMinutes } = sampleRun().plan.forecast;
  const drop = entryAt(24, { type: "firstDrop" });
  const off = (minutes: number) => entryAt(24 + runMinutes + minutes, { type: "heatOff" });
  const inTime = (...entries: Entry[]) => done("whenToStop", { entries }).includes("stopInTime");
  expect(inTime(drop, off(0))).toBe(true);
  expect(inTime(drop, off(14.9))).toBe(true);
  expect(inTime(drop, off(-14.9))).toBe(true);
  expect(inTime(drop, off(15.2))).toBe(false);
  expect(inTime(drop, off(-15.2))).toBe(false);
  expect(inTime(off(0))).toBe(false);
  expect(inTime(drop)).toBe(false);
});
