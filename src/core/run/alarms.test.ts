import fc from "fast-check";
import { alarms, type AlarmInput } from "./alarms";
import { cues } from "./nextCue";
import type { LiveEstimate } from "./liveEstimate";

const live: LiveEstimate = {
  rateMlPerMin: 12,
  measured: true,
  distillateMl: 300,
  inJarMl: 300,
  aboveDryLineMl: 900,
  minutesToDryLine: 75,
  minutesToJarFull: 50,
  minutesToHeatOff: 40,
  endsBy: "perKg",
};
const calm: AlarmInput = {
  catches: "jar",
  live,
  boilC: 98.9,
  waterBoilsC: 99.2,
  headC: 98.6,
  outletC: 24,
  expectedRateMlPerMin: 12,
  notExplained: false,
};
const codes = (part: Partial<AlarmInput>, change: Partial<LiveEstimate> = {}) =>
  alarms({ ...calm, live: { ...live, ...change }, ...part }).map(
    ({ code, urgency }) => `${code}:${urgency}`,
  );
const tub = { temperatureC: 30, iceLeftKg: 0, limitC: 35, minutesToLimit: 6, measured: true };

test("a calm run has no alarm", () => {
  expect(alarms(calm)).toEqual([]);
});

test.each<[string, Partial<AlarmInput>, Partial<LiveEstimate>, string[]]>([
  ["pot in nine minutes", {}, { minutesToDryLine: 9 }, ["dryLine:act"]],
  ["pot in two", {}, { minutesToDryLine: 2 }, ["dryLine:danger"]],
  ["jar in two", {}, { minutesToJarFull: 2 }, ["jarFull:soon"]],
  ["jar full", {}, { minutesToJarFull: -1 }, ["jarFull:act"]],
  ["jar full after the end", {}, { minutesToJarFull: 2, minutesToHeatOff: 1 }, []],
  [
    "jar full, and the end is past",
    {},
    { minutesToJarFull: 2, minutesToHeatOff: -9 },
    ["jarFull:soon"],
  ],
  ["outlet warm", { outletC: 43 }, {}, ["outletWarm:act"]],
  ["vapour at the outlet", { outletC: 70 }, {}, ["outletHot:danger"]],
  ["cooling water hot", { coolingOutC: 61 }, {}, ["coolingHot:act"]],
  ["cooling water warm, as it should be", { coolingOutC: 42 }, {}, []],
  ["rate fallen", {}, { rateMlPerMin: 6 }, ["rateFell:act"]],
  ["rate as planned, not read", {}, { rateMlPerMin: 6, measured: false }, []],
  ["turned down on purpose", { expectedRateMlPerMin: 7 }, { rateMlPerMin: 6 }, []],
  ["head falls", { headC: 90 }, {}, ["headFell:act"]],
  ["head above the boil, and rising", { headC: 99.9, headRoseC: 0.8 }, {}, ["headHigh:danger"]],
  ["a probe that reads too high", { headC: 100.1, headRoseC: 0.1 }, {}, []],
  ["head rises to its boil as the oil runs out", { headC: 98.8, headRoseC: 1.2 }, {}, []],
  ["head still warms", { headC: 60, sinceFirstDrop: 2 }, {}, []],
  ["much faster than planned", {}, { rateMlPerMin: 20 }, ["rateHigh:soon"]],
  ["as fast as a good plate may make it", {}, { rateMlPerMin: 17 }, []],
  ["faster by the plan alone", {}, { rateMlPerMin: 20, measured: false }, []],
  ["boils much sooner", { boiled: { after: 14, planned: 22, since: 2 } }, {}, ["boilEarly:act"]],
  ["boils a little sooner", { boiled: { after: 18, planned: 22, since: 2 } }, {}, []],
  ["was hot when it was noted", { boiled: { after: 2, planned: 22, since: 2 } }, {}, []],
  ["boiled sooner long ago", { boiled: { after: 14, planned: 22, since: 30 } }, {}, []],
  ["tub in six", { tub }, {}, ["tubWarm:soon"]],
  ["tub there", { tub: { ...tub, minutesToLimit: 0 } }, {}, ["tubWarm:act"]],
  ["not as played", { notExplained: true }, {}, ["notExplained:soon"]],
])("%s", (_, part, change, expected) => {
  expect(codes(part, change)).toEqual(expected);
});

test("no first drop, and no boil, are told once they are late beyond doubt", () => {
  const waiting = (since: number) => ({
    ...calm,
    live: undefined,
    waitingForDrop: { since, allowed: 4 },
  });
  expect(alarms(waiting(10))).toEqual([]);
  expect(alarms(waiting(12)).map(({ code }) => code)).toEqual(["noFirstDrop"]);
  expect(
    alarms({ ...calm, live: undefined, waitingForBoil: { since: 40, allowed: 20 } }),
  ).toHaveLength(1);
});

test("danger stands before everything, whatever else is wrong", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -20, max: 120, noNaN: true }),
      fc.double({ min: 0, max: 110, noNaN: true }),
      fc.double({ min: -5, max: 90, noNaN: true }),
      (minutesToDryLine, outletC, minutesToJarFull) => {
        const found = alarms({
          ...calm,
          outletC,
          tub,
          live: { ...live, minutesToDryLine, minutesToJarFull },
        });
        const order = { danger: 0, act: 1, soon: 2 };
        const ranks = found.map(({ urgency }) => order[urgency]);
        expect(ranks).toEqual([...ranks].sort());
      },
    ),
  );
});

test("cues come in their order: turn down, first cut, jar, tub, end; the dry line before all when near", () => {
  const input = {
    catches: "jar" as const,
    litAt: 0,
    boilingAt: 1,
    firstDropAt: 2,
    minutesToBoil: 20,
    minutesToFirstDrop: 24,
    live,
  };
  const order = (part: object) => cues({ ...input, ...part }, 3e6).map(({ code }) => code);
  expect(
    order({
      turnDown: true,
      nextCut: { why: "firstCut", minutes: 10 },
      tub: { ...tub, minutesToLimit: 20 },
    }),
  ).toEqual(["turnDown", "firstCut", "checkTub", "heatOff"]);
  expect(order({ live: { ...live, minutesToJarFull: 5 } })).toEqual(["swapJar", "heatOff"]);
  expect(order({ live: { ...live, minutesToDryLine: 30 } })).toEqual(["topUp", "heatOff"]);
  expect(order({ turnDown: true, live: { ...live, minutesToDryLine: 8 } })[0]).toBe("dryLine");
  expect(
    cues({ catches: "jar" as const, litAt: 0, minutesToBoil: 20, minutesToFirstDrop: 24 }, 0).map(
      ({ code }) => code,
    ),
  ).toEqual(["coolingOn", "boil"]);
});

test("the end is a danger only where the water itself ends the run, and only once it is due", () => {
  const end = (part: Partial<typeof live>) =>
    cues(
      {
        catches: "jar",
        litAt: 0,
        boilingAt: 1,
        firstDropAt: 2,
        minutesToBoil: 20,
        minutesToFirstDrop: 24,
        live: { ...live, ...part },
      },
      3e6,
    ).find(({ code }) => code === "heatOff")!.danger;
  expect(end({ endsBy: "reserve", minutesToHeatOff: 0 })).toBe(true);
  expect(end({ endsBy: "reserve", minutesToHeatOff: 5 })).toBe(false);
  expect(end({ endsBy: "minutes", minutesToHeatOff: 0 } as Partial<typeof live>)).toBe(false);
});

describe("where an alarm begins", () => {
  const waiting = (since: number, allowed = 10) => ({ since, allowed });

  test.each<[string, Partial<AlarmInput>, Partial<LiveEstimate>, string[]]>([
    ["pot at the minutes of its notice", {}, { minutesToDryLine: 10 }, ["dryLine:act"]],
    ["pot a little later", {}, { minutesToDryLine: 10.1 }, []],
    ["pot at the minutes of danger", {}, { minutesToDryLine: 3 }, ["dryLine:danger"]],
    ["outlet at its limit", { outletC: 40 }, {}, ["outletWarm:act"]],
    ["outlet below it", { outletC: 39.9 }, {}, []],
    ["outlet at vapour's", { outletC: 60 }, {}, ["outletHot:danger"]],
    ["cooling water at its limit", { coolingOutC: 60 }, {}, ["coolingHot:act"]],
    ["cooling water that nobody read", { coolingOutC: undefined }, {}, []],
    ["jar in the minutes of its notice", {}, { minutesToJarFull: 3 }, ["jarFull:soon"]],
    ["jar a little later", {}, { minutesToJarFull: 3.1 }, []],
    ["jar that is full now", {}, { minutesToJarFull: 0 }, ["jarFull:act"]],
    ["jar full as the heat goes off", {}, { minutesToJarFull: 2, minutesToHeatOff: 2 }, []],
    ["bowl under a lid", { catches: "bowl" }, { minutesToJarFull: 2 }, ["bowlFull:soon"]],
    [
      "first drop in one and a half times its minutes and five",
      { waitingForDrop: waiting(20) },
      {},
      [],
    ],
    ["first drop later than that", { waitingForDrop: waiting(20.1) }, {}, ["noFirstDrop:danger"]],
    ["first drop that nobody sees", { catches: "bowl", waitingForDrop: waiting(90) }, {}, []],
    ["boil as late", { waitingForBoil: waiting(20.1) }, {}, ["boilLate:act"]],
    ["flow at six tenths", {}, { rateMlPerMin: 7.2 }, []],
    [
      "flow of next to nothing, as expected",
      { expectedRateMlPerMin: 0.5 },
      { rateMlPerMin: 0.1 },
      [],
    ],
    [
      "flow of a little more, gone",
      { expectedRateMlPerMin: 0.6 },
      { rateMlPerMin: 0.1 },
      ["rateFell:act"],
    ],
    ["flow where hardly any was expected", { expectedRateMlPerMin: 0.4 }, { rateMlPerMin: 9 }, []],
    ["flow half as strong again and a tenth", {}, { rateMlPerMin: 19.2 }, []],
    ["head once it should be warm", { headC: 90, sinceFirstDrop: 4 }, {}, ["headFell:act"]],
    ["head four degrees below its boil", { headC: 94.9 }, {}, []],
    ["head half a degree above water's, and rising", { headC: 99.7, headRoseC: 0.8 }, {}, []],
    ["head hot that has not risen by more than half", { headC: 101, headRoseC: 0.5 }, {}, []],
  ])("%s", (_, part, change, expected) => {
    expect(codes(part, change)).toEqual(expected);
  });

  test("before the first drop head and cooling water say nothing, and the outlet says the same", () => {
    const early = (part: Partial<AlarmInput>) =>
      alarms({ ...calm, live: undefined, ...part }).map(({ code }) => code);
    expect(early({ headC: 101, headRoseC: 3 })).toEqual([]);
    expect(early({ headC: 60 })).toEqual([]);
    expect(early({ coolingOutC: 80 })).toEqual([]);
    expect(early({ outletC: 70 })).toEqual(["outletHot"]);
    expect(early({ outletC: undefined, headC: undefined })).toEqual([]);
  });

  test("a boil too early is told while it is new: between a third and three quarters of its time", () => {
    const early = (after: number, planned = 40, since = 1) =>
      codes({ boiled: { after, planned, since } });
    expect(early(29.9)).toEqual(["boilEarly:act"]);
    expect(early(30)).toEqual([]);
    expect(early(13.3)).toEqual([]);
    expect(early(13.4)).toEqual(["boilEarly:act"]);
    expect(early(29, 40, 15)).toEqual(["boilEarly:act"]);
    expect(early(29, 40, 15.1)).toEqual([]);
    /* Of a short heating, three minutes are told apart by nobody. */
    expect(early(6, 9)).toEqual([]);
    expect(early(5.9, 9)).toEqual(["boilEarly:act"]);
  });

  test("of two that are as urgent the sooner comes first", () => {
    expect(codes({}, { minutesToDryLine: 9, minutesToJarFull: -1 })).toEqual([
      "jarFull:act",
      "dryLine:act",
    ]);
    expect(codes({ outletC: 43 }, { minutesToDryLine: 9 })).toEqual([
      "outletWarm:act",
      "dryLine:act",
    ]);
  });
});
