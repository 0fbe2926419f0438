import fc from "fast-check";
import { fullShare, liveEstimate, type LiveEstimate } from "./liveEstimate";
import { cues, type Cue, type CueInput } from "./nextCue";
import { safety } from "../safety";

type RunSoFar = Parameters<typeof liveEstimate>[0];
const drop = Date.UTC(2026, 5, 1, 10);
const at = (minutes: number) => drop + minutes * 60000;
const run = (part: Partial<RunSoFar> = {}): RunSoFar => ({
  stop: { perKg: 1 },
  chargeG: 800,
  catches: "jar",
  jarMl: 1000,
  spendableMl: 2000,
  waterAddedMl: 0,
  plannedRateMlPerMin: 20,
  firstDropAt: drop,
  readings: [],
  jarStart: { at: drop, volumeMl: 0 },
  ...part,
});

describe("where a run stands", () => {
  test("without readings the plan's rate carries it on", () => {
    const live = liveEstimate(run(), at(10));
    expect(live).toMatchObject({ rateMlPerMin: 20, measured: false, distillateMl: 200 });
    expect(live.minutesToHeatOff).toBeCloseTo(30, 9);
    expect(live.endsBy).toBe("perKg");
    expect(live.minutesToDryLine).toBeCloseTo(90, 9);
  });

  test("two readings tell the rate; one that went down is a slip", () => {
    const readings = [
      { at: at(5), volumeMl: 80 },
      { at: at(15), volumeMl: 200 },
    ];
    expect(liveEstimate(run({ readings }), at(15))).toMatchObject({
      rateMlPerMin: 12,
      measured: true,
      distillateMl: 200,
    });
    const slip = [...readings, { at: at(25), volumeMl: 150 }];
    expect(liveEstimate(run({ readings: slip }), at(25)).measured).toBe(false);
    const still = [...readings, { at: at(25), volumeMl: 200 }];
    expect(liveEstimate(run({ readings: still }), at(25)).rateMlPerMin).toBe(0);
  });

  test("what went into earlier jars is what was read then, however fast it drips now", () => {
    const readings = [10, 20, 30, 40].map((minutes, i) => ({
      at: at(minutes),
      volumeMl: [200, 400, 420, 440][i]!,
    }));
    const live = liveEstimate(run({ readings, jarStart: { at: at(15) } }), at(40));
    expect(live.rateMlPerMin).toBeCloseTo(2);
    expect(live.inJarMl).toBeCloseTo(440 - 300);
  });

  test("a scale tells a rate sooner than an eye, though not from a few drops", () => {
    const readings = [
      { at: at(20), volumeMl: 320 },
      { at: at(22), volumeMl: 336 },
    ];
    expect(liveEstimate(run({ readings }), at(22)).rateMlPerMin).toBeCloseTo(336 / 22);
    expect(liveEstimate(run({ readings, byScale: true }), at(22)).rateMlPerMin).toBeCloseTo(8);
    const slow = { readings, byScale: true, plannedRateMlPerMin: 2 };
    expect(liveEstimate(run(slow), at(22)).rateMlPerMin).toBeCloseTo(336 / 22);
  });

  test("what was read before the heat was changed tells nothing of the rate since", () => {
    const readings = [
      { at: at(5), volumeMl: 100 },
      { at: at(20), volumeMl: 300 },
    ];
    const turned = liveEstimate(run({ readings, rateSince: at(18) }), at(20));
    expect(turned.measured).toBe(false);
  });

  test.each([
    [{ minutes: 25 }, undefined, "minutes", 15],
    [{ distillateMl: 300 }, undefined, "distillateMl", 5],
    [{ perKg: 0.5 }, undefined, "perKg", 10],
    [{ worthMlPer10Min: 0.1 }, 34, "worthMlPer10Min", 24],
    [{ perKg: 2, worthMlPer10Min: 0.1 }, 22, "worthMlPer10Min", 12],
    [{ minutes: 1e6 }, undefined, "reserve", 90],
  ] as const)("the stop %j ends it by %s", (stop, worthlessAtMinutes, endsBy, minutes) => {
    const live = liveEstimate(run({ stop, worthlessAtMinutes }), at(10));
    expect(live.endsBy).toBe(endsBy);
    expect(live.minutesToHeatOff).toBeCloseTo(minutes, 6);
  });

  test("water that is added puts the dry line off, a jar that is swapped begins empty", () => {
    const wet = liveEstimate(run({ waterAddedMl: 400 }), at(10));
    expect(wet.minutesToDryLine).toBeCloseTo(110, 9);
    const fresh = liveEstimate(run({ jarStart: { at: at(8) } }), at(10));
    expect(fresh.inJarMl).toBeCloseTo(40, 9);
    expect(fresh.minutesToJarFull).toBeCloseTo((1000 * fullShare.jar - 40) / 20, 9);
  });

  test("a vessel that condenses steam on its walls brings the dry line nearer, more so at a gentle heat", () => {
    /* 900 mL at 10 and 5 a minute: an hour. The plan tells 600 mL of distillate. */
    const vessel = { spendableMl: 600, spendableAtMlPerMin: 10, drainMlPerMin: 5 };
    const asPlanned = liveEstimate(run({ ...vessel, plannedRateMlPerMin: 10 }), at(0));
    expect(asPlanned.minutesToDryLine).toBeCloseTo(60, 9);
    const gentle = liveEstimate(run({ ...vessel, plannedRateMlPerMin: 4 }), at(0));
    expect(gentle.minutesToDryLine).toBeCloseTo(100, 9);
    const later = liveEstimate(run({ ...vessel, plannedRateMlPerMin: 4 }), at(30));
    expect(later.minutesToDryLine).toBeCloseTo(70, 9);
  });

  test("whatever was read, in whatever order of sizes, every figure is one", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            minutes: fc.double({ min: -20, max: 300, noNaN: true }),
            volumeMl: fc.double({ min: 0, max: 5000, noNaN: true }),
          }),
          { maxLength: 8 },
        ),
        fc.double({ min: 0, max: 400, noNaN: true }),
        (readings, now) => {
          const sorted = readings
            .map(({ minutes, volumeMl }) => ({ at: at(minutes), volumeMl }))
            .sort((a, b) => a.at - b.at);
          const live = liveEstimate(run({ readings: sorted }), at(now));
          for (const value of Object.values(live))
            if (typeof value === "number") expect(Number.isNaN(value)).toBe(false);
          expect(live.distillateMl).toBeGreaterThanOrEqual(0);
          expect(live.inJarMl).toBeGreaterThanOrEqual(0);
          expect(live.rateMlPerMin).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});

describe("what is next", () => {
  const heating: CueInput = {
    catches: "jar",
    litAt: drop,
    minutesToBoil: 24,
    minutesToFirstDrop: 28,
  };
  const codes = (input: CueInput, minutes: number) =>
    cues(input, at(minutes)).map(({ code }) => code);
  const live = (part: Partial<LiveEstimate> = {}): LiveEstimate => ({
    ...liveEstimate(run(), at(10)),
    ...part,
  });
  const distilling = (part: Partial<CueInput>): CueInput => ({ ...heating, live: live(), ...part });
  const first = (input: CueInput): Cue => cues(input, at(10))[0]!;

  test("cooling before the boil, the boil, then the first drop", () => {
    expect(codes(heating, 0)).toEqual(["coolingOn", "boil"]);
    expect(cues(heating, at(0))[0]!.minutes).toBe(18);
    expect(codes(heating, 20)).toEqual(["boil"]);
    expect(cues(heating, at(30))[0]!.minutes).toBe(-6);
    expect(codes({ ...heating, boilingAt: at(24) }, 26)).toEqual(["firstDrop"]);
  });

  test("the soonest comes first; turning down, once the first drop is there, at once", () => {
    expect(first(distilling({ turnDown: true })).code).toBe("turnDown");
    const minutesToJarFull = 5;
    expect(first(distilling({ live: live({ minutesToJarFull }) })).code).toBe("swapJar");
    expect(first(distilling({ nextCut: { why: "keep", minutes: 3 } })).code).toBe("keep");
    expect(first(distilling({})).code).toBe("heatOff");
  });

  test("a dry line that comes before the stop is topped up in time, and a danger when it is near", () => {
    const early = live({ minutesToDryLine: 20, minutesToHeatOff: 30 });
    expect(cues(distilling({ live: early }), at(10)).map(({ code }) => code)).toContain("topUp");
    const near = live({
      minutesToDryLine: safety.dryLineNoticeMinutes - 1,
      minutesToHeatOff: 30,
      minutesToJarFull: 1,
    });
    expect(first(distilling({ live: near }))).toMatchObject({ code: "dryLine", danger: true });
    const after = live({ minutesToDryLine: 60, minutesToHeatOff: 30 });
    expect(codes(distilling({ live: after }), 10)).not.toContain("topUp");
  });

  test("a tub that would be too warm before the stop is said, one after it is not", () => {
    const tub = (minutesToLimit: number) =>
      ({ temperatureC: 30, iceLeftKg: 0, limitC: 35, minutesToLimit, measured: true }) as const;
    expect(codes(distilling({ tub: tub(12) }), 10)).toContain("checkTub");
    expect(codes(distilling({ tub: tub(500) }), 10)).not.toContain("checkTub");
  });

  test("there is always something next", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -60, max: 600, noNaN: true }),
        fc.boolean(),
        fc.boolean(),
        (minutes, boils, drips) => {
          const input = {
            ...heating,
            ...(boils ? { boilingAt: at(24) } : {}),
            ...(drips ? { live: live() } : {}),
          };
          expect(cues(input, at(minutes)).length).toBeGreaterThan(0);
        },
      ),
    );
  });
});

describe("what a run's own way of catching asks for", () => {
  const bowl = (part: Partial<CueInput> = {}): CueInput => ({
    catches: "bowl",
    litAt: at(-40),
    boilingAt: at(-10),
    firstDropAt: drop,
    minutesToBoil: 30,
    minutesToFirstDrop: 40,
    live: liveEstimate(run({ catches: "bowl", jarMl: 900, plannedRateMlPerMin: 10 }), at(20)),
    ...part,
  });

  test("a trap never fills and its pot never runs dry", () => {
    const live = liveEstimate(
      run({ catches: "trap", jarMl: 1000, spendableMl: Infinity, stop: { minutes: 240 } }),
      at(30),
    );
    expect(live).toMatchObject({
      minutesToDryLine: Infinity,
      minutesToJarFull: Infinity,
      endsBy: "minutes",
    });
    const found = cues({ ...bowl(), catches: "trap", live }, at(30));
    expect(found.map(({ code }) => code)).toEqual(["heatOff"]);
  });

  test("a bowl asks for ice, for a look, and to be emptied at two thirds; never for a jar", () => {
    const codes = cues(bowl(), at(20)).map(({ code }) => code);
    expect(codes).toEqual(expect.arrayContaining(["tendLid", "lookUnderLid", "heatOff"]));
    expect(codes).not.toContain("swapJar");
    const due = cues(bowl(), at(20)).find(({ code }) => code === "tendLid");
    expect(due!.minutes).toBeCloseTo(-5, 9);
    const tended = cues(bowl({ lidTendedAt: at(18) }), at(20)).find(
      ({ code }) => code === "tendLid",
    );
    expect(tended!.minutes).toBeCloseTo(13, 9);
    const live = bowl().live!;
    expect(live.minutesToJarFull).toBeCloseTo((900 * (2 / 3) - 200) / 10, 9);
  });

  test("before the boil it is ice on the lid, not cooling water", () => {
    const early = cues(
      bowl({ boilingAt: undefined, firstDropAt: undefined, live: undefined }),
      at(-30),
    );
    expect(early.map(({ code }) => code)).toEqual(["iceOn", "boilUnderIce"]);
  });
});
