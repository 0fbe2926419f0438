import { sampleSpec } from "@/testing/samplePractice";
import type { ExerciseSpec } from "@/records/exercise";
import { defaultPreferences } from "@/records/setting";
import { catalogueBook } from "../plant/plantBook";
import { beginExercise } from "./beginExercise";
import { lessonSpec } from "./lessonSpec";

const { site } = defaultPreferences();
const now = new Date("2026-07-14T08:00:00Z");
/** An exercise of few figures, so that its times are its own. */
function begin(part: Partial<ExerciseSpec> = {}) {
  const spec = { ...sampleSpec({ massG: 700, faults: [] }), ...part };
  const begun = beginExercise(spec, catalogueBook.byId(spec.plantId)!, { site, number: 7, now });
  if ("cannot" in begun) throw new Error(begun.cannot);
  return begun;
}
const types = ({ run }: ReturnType<typeof begin>) => run.entries.map(({ type }) => type);
const at = ({ run }: ReturnType<typeof begin>, type: string) =>
  Date.parse(run.entries.find((entry) => entry.type === type)!.at);

test("it begins where it is asked to, and that moment is now", () => {
  const lit = begin({ from: "lit" });
  expect(types(lit)).toEqual(["lit"]);
  expect(at(lit, "lit")).toBe(now.getTime());
  expect(lit.record.acts).toEqual([]);
  const boiling = begin({ from: "boiling" });
  expect(types(boiling)).toEqual(["lit", "boiling"]);
  expect(now.getTime() - at(boiling, "boiling")).toBeGreaterThanOrEqual(0);
  expect(now.getTime() - at(boiling, "boiling")).toBeLessThan(15_000);
  expect(at(boiling, "boiling")).toBeGreaterThan(at(boiling, "lit") + 5 * 60_000);
  const dripping = begin();
  expect(at(dripping, "firstDrop")).toBeGreaterThan(at(dripping, "boiling"));
});

test("who begins at the first drop finds the heat turned down as planned; a brisk lesson leaves it as it is", () => {
  const begun = begin();
  const { run, record } = begun;
  const turned = run.entries.find(({ type }) => type === "heatChanged")!;
  const second = Math.round((at(begun, "firstDrop") - at(begun, "lit")) / 1000);
  const amount = run.plan.runPowerW!;
  expect(turned).toMatchObject({ powerW: amount, at: run.entries[2]!.at });
  expect(record.acts).toEqual([
    { id: expect.any(String), second, code: "heat", amount, of: turned.id },
  ]);
  const gentle = begin({ ...lessonSpec("whenToStop", "Stop"), faults: [] });
  expect(gentle.run.plan.runPowerW).toBeDefined();
  const water = begin({ ...lessonSpec("waterRun", "Water"), from: "firstDrop" });
  expect(water.run.plan.runPowerW).toBeUndefined();
  expect(types(water)).toEqual(["lit", "boiling", "firstDrop"]);
  expect(water.record.acts).toEqual([]);
});

test("its run is a run like any other: its still, its number, its plan, and a probe that is its own", () => {
  const { still, run, record } = begin();
  expect(run).toMatchObject({
    number: 7,
    stillId: still.id,
    stillName: still.name,
    plantId: "lavender",
    state: "fresh",
    checked: [],
    clock: { wallAt: now.toISOString(), runAt: now.toISOString(), speed: 0 },
  });
  expect(run.instrument).toMatchObject({
    id: `practice-${run.id}`,
    connectedAt: run.createdAt,
  });
  expect(record).toMatchObject({ kind: "exercise", runId: run.id });
  expect(record.spec.massG).toBe(700);
  expect(run.plan.chargeG).toBe(700);
});

test("a stop of its own is the plan's; without one it ends as one does", () => {
  expect(begin({ stop: { minutes: 33 } }).run.plan.stop).toEqual({ minutes: 33 });
  expect(begin().run.plan.stop).toEqual({ perKg: 1 });
});

test("more than the still takes, and what no plan can be made of, are refused each for its own reason", () => {
  const cannot = (massG: number) =>
    beginExercise(sampleSpec({ massG }), catalogueBook.byId("lavender")!, { site, number: 1, now });
  expect(cannot(20_000)).toEqual({ cannot: "tooMuchPlant" });
  expect(cannot(-1)).toEqual({ cannot: "notPlanned" });
});
