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

test("the heat is on from lit until off, or until it is measured though nobody noted the heat off", () => {
  const lit = entryAt(0, { type: "lit" });
  const measured = entryAt(90, { type: "separated", oilMl: 2 });
  expect(runState([]).heatOn).toBe(false);
  expect(runState([lit]).heatOn).toBe(true);
  expect(runState([lit, entryAt(60, { type: "heatOff" })]).heatOn).toBe(false);
  expect(runState([lit, measured])).toMatchObject({ heatOn: false, phase: "done" });
  expect(runState([entryAt(60, { type: "heatOff" })]).heatOn).toBe(false);
});

test("each kind of entry leaves its own mark and no other's", () => {
  const state = runState([
    entryAt(0, { type: "lit" }),
    entryAt(28, { type: "firstDrop" }),
    entryAt(30, { type: "waterAdded", volumeMl: 200 }),
    entryAt(31, { type: "waterAdded", volumeMl: 300 }),
    entryAt(32, { type: "iceAdded", massG: 500 }),
    entryAt(33, { type: "lidTended" }),
    entryAt(34, { type: "looked" }),
    entryAt(35, { type: "heatChanged", powerW: 900 }),
    entryAt(36, { type: "stopMoved", minutes: 75 }),
    entryAt(37, { type: "reading", headC: 98 }),
    entryAt(38, { type: "reading", distillateMl: 150 }),
    entryAt(39, { type: "reading", headC: 98.5 }),
    entryAt(40, { type: "spent", wetness: "dry" }),
  ]);
  const moment = (minutes: number) => Date.parse(entryAt(minutes, { type: "note" }).at);
  expect(state).toMatchObject({
    waterAddedMl: 500,
    iceAdded: [{ at: moment(32), massG: 500 }],
    lidTendedAt: moment(33),
    lookedAt: moment(34),
    heat: [{ at: moment(35), powerW: 900 }],
    stopMovedTo: 75,
    lastDistillate: { at: moment(38), volumeMl: 150 },
    spent: { wetness: "dry" },
    jars: 1,
    jarStart: { at: moment(28), volumeMl: 0 },
  });
  expect(state.readings.map(({ headC }) => headC)).toEqual([98, undefined, 98.5]);
  const bare = runState([entryAt(0, { type: "lit" })]);
  expect(bare).toMatchObject({ readings: [], iceAdded: [], heat: [], drawnOff: [] });
  for (const mark of [bare.jarStart, bare.lidTendedAt, bare.lookedAt, bare.stopMovedTo])
    expect(mark).toBeUndefined();
  expect([bare.spent, bare.settling, bare.result]).toEqual([undefined, undefined, undefined]);
  const swapped = runState([
    entryAt(28, { type: "firstDrop" }),
    entryAt(50, { type: "jarSwapped" }),
  ]);
  expect(swapped.jarStart).toEqual({ at: moment(50) });
});

test("oil that is drawn off later joins what was measured", () => {
  const settling = entryAt(65, {
    type: "settling",
    vessel: { name: "Jar", vessel: "jar", diameterMm: 80, heightMm: 150 },
    temperatureC: 20,
    saltGPerL: 0,
  });
  const measured = entryAt(90, { type: "separated", oilMl: 2, hydrosolMl: 600 });
  const later = [
    entryAt(900, { type: "drawnOff", oilMl: 0.5 }),
    entryAt(1800, { type: "drawnOff", oilMl: 0.2 }),
  ];
  const state = runState([settling, measured, ...later]);
  expect(state.result).toMatchObject({ oilMl: 2.7, hydrosolMl: 600 });
  expect(state.drawnOff.map(({ oilMl }) => oilMl)).toEqual([0.5, 0.2]);
  expect(state.settling).toMatchObject({ temperatureC: 20 });
  const open = entryAt(90, { type: "separated", hydrosolMl: 600 });
  expect(runState([open]).result).not.toHaveProperty("oilMl");
  expect(runState([open, ...later]).result!.oilMl).toBeCloseTo(0.7, 9);
  expect(runState(later).phase).toBe("ready");
  expect(runState(later).result).toBeUndefined();
});

test("of two corrections the later one stands, whichever came in first; one of nothing changes nothing", () => {
  const reading = entryAt(48, { type: "reading", distillateMl: 500 });
  const early = entryAt(50, { type: "amendment", of: "reading-48", change: { distillateMl: 480 } });
  const late = entryAt(55, { type: "amendment", of: "reading-48", change: { distillateMl: 460 } });
  const of = (...entries: (typeof reading)[]) => runState(entries).lastDistillate?.volumeMl;
  expect(of(reading, late, early)).toBe(460);
  expect(of(late, reading, early)).toBe(460);
  const stray = entryAt(56, { type: "amendment", of: "nothing", change: { distillateMl: 1 } });
  expect(runState([reading, stray]).entries).toEqual([reading]);
  /* Two entries of one moment lie in the order of their ids. */
  const [a, b] = ["a", "b"].map((id) => entryAt(60, { type: "reading", distillateMl: 600 }, id));
  const ids = (...entries: (typeof reading)[]) => runState(entries).entries.map(({ id }) => id);
  expect(ids(b!, a!)).toEqual(["a", "b"]);
  expect(ids(a!, b!)).toEqual(["a", "b"]);
});
