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
