import { practiceAsk, practiceTraits } from "@/testing/practiceStill";
import { debriefOf } from "./debrief";
import { exercise, type ExerciseAsk } from "./exercise";
import { faultKinds, faultOf, type Fault, type StillTraits } from "./faults";

/* Nearly all can go wrong on it. */
const traits: StillTraits = { ...practiceTraits, steamLine: true, valve: true, setsBelowC: 20 };
const ask = (fault: Fault, part: Partial<StillTraits> = {}): ExerciseAsk =>
  practiceAsk([{ fault, after: faultOf(fault).from, minutes: 6 }], {
    traits: { ...traits, ...part },
  });
const drop = (() => {
  const played = exercise({ ...ask("leak"), faults: [] });
  while (played.firstDropAt === undefined) played.advanceTo(played.second + 30);
  return played.firstDropAt;
})();
const planned = drop + 45 * 60;

test("cooling that stops: the hand and the eye know it, the outlet's figure too, and each minute costs", () => {
  const looked = debriefOf(ask("coolingLost"), [], drop + 40 * 60, planned);
  expect(looked.harm).toBe("fire");
  const [fault] = looked.faults;
  expect(fault).toMatchObject({ fault: "coolingLost", began: expect.closeTo(drop + 360, -1) });
  expect(fault!.signs.map(({ sign }) => sign)).toEqual(
    expect.arrayContaining(["noCoolingWater", "steamAtOutlet", "outletHot", "strongInRoom"]),
  );
  expect(fault!.figures[0]).toMatchObject({ channel: "outlet" });
  expect(fault!.figures[0]!.second).toBeLessThan(fault!.began + 120);
  const [atOnce, , , , late] = fault!.delays;
  expect(atOnce!.harm).toBeUndefined();
  expect(late!.harm).toBe("fire");
  expect(late!.oilMl).toBeLessThan(atOnce!.oilMl);
});

test("what was put right in time says when, and costs hardly anything", () => {
  const acts = [
    { second: drop + 7 * 60, code: "heat" as const, amount: 0 },
    { second: drop + 7 * 60 + 30, code: "waterOn" as const },
    { second: drop + 8 * 60, code: "heat" as const, amount: 2000 },
  ];
  const looked = debriefOf(ask("coolingLost", { jarMl: 5000 }), acts, planned, planned);
  expect(looked.harm).toBeUndefined();
  expect(looked.faults[0]!.mended).toBeCloseTo(drop + 7 * 60 + 30, -1);
  expect(looked.oilMl).toBeGreaterThan(0.85 * looked.soundOilMl);
});

test("what has not begun by the end is not told", () => {
  expect(debriefOf(ask("coolingLost"), [], drop + 60, planned).faults).toEqual([]);
});

test("of every fault it can be said how it could be known, and waiting never brings more oil without harm", () => {
  for (const kind of faultKinds) {
    const part: Partial<StillTraits> = {
      jarMl: 5000,
      ...(faultOf(kind).can(traits) ? {} : { inWater: true, flows: true, layer: "sinks" as const }),
      /* A jar that is never changed in this play is full at the end. */
      ...(kind === "jarOverflow" ? { jarMl: 400 } : {}),
    };
    const [looked] = debriefOf(ask(kind, part), [], drop + 45 * 60, planned).faults;
    expect([kind, looked !== undefined]).toEqual([kind, true]);
    const known = [...looked!.signs, ...looked!.figures];
    expect([kind, known.length > 0]).toEqual([kind, true]);
    const unharmed = looked!.delays.filter(({ harm }) => harm === undefined);
    const [first] = unharmed;
    /* Turning off sooner saves no oil: there what is gained is that nobody is hurt. */
    const ends = faultOf(kind).right.some((act) => act === "heatOff");
    if (!ends)
      for (const { oilMl } of unharmed)
        expect(oilMl).toBeLessThanOrEqual(first!.oilMl * 1.05 + 0.02);
  }
});
