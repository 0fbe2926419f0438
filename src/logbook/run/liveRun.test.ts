import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import type { Entry } from "@/records/entry";
import { latestKnown, liveRun, type Latest } from "./liveRun";
import { logLine } from "@/words/logLine";
import { ownContents } from "./ownContents";
import { catalogueBook } from "../plant/plantBook";
import { runNow } from "./runClock";
import { summarise } from "./runSummary";
import { worthlessAt } from "./worthlessAt";
import { runState } from "./runState";
import { seenOf } from "./seenOf";
import type { Run } from "@/records/run";

const eight = Date.parse("2026-05-04T08:00:00Z");
const at = (minutes: number) => eight + minutes * 60000;
const dripping = [
  entryAt(0, { type: "lit" }),
  entryAt(20, { type: "boiling" }),
  entryAt(24, { type: "firstDrop" }),
];
/** Where a run with such entries stands so many minutes after eight. */
function stands(
  entries: Entry[],
  minutes: number,
  latest: Latest = {},
  change: Partial<Run["plan"]> = {},
) {
  const run = sampleRun([...dripping, ...entries]);
  const planned = { ...run, plan: { ...run.plan, ...change } };
  return liveRun(planned, runState(planned.entries), at(minutes), { still: sampleStill(), latest });
}
const codes = (live: ReturnType<typeof liveRun>) => live.alarms.map(({ code }) => code);

test("a scale that stands still is a drip that has stopped: it is told, and nothing is promised", () => {
  const volumeMl = 180;
  const scale = [30, 32, 34, 36, 38, 40].map((minutes) => ({ at: at(minutes), volumeMl }));
  const live = stands([], 40, { distillate: scale });
  expect(live.live).toMatchObject({ measured: true, rateMlPerMin: 0, minutesToJarFull: Infinity });
  expect(codes(live)).toContain("rateFell");
});

test("a reading below the one before is a slip: the plan's rate stands", () => {
  const slip = [
    entryAt(30, { type: "reading", distillateMl: 200 }),
    entryAt(36, { type: "reading", distillateMl: 150 }),
  ];
  const { live } = stands(slip, 36);
  expect(live).toMatchObject({ measured: false });
  expect(live!.rateMlPerMin).toBeGreaterThan(0);
});

test("ice added after the tub was read cools it, ice before it is in the reading already", () => {
  const read = entryAt(40, { type: "reading", tubC: 34 });
  const ice = (minutes: number) => entryAt(minutes, { type: "iceAdded", massG: 3000 });
  const warm = stands([read], 42).tub!;
  const cooled = stands([read, ice(41)], 42).tub!;
  expect(warm.temperatureC).toBeGreaterThan(34);
  expect(cooled.temperatureC).toBeLessThan(warm.temperatureC - 5);
  expect(stands([ice(39), read], 42).tub!.temperatureC).toBeCloseTo(warm.temperatureC, 9);
  expect(cooled.minutesToLimit).toBeGreaterThan(warm.minutesToLimit);
});

test("without a reading the tub warms by what has been distilled; a probe's word counts before it", () => {
  const early = stands([], 26).tub!;
  const late = stands([], 46).tub!;
  expect(late.temperatureC).toBeGreaterThan(early.temperatureC);
  expect(late.measured).toBe(false);
  const probed = stands([], 46, { tub: { temperatureC: 50, at: at(46) } });
  expect(probed.tub).toMatchObject({ temperatureC: 50, measured: true, minutesToLimit: 0 });
  expect(codes(probed)).toContain("tubWarm");
});

test("the heat is to be turned down once, the first cut comes before the jar, a moved stop ends the run", () => {
  const gentle = { runPowerW: 900, firstCutMl: 200 };
  expect(
    stands([], 26, {}, gentle)
      .cues.map(({ code }) => code)
      .slice(0, 2),
  ).toEqual(["turnDown", "firstCut"]);
  const turned = entryAt(25, { type: "heatChanged", powerW: 900 });
  expect(stands([turned], 26, {}, gentle).cues.map(({ code }) => code)).not.toContain("turnDown");
  const swapped = entryAt(54, { type: "jarSwapped" });
  expect(stands([turned, swapped], 55, {}, gentle).cues.map(({ code }) => code)).not.toContain(
    "firstCut",
  );
  const moved = entryAt(30, { type: "stopMoved", minutes: 50, reason: "still smells good" });
  expect(stands([moved], 31).live).toMatchObject({
    endsBy: expect.stringMatching(/minutes|reserve/),
  });
});

test("a run's own time runs on from where it was told, at its speed", () => {
  const clock = { wallAt: "2026-05-04T08:00:00Z", runAt: "2026-05-04T09:00:00Z", speed: 60 };
  expect(runNow({ clock }, at(1))).toBe(at(60 + 60));
  expect(runNow({}, at(1))).toBe(at(1));
});

test("what was seen is told from the first drop on, whatever the entries' order", () => {
  const entries = [
    entryAt(44, { type: "reading", rateMlPerMin: 7, oilMl: 1.2 }),
    entryAt(34, { type: "reading", distillateMl: 150 }),
    entryAt(10, { type: "reading", distillateMl: 5 }),
    entryAt(30, { type: "heatChanged", powerW: 900 }),
  ];
  const scale = [20, 24, 40, 29].map((minutes) => ({
    at: at(minutes),
    volumeMl: 5 * minutes + 10,
  }));
  expect(seenOf(runState([...dripping, ...entries]), { distillate: scale })).toEqual({
    minutesToBoil: 20,
    minutesToFirstDrop: 24,
    distillate: [
      { minutes: 5, volumeMl: 155 },
      { minutes: 10, volumeMl: 150 },
      { minutes: 16, volumeMl: 210 },
    ],
    rates: [{ minutes: 20, mlPerMin: 7 }],
    oil: [{ minutes: 20, volumeMl: 1.2 }],
    heat: [{ minutes: 6, powerW: 900 }],
  });
  expect(seenOf(runState([]))).toEqual({ distillate: [], rates: [], oil: [], heat: [] });
  /* Without a first drop nothing has been caught, and without a boil its time is not known. */
  const waiting = [dripping[0]!, entryAt(5, { type: "reading", distillateMl: 9 }), entries[3]!];
  expect(seenOf(runState(waiting), { distillate: scale })).toEqual({
    distillate: [],
    rates: [],
    oil: [],
    heat: [],
  });
});

test.each([
  [{ type: "iceAdded", massG: 1500 }, "1.50 kg"],
  [{ type: "heatChanged", powerW: 912.4 }, "912 W"],
  [{ type: "trouble", what: "It smells burnt" }, "It smells burnt"],
  [
    { type: "stopMoved", minutes: 70, reason: "no time" },
    "to 1 h 10 min after the first drop: no time",
  ],
  [{ type: "lit", open: ["a", "b"], reason: "second charge" }, "with 2 checks open: second charge"],
  [{ type: "spent", wetness: "dry", smell: "hay", liquorKept: true, tailMl: 40 }, "dry"],
] as const)("the log says %j", (entry, words) => {
  const [standing] = runState([entryAt(1, entry)]).entries;
  expect(logLine(standing!, "metric").detail).toContain(words);
});

test("a finished run tells of its plant's oil; one without what its plan was asked, or of old stock, does not", () => {
  const entries = [
    ...dripping,
    entryAt(60, { type: "heatOff" }),
    entryAt(90, { type: "separated", oilMl: 4, hydrosolMl: 650 }),
  ];
  const told = (change: Partial<Run["plan"]>, part: Partial<Run> = {}) => {
    const run = sampleRun(entries);
    const summary = summarise({ ...run, ...part, plan: { ...run.plan, ...change } }, catalogueBook);
    return ownContents([summary], "lavender", "fresh", catalogueBook);
  };
  const oilMlPerKg = { low: 5, high: 11 };
  expect(told({ oilMlPerKg: undefined })).toEqual([]);
  expect(told({ oilMlPerKg, agedMonths: 12 })).toEqual([]);
  expect(told({ oilMlPerKg }, { notToLearn: true })).toEqual([]);
  const [content] = told({ oilMlPerKg });
  expect(content).toBeCloseTo(7.32, 1);
  expect(told({ oilMlPerKg, preparation: "leavesOnly" })[0]).toBeCloseTo(content! / 1.3, 6);
});

describe("heat that is not the plan's", () => {
  const half = (minutes: number) => entryAt(minutes, { type: "heatChanged", powerW: 1500 });
  const heating = (entries: Entry[], minutes: number) => {
    const run = sampleRun([entryAt(0, { type: "lit" }), ...entries]);
    const planned = { ...run, plan: { ...run.plan, runPowerW: 1200 } };
    return liveRun(planned, runState(planned.entries), at(minutes), { still: sampleStill() });
  };
  const boilIn = (live: ReturnType<typeof liveRun>) =>
    live.cues.find(({ code }) => code === "boil")!.minutes;

  test("turned down while it heats, the boil comes later and nobody is told that it is late", () => {
    const { minutesToBoil } = sampleRun().plan.forecast;
    const full = heating([], 5);
    const halved = heating([half(5)], 5);
    expect(boilIn(full)).toBeCloseTo(minutesToBoil - 5, 6);
    expect(boilIn(halved)).toBeGreaterThan(1.9 * boilIn(full));
    const late = minutesToBoil * 1.5 + 6;
    expect(codes(heating([], late))).toContain("boilLate");
    expect(codes(heating([half(5)], late))).not.toContain("boilLate");
  });

  test("turned down while the charge warms, the first drop may take longer before it is an alarm", () => {
    const boiling = entryAt(20, { type: "boiling" });
    const { minutesToBoil, minutesToFirstDrop } = sampleRun().plan.forecast;
    const late = 20 + (minutesToFirstDrop - minutesToBoil) * 1.5 + 6;
    expect(codes(heating([boiling], late))).toContain("noFirstDrop");
    expect(codes(heating([boiling, half(21)], late))).not.toContain("noFirstDrop");
    expect(codes(heating([boiling, half(21)], late + 60))).toContain("noFirstDrop");
  });

  test("a flame that was out gives times, not infinities", () => {
    const out = heating([entryAt(5, { type: "heatChanged", powerW: 0 })], 6);
    expect(boilIn(out)).toBeGreaterThan(100);
    expect(Number.isFinite(boilIn(out))).toBe(true);
  });

  test("it is asked to be turned down once, and not where it was turned down before the first drop", () => {
    const drops = [entryAt(20, { type: "boiling" }), entryAt(24, { type: "firstDrop" })];
    const asks = (live: ReturnType<typeof liveRun>) =>
      live.cues.some(({ code }) => code === "turnDown");
    const gentle = (minutes: number) => entryAt(minutes, { type: "heatChanged", powerW: 1200 });
    expect(asks(heating(drops, 25))).toBe(true);
    expect(asks(heating([...drops, gentle(25)], 26))).toBe(false);
    expect(asks(heating([gentle(21), ...drops], 26))).toBe(false);
    expect(asks(heating([half(5), ...drops], 26))).toBe(true);
    expect(heating([gentle(21), ...drops], 40).live!.rateMlPerMin).toBeLessThan(
      heating([half(5), ...drops], 40).live!.rateMlPerMin,
    );
  });

  test("a boil on another heat says nothing of the plan's efficiency", () => {
    const seen = (entries: Entry[]) => seenOf(runState([...dripping, ...entries]));
    expect(seen([])).toMatchObject({ minutesToBoil: 20, minutesToFirstDrop: 24 });
    expect(seen([half(5)]).minutesToBoil).toBeUndefined();
    expect(seen([half(22)])).toMatchObject({ minutesToBoil: 20 });
    expect(seen([half(22)]).minutesToFirstDrop).toBeUndefined();
    expect(seen([half(5)]).heat).toEqual([{ minutes: 0, powerW: 1500 }]);
  });
});

test("a returning run is never told that its pot is dry, also where its plan has stored nought for never", () => {
  const forecast = { ...sampleRun().plan.forecast, spendableMl: 0 };
  const live = stands([], 24, {}, { method: "cohobation", forecast, stop: { minutes: 180 } });
  expect(codes(live)).not.toContain("dryLine");
  expect(live.cues.every(({ danger }) => !danger)).toBe(true);
  expect(live.cues.map(({ code }) => code)).not.toContain("swapJar");
});

test("an instrument's word counts before a hand's, of each its last", () => {
  const state = runState([
    entryAt(30, { type: "reading", headC: 97, outletC: 28, coolingOutC: 40 }),
    entryAt(34, { type: "reading", headC: 98 }),
    entryAt(36, { type: "reading", distillateMl: 150 }),
  ]);
  expect(latestKnown(state)).toEqual({ headC: 98, outletC: 28, coolingOutC: 40 });
  expect(latestKnown(state, { headC: 99.5, outletC: 31, headRoseC: 2 })).toEqual({
    headC: 99.5,
    outletC: 31,
    coolingOutC: 40,
    headRoseC: 2,
  });
  expect(latestKnown(runState([]))).toEqual({
    headC: undefined,
    outletC: undefined,
    coolingOutC: undefined,
  });
});

test("before it is lit and once it is off nothing is due and nothing is wrong", () => {
  const { powerW } = sampleRun().plan;
  const off = [...dripping, entryAt(60, { type: "heatOff" })];
  for (const entries of [[], [dripping[1]!], off]) {
    const run = sampleRun(entries);
    expect(liveRun(run, runState(entries), at(900))).toEqual({ cues: [], alarms: [], powerW });
  }
  const turned = [...off, entryAt(40, { type: "heatChanged", powerW: 700 })];
  expect(liveRun(sampleRun(turned), runState(turned), at(900)).powerW).toBe(700);
});

test("a boil at half of its time is told while it is new, and only at the planned heat", () => {
  const { minutesToBoil } = sampleRun().plan.forecast;
  const early = minutesToBoil * 0.5;
  const boil = [entryAt(0, { type: "lit" }), entryAt(early, { type: "boiling" })];
  const told = (entries: Entry[], minutes: number) =>
    codes(liveRun(sampleRun(entries), runState(entries), at(minutes)));
  expect(told(boil, early + 1)).toContain("boilEarly");
  expect(told(boil, early + 600)).not.toContain("boilEarly");
  const turned = [...boil, entryAt(1, { type: "heatChanged", powerW: 1900 })];
  expect(told(turned, early + 1)).not.toContain("boilEarly");
  expect(told([boil[0]!], early)).not.toContain("boilEarly");
});

test("the heat as it stands gives its share of the plan's flow where the plan cannot be asked", () => {
  const { forecast, powerW } = sampleRun().plan;
  const turned = (watts: number) => entryAt(25, { type: "heatChanged", powerW: watts });
  const rate = (entries: Entry[], change: Partial<Run["plan"]>) =>
    stands(entries, 30, {}, { request: undefined, ...change }).live!.rateMlPerMin;
  expect(rate([], {})).toBeCloseTo(forecast.rateMlPerMin, 6);
  expect(rate([turned(powerW / 2)], {})).toBeCloseTo(forecast.rateMlPerMin / 2, 6);
  expect(rate([turned(600)], { runPowerW: 1200 })).toBeCloseTo(forecast.rateMlPerMin / 2, 6);
  expect(rate([turned(0)], {})).toBeCloseTo(0.01, 6);
});

test("a moved stop ends the run at its minute; scale and hand are read in the order of time", () => {
  const moved = entryAt(30, { type: "stopMoved", minutes: 50, reason: "smells good" });
  const ends = stands(
    [moved],
    31,
    {},
    { forecast: { ...sampleRun().plan.forecast, spendableMl: 90000 } },
  );
  expect(ends.live!.endsBy).toBe("minutes");
  expect(ends.live!.minutesToHeatOff).toBeCloseTo(24 + 50 - 31, 6);
  const hand = entryAt(34, { type: "reading", distillateMl: 150 });
  const scale = [
    { at: at(29), volumeMl: 75 },
    { at: at(44), volumeMl: 300 },
  ];
  const both = stands([hand], 44, { distillate: scale }).live!;
  expect(both).toMatchObject({ measured: true });
  expect(both.distillateMl).toBeCloseTo(300, 0);
  expect(both.rateMlPerMin).toBeCloseTo(15, 0);
});

test("of a hand's reading of the tub and a probe's the later one counts", () => {
  const hand = (minutes: number) => [
    entryAt(minutes, { type: "reading", tubC: 30 }),
    entryAt(minutes + 1, { type: "reading", headC: 98 }),
  ];
  const probe = { tub: { temperatureC: 50, at: at(40) } };
  expect(stands(hand(38), 41, probe).tub!.temperatureC).toBeGreaterThan(49);
  expect(stands(hand(40.5), 42, probe).tub!.temperatureC).toBeLessThan(40);
  expect(stands(hand(38), 41).tub!.temperatureC).toBeGreaterThan(30);
  expect(liveRun(sampleRun(dripping), runState(dripping), at(40)).tub).toBeUndefined();
  const tap = { ...sampleStill(), condenser: { kind: "tap" as const, riseK: 25 } };
  expect(
    liveRun(sampleRun(dripping), runState(dripping), at(40), { still: tap }).tub,
  ).toBeUndefined();
});

test("a head that is cold is told once it should be hot, not while it still warms", () => {
  const cold = { headC: 60 };
  expect(codes(stands([], 26, cold))).not.toContain("headFell");
  expect(codes(stands([], 54, cold))).toContain("headFell");
  expect(codes(stands([], 54, { headC: 98 }))).not.toContain("headFell");
});

test("a stop by what ten minutes bring ends the run at the plan's minute, until it is moved", () => {
  const stop = { worthMlPer10Min: 0.05 };
  const spendableMl = 90_000;
  const forecast = { ...sampleRun().plan.forecast, spendableMl };
  const worth = stands([], 31, {}, { stop, forecast }).live!;
  expect(worth).toMatchObject({ endsBy: "worthMlPer10Min" });
  const plan = { ...sampleRun().plan, stop };
  expect(worth.minutesToHeatOff).toBeCloseTo(worthlessAt(plan)! + 24 - 31, 6);
  const moved = entryAt(30, { type: "stopMoved", minutes: 400, reason: "smells good" });
  expect(stands([moved], 31, {}, { stop, forecast }).live).toMatchObject({ endsBy: "minutes" });
});

test("where it drips slower than planned, a plant vessel of its own takes more of the water on the way", () => {
  const { request } = sampleRun().plan;
  const vessel = { ...request!, still: { ...request!.still, plantVesselLossWPerK: 1.2 } };
  const slow = [entryAt(34, { type: "reading", distillateMl: 50 })];
  const dryIn = (entries: Entry[], asked: Run["plan"]["request"]) =>
    stands(entries, 34, {}, { request: asked }).live!.minutesToDryLine;
  expect(dryIn(slow, vessel)).toBeLessThan(dryIn(slow, request) - 5);
  expect(dryIn(slow, undefined)).toBeCloseTo(dryIn(slow, request), 6);
  /* What the plan spares for the distillate alone has its drain at the planned flow in it. */
  expect(dryIn([], vessel)).toBeCloseTo(dryIn([], request), 6);
});

test("what was read before the knob was turned tells nothing of the flow since", () => {
  const read = (minutes: number, distillateMl: number) =>
    entryAt(minutes, { type: "reading", distillateMl });
  const turned = entryAt(40, { type: "heatChanged", powerW: 900 });
  const before = [read(30, 90), read(40, 240)];
  const told = stands([...before, turned, read(50, 290)], 50).live!;
  expect(told).toMatchObject({ measured: true });
  expect(told.rateMlPerMin).toBeCloseTo(5, 6);
  expect(stands([...before, turned], 44).live).toMatchObject({ measured: false });
  /* Turned while the charge warmed, the first drop is the beginning. */
  const early = entryAt(22, { type: "heatChanged", powerW: 900 });
  expect(stands([early, read(34, 50)], 34).live!.rateMlPerMin).toBeCloseTo(5, 6);
});

test("a scale tells a rate from fewer minutes than an eye needs", () => {
  const two = [
    { at: at(34), volumeMl: 150 },
    { at: at(36.5), volumeMl: 190 },
  ];
  expect(stands([], 36.5, { distillate: two }).live!.rateMlPerMin).toBeCloseTo(16, 6);
  const byHand = two.map(({ at: read, volumeMl }) =>
    entryAt((read - eight) / 60000, { type: "reading", distillateMl: volumeMl }),
  );
  expect(stands(byHand, 36.5).live!.rateMlPerMin).not.toBeCloseTo(16, 1);
});

test("the tub begins as cold as the plan's tap, and all ice that was put in counts until it is read", () => {
  const { request } = sampleRun().plan;
  const from = (coolingInC?: number) => {
    const site = { ...request!.site, ...(coolingInC === undefined ? {} : { coolingInC }) };
    return stands([], 34, {}, { request: { ...request!, site } }).tub!.temperatureC;
  };
  expect(from(20) - from(12)).toBeCloseTo(8, 0);
  const { site: _, ...nowhere } = request!;
  const usual = stands([], 34, {}, { request: nowhere }).tub!.temperatureC;
  expect(usual).toBeGreaterThan(from(12));
  expect(usual).toBeLessThan(from(20));
  const ice = entryAt(30, { type: "iceAdded", massG: 1500 });
  expect(stands([ice], 34).tub!.temperatureC).toBeLessThan(stands([], 34).tub!.temperatureC - 3);
});

test("a cut comes once what flows has filled up to it", () => {
  const cut = stands([], 30, {}, { firstCutMl: 200 });
  const { distillateMl, rateMlPerMin } = cut.live!;
  const due = cut.cues.find(({ code }) => code === "firstCut")!.minutes;
  expect(due).toBeCloseTo((200 - distillateMl) / rateMlPerMin, 6);
});
