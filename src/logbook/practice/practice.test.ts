import { exercise, replay } from "@/core/practice/exercise";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { playAtRandom, type PlayedPractice } from "@/testing/randomPractice";
import { sampleSpec } from "@/testing/samplePractice";
import { catalogueBook } from "../plant/plantBook";
import { defaultPreferences } from "@/records/setting";
import { actsToDo } from "./actsOfLog";
import { beginExercise } from "./beginExercise";
import { askOf, traitsOf } from "./exerciseAsk";
import { calibrationOfRun } from "./calibrationOfRun";
import { lessonSpec } from "./lessonSpec";
import { tasksOf } from "./lessonTasks";
import { rungAlarms } from "@/instruments/rungAlarms";
import { usualChargeG } from "./usualCharge";

const lavender = catalogueBook.byId("lavender")!;
const { site } = defaultPreferences();
const begin = (spec = sampleSpec({ massG: 700 })) => {
  const begun = beginExercise(spec, catalogueBook.byId(spec.plantId)!, {
    site,
    number: 1,
    now: new Date("2026-07-14T08:00:00Z"),
  });
  if ("cannot" in begun) throw new Error(begun.cannot);
  return begun;
};

test("an exercise that begins at the first drop is lit, boils, drips and is turned down by then; its time waits", () => {
  const { run, record } = begin();
  expect(run.entries.map(({ type }) => type)).toEqual([
    "lit",
    "boiling",
    "firstDrop",
    "heatChanged",
  ]);
  expect(record.acts).toMatchObject([{ code: "heat", of: run.entries[3]!.id }]);
  expect(run.clock).toMatchObject({ speed: 0 });
  const last = Date.parse(run.entries[2]!.at);
  expect(Math.abs(last - Date.parse("2026-07-14T08:00:00Z"))).toBeLessThan(15_000);
});

test("what cannot be is refused and says why", () => {
  const cannot = (part: Parameters<typeof sampleSpec>[0]) =>
    beginExercise(sampleSpec(part), lavender, { site, number: 1, now: new Date(0) });
  expect(cannot({ massG: 90_000 })).toEqual({ cannot: "tooMuchPlant" });
  const { basket: _, ...bare } = sampleSpec().still;
  expect(cannot({ massG: 700, still: bare })).toHaveProperty("cannot");
  const weak = { ...sampleSpec().still, heat: { kind: "plate" as const, powerW: 60 } };
  expect(cannot({ massG: 700, still: weak })).toEqual({ cannot: "neverDrips" });
});

test("a still takes the usual charge, and none of a plant that it cannot do", () => {
  const { still } = sampleSpec();
  const usual = usualChargeG(still, lavender, { state: "fresh", method: "steam", site });
  expect(usual).toBeGreaterThan(500);
  expect(usual).toBeLessThan(900);
  const unknown = { ...lavender, states: {} };
  expect(usualChargeG(still, unknown, { state: "fresh", method: "steam", site })).toBe(0);
});

test("each entry of the log is done once, whatever is corrected afterwards", () => {
  const entries = [
    entryAt(0, { type: "lit" }),
    entryAt(5, { type: "iceAdded", massG: 500 }),
    entryAt(6, { type: "heatChanged", powerW: 900 }),
    entryAt(7, { type: "note", note: "hm" }),
    entryAt(8, { type: "heatOff" }),
  ];
  const first = actsToDo(entries, { acts: [] });
  expect(first.map(({ act }) => act)).toEqual([
    { code: "ice", amount: 0.5 },
    { code: "heat", amount: 900 },
    { code: "heatOff" },
  ]);
  const acts = first.map(({ act, of }) => ({ id: of, second: 1, ...act, of }));
  expect(actsToDo(entries, { acts })).toEqual([]);
});

test("a lesson's tasks are found in the log and in the acts", () => {
  const { run, record } = begin(sampleSpec({ massG: 700, faults: [] }));
  const ask = askOf(record.spec, lavender, run.plan.request!);
  const facts = (entries = run.entries, acts = record.acts) => ({
    run: { ...run, entries },
    acts,
    played: replay(ask, acts, 2400),
  });
  const done = (lesson: Parameters<typeof tasksOf>[0], ...part: Parameters<typeof facts>) =>
    tasksOf(lesson, facts(...part)).flatMap((each) => (each.done ? [each.code] : []));
  expect(done("firstLavender")).toEqual(["noteBoil", "noteFirstDrop", "unhurt"]);
  const drop = Date.parse(run.entries[2]!.at);
  const reading = (minutes: number, part: object) => ({
    ...sampleRun([entryAt(0, { type: "reading", ...part }, `r${minutes}`)]).entries[0]!,
    at: new Date(drop + minutes * 60_000).toISOString(),
  });
  const entries = [
    ...run.entries,
    reading(5, { distillateMl: 50 }),
    reading(16, { distillateMl: 160, oilMl: 2 }),
    reading(20, { rateMlPerMin: 9 }),
    { ...entryAt(0, { type: "heatOff" }), at: new Date(drop + 70 * 60_000).toISOString() },
  ];
  expect(done("firstLavender", entries)).toEqual([
    "noteBoil",
    "noteFirstDrop",
    "twoReadings",
    "readOil",
    "heatOff",
    "unhurt",
  ]);
  expect(done("whenToStop", entries)).toEqual(["readOil", "stopInTime", "heatOff"]);
  expect(done("drips", entries)).toContain("countDrips");
  const look = { id: "l", second: 1000, code: "look" as const };
  const swap = { id: "s", second: 1100, code: "jarSwapped" as const };
  expect(done("hidingOil", run.entries, [...record.acts, look, swap])).toContain(
    "lookBeforePouring",
  );
  expect(
    done("hidingOil", run.entries, [...record.acts, swap, { ...look, second: 1200 }]),
  ).not.toContain("lookBeforePouring");
  expect(done("fieldDay", run.entries, [...record.acts, swap])).toContain("changeJar");
});

test("what has not gone wrong yet was not put right", () => {
  const { run, record } = begin();
  const ask = askOf(record.spec, lavender, run.plan.request!);
  const early = replay(ask, record.acts, 1000);
  const tasks = tasksOf("coolingFails", { run, acts: record.acts, played: early });
  expect(tasks.find(({ code }) => code === "mended")).toEqual({ code: "mended", done: false });
});

test("a run with water that is noted well tells what the still does with its heat", () => {
  const { run, record } = begin(lessonSpec("waterRun", "Water"));
  const ask = askOf(record.spec, lavender, run.plan.request!);
  const played = exercise(ask);
  const litAt = Date.parse(run.entries[0]!.at);
  const note = (entry: Parameters<typeof entryAt>[1], second: number) => ({
    ...entryAt(0, entry, `${entry.type}-${second}`),
    at: new Date(litAt + second * 1000).toISOString(),
  });
  while (played.firstDropAt === undefined) played.advanceTo(played.second + 10);
  const drop = played.firstDropAt;
  const boiled = note({ type: "boiling" }, played.boilingAt!);
  const readings = [3, 13].map((minutes) => {
    played.advanceTo(drop + minutes * 60);
    return note({ type: "reading", distillateMl: played.truth.distillateMl }, played.second);
  });
  const entries = [...run.entries, boiled, note({ type: "firstDrop" }, drop), ...readings];
  const found = calibrationOfRun({ ...run, entries })!;
  expect(found.lossWPerK).toBeCloseTo(run.plan.request!.still.lossWPerK!, 0);
  expect(found.efficiency / found.plannedEfficiency).toBeGreaterThan(0.75);
  expect(found.efficiency / found.plannedEfficiency).toBeLessThan(1.3);
  expect(calibrationOfRun({ ...run, entries: entries.slice(0, -1) })).toBeUndefined();
  const turned = [...entries, note({ type: "heatChanged", powerW: 900 }, drop)];
  expect(calibrationOfRun({ ...run, entries: turned })).toBeUndefined();
});

test("cooling that stops rings before vapour takes fire", () => {
  const { run, still, record } = begin();
  const ask = askOf(record.spec, lavender, run.plan.request!);
  const rang = rungAlarms(run, still, ask, record.acts, 3600);
  const played = replay(ask, record.acts, 3600);
  const fire = played.happenings.find(({ kind }) => kind === "harm")!;
  const hot = rang.find(({ code }) => code === "outletHot");
  expect(played.harm).toBe("fire");
  expect(hot!.second).toBeLessThan(fire.second);
});

test("what can go wrong follows from the still and the plant", () => {
  const { still } = sampleSpec();
  expect(traitsOf(still, lavender, "steam")).toMatchObject({
    catches: "jar",
    cooledBy: "tub",
    gas: true,
    steamLine: false,
    inWater: false,
    layer: "floats",
  });
  const clove = catalogueBook.byId("clove")!;
  expect(traitsOf(still, clove, "hydro")).toMatchObject({ layer: "sinks", inWater: true });
});

test("of random exercises with random acts nearly every harm is rung before, and danger hardly ever for nothing", () => {
  const played: PlayedPractice[] = [];
  for (let seed = 5001; played.length < 40; seed += 1) {
    const one = playAtRandom(seed);
    if (one) played.push(one);
  }
  const harmed = played.filter(({ harmAt, harm }) => harmAt !== undefined && harm !== "scald");
  const before = harmed.filter(({ rangAt, harmAt }) => rangAt !== undefined && rangAt <= harmAt!);
  const wrong = played.reduce((sum, { falseDangers }) => sum + falseDangers.length, 0);
  expect(harmed.length).toBeGreaterThan(15);
  expect(before.length / harmed.length).toBeGreaterThan(0.9);
  /* Some fifty hours: two in a hundred hours, twice. */
  expect(wrong).toBeLessThanOrEqual(2);
});
