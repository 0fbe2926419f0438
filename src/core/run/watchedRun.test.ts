import type { ForecastRequest } from "../forecast/request";
import { runModel } from "../forecast/runModel";
import { playWatched } from "./playWatched";
import { watchRun, type Seen } from "./watchedRun";

const request: ForecastRequest = {
  method: "steam",
  material: { plantId: "clarysage", state: "fresh" },
  massG: 900,
  still: {
    heat: { powerW: 2000, kind: "plate" },
    lossWPerK: 1.5,
    vesselJPerK: 2000,
    dryLineMl: 500,
    holdUpMl: 0.15,
  },
  waterMl: 3500,
  site: { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 },
  stop: { perKg: 1 },
};
const nothing: Seen = { distillate: [], rates: [], oil: [], heat: [] };

test("a jar that fills as fast as full heat would fill it is explained: nobody turned the heat down", () => {
  const heat = { ...request.still.heat, runPowerW: 1100 };
  const gentle = { ...request, still: { ...request.still, heat } };
  const model = runModel(gentle);
  const full = model.steamGPerMin(model.efficiency, 2000);
  const distillate = [10, 20, 30].map((minutes) => ({ minutes, volumeMl: full * minutes }));
  const watched = watchRun(gentle, { ...nothing, distillate });
  expect(watched.doubts).toEqual([]);
  expect(watched.rateMlPerMin().p50).toBeGreaterThan(full * 0.9);
  const turned = { ...nothing, distillate, heat: [{ minutes: 0, powerW: 1100 }] };
  expect(watchRun(gentle, turned).doubts).toContain("moreSteam");
});

test("with nothing seen the watched forecast is the plan's", () => {
  const { at, effectiveRuns, doubts } = watchRun(request, nothing);
  expect(effectiveRuns).toBeCloseTo(1000, 6);
  expect(doubts).toEqual([]);
  const { p10, p50, p90 } = at(40).distilledMl;
  expect(p10).toBeLessThan(p50);
  expect(p50).toBeLessThan(p90);
});

test("in 120 simulated runs the 80 % range holds the truth in 70 to 90 %, and is narrower than the plan's", () => {
  const { held, narrower } = playWatched(request, 120, 11);
  expect(held).toBeGreaterThanOrEqual(0.7);
  expect(held).toBeLessThanOrEqual(0.9);
  expect(narrower).toBeLessThan(1);
});

test("half of the steam that every played run gives is not explained, and says so", () => {
  const rate = runModel(request).steamGPerMin(0.6);
  const leak: Seen = {
    ...nothing,
    distillate: [10, 20, 30].map((minutes) => ({ minutes, volumeMl: rate * 0.5 * minutes })),
  };
  expect(watchRun(request, leak).doubts).toContain("lessSteam");
  expect(watchRun(request, { ...nothing, minutesToBoil: 80 }).doubts).toContain("slowToBoil");
});

test("turned down to nothing, no more comes", () => {
  const { at } = watchRun(request, { ...nothing, heat: [{ minutes: 20, powerW: 0 }] });
  expect(at(60).distillateMl.p50).toBeCloseTo(at(20).distillateMl.p50, 6);
});

/* Fewer played runs than on a screen: what is asked here does not hang on how many. */
const watch = (seen: Partial<Seen> = {}, asked = request) =>
  watchRun(asked, { ...nothing, ...seen }, { samples: 300 });
const usualTimes = runModel(request).times(runModel(request).efficiency);

test.each<[string, Partial<Seen>, string[]]>([
  ["boils far too late", { minutesToBoil: 80 }, ["slowToBoil"]],
  ["boils far too soon", { minutesToBoil: 2 }, ["quickToBoil"]],
  [
    "lets wait for its first drop",
    { minutesToBoil: usualTimes.boil, minutesToFirstDrop: usualTimes.firstDrop + 8 },
    ["slowFirstDrop"],
  ],
  ["brings no oil", { oil: [{ minutes: 90, volumeMl: 0 }] }, ["lessOil"]],
  ["brings a flood of oil", { oil: [{ minutes: 30, volumeMl: 80 }] }, ["moreOil"]],
  ["flows far too fast", { rates: [{ minutes: 20, mlPerMin: 150 }] }, ["moreSteam"]],
  ["hardly flows", { rates: [{ minutes: 20, mlPerMin: 1 }] }, ["lessSteam"]],
  ["goes as usual", { minutesToBoil: usualTimes.boil }, []],
])("a run that %s is told as that and nothing else", (_, seen, doubts) => {
  /* Of a plant with much oil, none of it is out of the question. */
  const lavender = { ...request, material: { plantId: "lavender", state: "fresh" as const } };
  expect(watch(seen, lavender).doubts).toEqual(doubts);
});

test("the fan has what can be seen at each of 41 moments, from the first drop to its horizon", () => {
  const watched = watch();
  const fan = watched.fan(80);
  expect(fan).toHaveLength(41);
  expect(fan.at(-1)!.minutes).toBe(80);
  expect(fan[10]).toEqual({ minutes: 20, ...watched.at(20).visibleAtOnceMl });
});

test("once the fine drops have settled there is more to see; ten more minutes bring what lies between", () => {
  const watched = watch();
  const [now, later] = [watched.at(30), watched.at(40)];
  expect(now.visibleAtOnceMl.p50).toBeGreaterThan(0);
  expect(now.visibleMl.p50).toBeGreaterThan(now.visibleAtOnceMl.p50);
  const between = later.distilledMl.p50 - now.distilledMl.p50;
  expect(watched.tenMore(30).p50 / between).toBeGreaterThan(0.8);
  expect(watched.tenMore(30).p50 / between).toBeLessThan(1.25);
  expect(watched.tenMore(60).p50).toBeLessThan(watched.tenMore(30).p50);
});

test("each rule ends the run where its amount has come, also across turns of the knob", () => {
  const aboveDryLine = runModel(request).aboveDryLineMl;
  const turns = [
    { minutes: 40, powerW: 2000 },
    { minutes: 20, powerW: 0 },
  ];
  for (const heat of [[], [{ minutes: 30, powerW: 1200 }], turns]) {
    const watched = watch({ heat });
    const { reserve, perKg } = watched.endsAt();
    expect(watched.at(reserve.p50).distillateMl.p50 / aboveDryLine).toBeCloseTo(1, 1);
    expect(watched.at(perKg.p50).distillateMl.p50 / 900).toBeCloseTo(1, 1);
  }
  /* Twenty minutes without heat put every end off by twenty. */
  const paused = watch({ heat: turns }).endsAt().reserve.p50;
  expect(paused - watch({ heat: [{ minutes: 0, powerW: 2000 }] }).endsAt().reserve.p50).toBeCloseTo(
    20,
    6,
  );
  expect(watch({ heat: [{ minutes: 0, powerW: 0 }] }).endsAt().reserve.p50).toBe(Infinity);
});

test("a turn of the knob counts from the first drop at the soonest, in the order of time", () => {
  const distillate = (heat: Seen["heat"]) => watch({ heat }).at(60).distillateMl.p50;
  expect(distillate([{ minutes: -9, powerW: 900 }])).toBe(
    distillate([{ minutes: 0, powerW: 900 }]),
  );
  const off = { minutes: 40, powerW: 0 };
  const on = { minutes: 20, powerW: 1500 };
  expect(distillate([off, on])).toBe(distillate([on, off]));
  expect(watch({ heat: [off] }).rateMlPerMin().p50).toBe(0);
});

test("of many readings the first, the middle and the last speak; of rates the last three", () => {
  const rate = runModel(request).steamGPerMin(runModel(request).efficiency);
  const right = [10, 20, 30, 40, 50].map((minutes) => ({ minutes, volumeMl: rate * minutes }));
  const odd = right.map((each, i) => (i % 2 === 1 ? { ...each, volumeMl: 1 } : each));
  const few = watch({ distillate: right.filter((_, i) => i % 2 === 0) }).effectiveRuns;
  expect(watch({ distillate: odd }).effectiveRuns).toBe(few);
  expect(few).toBeLessThan(290);
  const rates = [0.2, 1, 1.02, 0.98].map((share, i) => ({
    minutes: 10 + i,
    mlPerMin: share * rate,
  }));
  expect(watch({ rates }).effectiveRuns).toBe(watch({ rates: rates.slice(1) }).effectiveRuns);
  expect(watch({ rates }).effectiveRuns).not.toBe(
    watch({ rates: rates.slice(0, 3) }).effectiveRuns,
  );
});

test("however sharp the readings are, enough runs keep speaking", () => {
  const rate = runModel(request).steamGPerMin(runModel(request).efficiency);
  const distillate = [20, 60, 100].map((minutes) => ({ minutes, volumeMl: rate * 1.2 * minutes }));
  const { effectiveRuns } = watch({ distillate, minutesToBoil: usualTimes.boil * 0.8 });
  expect(effectiveRuns).toBeGreaterThanOrEqual(40);
  expect(effectiveRuns).toBeLessThan(120);
});

test("where the plan turns the heat down, a run with nothing noted is mostly turned down", () => {
  const heat = { ...request.still.heat, runPowerW: 1100 };
  const gentle = { ...request, still: { ...request.still, heat } };
  const model = runModel(gentle);
  const rate = watch({}, gentle).rateMlPerMin();
  expect(rate.p50).toBeLessThan(1.2 * model.steamGPerMin(model.efficiency));
  expect(rate.p50).toBeLessThan(0.9 * model.steamGPerMin(model.efficiency, 2000));
});

test("what a plant usually asks for is told beside the plan's own stop, which goes first", () => {
  const usual = { perKg: 2, worthShare: 1 / 50 };
  const asked = { ...request, stop: { minutes: 90 } };
  const ends = (of: ForecastRequest) => watchRun(of, nothing, { samples: 300, usual }).endsAt();
  const told = ends(asked);
  const watched = watch({}, asked);
  expect(watched.at(told.perKg.p50).distillateMl.p50 / 900).toBeCloseTo(2, 1);
  expect(told.minutes.p50).toBe(90);
  expect(told.worthMlPer10Min.p50).toBeGreaterThan(0);
  expect(told.worthMlPer10Min.p50).toBeLessThan(600);
  /* Where nothing usual is known, what is not asked for never comes. */
  expect(watched.endsAt().perKg.p50).toBe(Infinity);
  expect(ends(request).perKg.p50).toBeCloseTo(watch().endsAt().perKg.p50, 6);
});

test("a rate is held against the heat of its own moment", () => {
  const rateAt = (powerW: number) => {
    const model = runModel(request);
    return model.steamGPerMin(model.efficiency, powerW);
  };
  const heat = [{ minutes: 30, powerW: 900 }];
  const told = (minutes: number, mlPerMin: number) =>
    watch({ heat, rates: [{ minutes, mlPerMin }] }).doubts;
  expect(told(29, rateAt(2000))).toEqual([]);
  expect(told(30, rateAt(900))).toEqual([]);
  expect(told(29, rateAt(900))).toEqual(["lessSteam"]);
  expect(told(31, rateAt(2000))).toEqual(["moreSteam"]);
});

test("what condenses in a plant vessel of its own brings the dry line sooner, but not without heat", () => {
  const vessel = { ...request, still: { ...request.still, plantVesselLossWPerK: 0.8 } };
  const reserve = (asked: ForecastRequest, heat: Seen["heat"] = []) =>
    watch({ heat }, asked).endsAt().reserve.p50;
  expect(reserve(vessel)).toBeLessThan(reserve(request) - 3);
  expect(reserve(vessel, [{ minutes: 0, powerW: 0 }])).toBe(Infinity);
});
