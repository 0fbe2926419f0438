import fc from "fast-check";
import { practiceAsk as ask, practiceTraits as traits } from "@/testing/practiceStill";
import type { TimedAct } from "./acts";
import { actCodes } from "./acts";
import { exercise, replay, type ExerciseAsk, type Harm } from "./exercise";
import { faultKinds, faultOf, possibleFaults, type Fault, type StillTraits } from "./faults";
import type { SignCode } from "./signs";

/* Plant in the water, an oil that sinks and sets, a boiler with its valve: all faults have their place on one of two stills. */
const boiler: StillTraits = {
  ...traits,
  steamLine: true,
  valve: true,
  inWater: true,
  layer: "sinks",
  setsBelowC: 20,
  flows: true,
};
const firstDropOf = (asked: ExerciseAsk) => {
  const played = exercise(asked);
  while (played.firstDropAt === undefined) played.advanceTo(played.second + 30);
  return played.firstDropAt;
};
const traitsFor = (fault: Fault): StillTraits => (faultOf(fault).can(traits) ? traits : boiler);
const drop = firstDropOf(ask([]));

/** One fault some minutes after its moment, and nobody does anything. */
const left = (fault: Fault, minutes = 90, part: Partial<StillTraits> = {}) =>
  replay(
    ask([{ fault, after: faultOf(fault).from, minutes: 3 }], {
      traits: { ...traitsFor(fault), ...part },
    }),
    [],
    drop + minutes * 60,
  );

test("the same acts at the same seconds give the same course, however time was cut", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...faultKinds),
      fc.array(
        fc.record({
          second: fc.integer({ min: 0, max: 4500 }).map((second) => second * 2),
          code: fc.constantFrom(...actCodes),
          amount: fc.integer({ min: 0, max: 2000 }),
        }),
        { maxLength: 6 },
      ),
      fc.integer({ min: 7, max: 900 }),
      (fault, acts: TimedAct[], cut) => {
        const asked = ask([{ fault, after: faultOf(fault).from, minutes: 2 }], {
          traits: traitsFor(fault),
        });
        const whole = replay(asked, acts, 9000);
        const pieces = exercise(asked);
        for (const { second, ...act } of [...acts].sort((a, b) => a.second - b.second)) {
          for (let at = 0; at < second; at += cut) pieces.advanceTo(at);
          pieces.advanceTo(second);
          pieces.act(act);
        }
        pieces.advanceTo(9000);
        expect(pieces.truth).toEqual(whole.truth);
        expect(pieces.happenings).toEqual(whole.happenings);
      },
    ),
    { numRuns: 15 },
  );
});

test("what came over, ran over and went into the air is together what a sound still brings", () => {
  /* Faults that take nothing from the steam through the plant. */
  const losing = ["coolingLost", "airLock", "tubWarm", "iceGone", "leak", "jarOverflow"] as const;
  fc.assert(
    fc.property(fc.constantFrom(...losing), fc.integer({ min: 1, max: 50 }), (fault, seed) => {
      const part = { seed, traits: { ...traits, flame: false, jarMl: 600 } };
      const until = drop + 3000;
      const planned = [{ fault, after: faultOf(fault).from, minutes: 4 }];
      const { truth } = replay(ask(planned, part), [], until);
      const sound = replay(ask([], { ...part, traits: { ...part.traits, jarMl: 1e6 } }), [], until);
      expect(truth.oilMl + truth.oilLostMl).toBeCloseTo(
        sound.truth.oilMl + sound.truth.oilLostMl,
        9,
      );
      expect(truth.inJarMl).toBeLessThanOrEqual(600 + 1e-9);
      expect(truth.distillateMl).toBeLessThanOrEqual(sound.truth.distillateMl + 1e-9);
    }),
    { numRuns: 20 },
  );
});

test.each<[Fault, SignCode, "look" | "smell" | "listen" | "feel"]>([
  ["coolingLost", "steamAtOutlet", "look"],
  ["coolingLost", "outletHot", "feel"],
  ["leak", "strongInRoom", "smell"],
  ["airLock", "sputters", "look"],
  ["tubWarm", "tubLayers", "feel"],
  ["iceGone", "noIce", "look"],
  ["froth", "gurgles", "listen"],
  ["scorch", "burnt", "smell"],
  ["heatHigh", "flameHigh", "look"],
  ["heatCut", "gas", "smell"],
  ["heatCut", "noFlame", "look"],
  ["sets", "crystals", "look"],
  ["sinks", "oilOnBottom", "look"],
  ["wrongPlant", "anotherPlant", "smell"],
  ["lineWater", "knocks", "listen"],
  ["reliefLifts", "valveBlows", "listen"],
])("%s is told by %s", (fault, sign, sense) => {
  expect(left(fault, fault === "coolingLost" ? 6 : 25).signs(sense)).toContain(sign);
});

test.each<[Fault, Harm]>([
  ["coolingLost", "fire"],
  ["blocked", "burst"],
  ["sets", "burst"],
  ["shortWater", "dry"],
  ["helperOpens", "scald"],
])("%s that nobody minds ends in %s", (fault, harm) => {
  expect(left(fault, 240).harm).toBe(harm);
});

test("what a practised person does in time ends each trouble without harm", () => {
  for (const fault of faultKinds) {
    const asked = ask([{ fault, after: faultOf(fault).from, minutes: 5 }], {
      traits: traitsFor(fault),
    });
    const played = exercise(asked);
    while (!played.happenings.some(({ kind }) => kind === "begins") && played.second < 15000)
      played.advanceTo(played.second + 10);
    played.advanceTo(played.second + 20);
    for (const act of faultOf(fault).right) {
      if (typeof act !== "string") played.act({ code: "heat", amount: act.heat * 2000 });
      else if (act === "ice") played.act({ code: act, amount: 3 });
      else if (act === "water") played.act({ code: act, amount: 1500 });
      else played.act({ code: act });
      played.advanceTo(played.second + 60);
    }
    played.advanceTo(drop + 30 * 60);
    expect([fault, played.harm]).toEqual([fault, undefined]);
    if (fault !== "channel") expect([fault, [...played.active]]).toEqual([fault, []]);
  }
});

test("danger is never rewarded: a hot still opened, a joint tightened under steam, gas lit that has flowed", () => {
  const during = (fault: Fault, code: TimedAct["code"], before: TimedAct[] = []) =>
    replay(
      ask([{ fault, after: faultOf(fault).from, minutes: 3 }], { traits: traitsFor(fault) }),
      [...before, { second: drop + 12 * 60, code }],
      drop + 14 * 60,
    ).harm;
  expect(during("channel", "openLid")).toBe("scald");
  expect(during("channel", "repack")).toBe("scald");
  expect(during("leak", "tighten")).toBe("scald");
  expect(
    during("leak", "tighten", [{ second: drop + 11 * 60, code: "heat", amount: 400 }]),
  ).toBeUndefined();
  expect(during("heatCut", "relight")).toBe("fire");
  expect(
    during("heatCut", "relight", [{ second: drop + 11 * 60, code: "closeTap" }]),
  ).toBeUndefined();
  expect(during("reliefLifts", "drain")).toBe("scald");
  const blocked = ask([{ fault: "blocked", after: "firstDrop", minutes: 3 }]);
  const hissing = exercise(blocked);
  while (!hissing.happenings.some(({ kind }) => kind === "heard"))
    hissing.advanceTo(hissing.second + 2);
  hissing.act({ code: "heat", amount: 0 });
  hissing.act({ code: "tighten" });
  expect(hissing.harm).toBe("scald");
});

test("a pot that still warms is not opened either, though its head is cold", () => {
  const warming = exercise(ask([]));
  warming.advanceTo(600);
  expect(warming.truth.headC).toBeLessThan(30);
  warming.act({ code: "openLid" });
  expect(warming.harm).toBe("scald");
});

test("a cold still may be opened", () => {
  const cooled = replay(
    ask([]),
    [
      { second: drop + 600, code: "heatOff" },
      { second: drop + 3 * 3600, code: "openLid" },
    ],
    drop + 3 * 3600 + 60,
  );
  expect(cooled.harm).toBeUndefined();
});

test("a channel, a leak and a jar that runs over cost oil", () => {
  const roomy = { ...traits, jarMl: 5000 };
  const sound = replay(ask([], { traits: roomy }), [], drop + 5400).truth.oilMl;
  for (const fault of ["channel", "leak", "coolingLost"] as const)
    expect(left(fault, 90, { flame: false, jarMl: 5000 }).truth.oilMl).toBeLessThan(sound * 0.9);
  const over = left("jarOverflow", 90, { jarMl: 300 });
  expect(over.truth.spilledMl).toBeGreaterThan(100);
  expect(over.truth.oilMl).toBeLessThan(sound * 0.95);
});

test("water that stands has layers and no air lock, water that flows the other way round", () => {
  expect(possibleFaults(traits)).toContain("tubWarm");
  expect(possibleFaults(traits)).not.toContain("airLock");
  expect(possibleFaults({ ...traits, flows: true })).toContain("airLock");
  expect(possibleFaults({ ...traits, flows: true })).not.toContain("tubWarm");
});

test("a jar that is swapped unlooked takes the oil at its bottom with it", () => {
  const sinks = ask([], { traits: { ...traits, layer: "sinks" } });
  const swapped = (look: boolean) =>
    replay(
      sinks,
      [
        ...(look ? [{ second: drop + 1100, code: "look" as const }] : []),
        { second: drop + 1200, code: "jarSwapped" as const },
      ],
      drop + 1200,
    ).truth;
  expect(swapped(true).oilMl).toBeGreaterThan(1);
  expect(swapped(false).oilMl).toBeCloseTo(0, 9);
  expect(swapped(false).oilLostMl).toBeGreaterThan(1);
});

test("what cannot happen on a still is not offered for it", () => {
  expect(possibleFaults(traits)).not.toContain("lineWater");
  expect(possibleFaults(traits)).not.toContain("froth");
  expect(possibleFaults({ ...traits, catches: "bowl", cooledBy: "ice" })).not.toContain(
    "coolingLost",
  );
  expect(() => exercise(ask([])).act({ code: "ice" })).toThrow(RangeError);
});
