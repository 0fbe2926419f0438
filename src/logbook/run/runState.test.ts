import fc from "fast-check";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { liveRun } from "./liveRun";
import { runState } from "./runState";

const log = [
  entryAt(0, { type: "lit" }),
  entryAt(24, { type: "boiling" }),
  entryAt(28, { type: "firstDrop" }),
  entryAt(38, { type: "reading", distillateMl: 240, headC: 98.7 }),
  entryAt(40, { type: "jarSwapped" }),
  entryAt(48, { type: "reading", distillateMl: 500 }),
  entryAt(50, { type: "amendment", of: "reading-48", change: { distillateMl: 480 } }),
  entryAt(51, { type: "note", note: "smells of hay" }),
  entryAt(52, { type: "amendment", of: "note-51", struck: true }),
  entryAt(60, { type: "heatOff" }),
];

test("a run's state follows from its entries, corrections included", () => {
  const state = runState(log);
  expect(state.phase).toBe("settling");
  expect(state.lastDistillate?.volumeMl).toBe(480);
  expect(state.jars).toBe(2);
  expect(state.entries.map(({ type }) => type)).toEqual([
    "lit",
    "boiling",
    "firstDrop",
    "reading",
    "jarSwapped",
    "reading",
    "heatOff",
  ]);
});

test("entries in any order give the same state", () => {
  fc.assert(
    fc.property(fc.shuffledSubarray(log, { minLength: log.length }), (shuffled) => {
      expect(runState(shuffled)).toEqual(runState(log));
    }),
  );
});

test.each([
  [0, "ready"],
  [1, "heating"],
  [2, "warming"],
  [3, "distilling"],
  [10, "settling"],
])("after %d entries the run is %s", (count, phase) => {
  expect(runState(log.slice(0, count)).phase).toBe(phase);
});

test("a measured rate carries the distillate on from the last reading", () => {
  const entries = log.slice(0, 4);
  const run = sampleRun(entries);
  const { live, cues } = liveRun(
    run,
    runState(entries),
    Date.parse(entryAt(43, { type: "note" }).at),
  );
  expect(live?.rateMlPerMin).toBeCloseTo(24, 5);
  expect(live?.distillateMl).toBeCloseTo(360, 5);
  expect(live?.minutesToHeatOff).toBeCloseTo((700 - 360) / 24, 5);
  expect(cues[0]?.code).toBe("heatOff");
});

test("a pot near its dry line is the only cue that counts", () => {
  const run = sampleRun(log.slice(0, 3));
  run.plan = { ...run.plan, stop: { minutes: 600 }, jarMl: 90000 };
  const { spendableMl, rateMlPerMin } = run.plan.forecast;
  const dry = Date.parse(log[2]!.at) + (spendableMl! / rateMlPerMin) * 60000;
  expect(liveRun(run, runState(run.entries), dry - 9 * 60000).cues[0]).toMatchObject({
    code: "dryLine",
    danger: true,
  });
  expect(liveRun(run, runState(run.entries), dry - 30 * 60000).cues[0]).toMatchObject({
    code: "heatOff",
  });
});
