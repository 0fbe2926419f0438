import fc from "fast-check";
import { pressureAtAltitudePa } from "@/core/water/atmosphere";
import { boilingPointC } from "@/core/water/saturation";
import type { Bottle, Use } from "@/records/bottle";
import { newRecord } from "@/records/base";
import type { Harvest } from "@/records/harvest";
import type { Lot } from "@/records/lot";
import { defaultPreferences } from "@/records/setting";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { harvestLeftG, harvestOfItsOwn } from "./harvest/harvestLeft";
import { catalogueBook } from "./plant/plantBook";
import { againLike, draftOfRun } from "./plan/draftOfRun";
import { contentOfRun } from "./run/contentOfRun";
import { headBoilsAt } from "./run/headBoilsAt";
import { lotsOfRun } from "./run/lotsOfRun";
import { clockFrom, clockSlip, runNow } from "./run/runClock";
import { runState } from "./run/runState";
import { summarise } from "./run/runSummary";
import { seenOf } from "./run/seenOf";
import { settlingLeft } from "./run/settlingLeft";
import { settlingTime } from "./run/settlingTime";
import { dueSound, soundOn } from "./run/soundOn";
import { withEntry } from "./run/withEntry";
import { leftInBottle } from "./shelf/bottleLevel";
import { emptyStock } from "@/testing/emptyStock";
import { lotBalance } from "./shelf/lotBalance";
import { overdrawn, shelved } from "./shelf/shelf";
import { catchMl } from "./still/catchMl";
import { readyMadeStills } from "./still/readyMadeStills";
import { receiversOf, stillFigures } from "./still/stillFigures";

const day = new Date("2026-06-01T12:00:00Z");
const dripping = [
  entryAt(0, { type: "lit" }),
  entryAt(20, { type: "boiling" }),
  entryAt(24, { type: "firstDrop" }),
];

describe("time", () => {
  test("a run's own time passes at its own speed, and its clock can go on from any moment", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 120 }),
        fc.integer({ min: 0, max: 1e7 }),
        fc.integer({ min: -1e8, max: 1e8 }),
        (speed, passed, shift) => {
          const wall = day.getTime();
          const clock = { wallAt: day.toISOString(), runAt: day.toISOString(), speed };
          expect(runNow({ clock }, wall + passed)).toBe(wall + passed * speed);
          const moved = clockFrom({ clock }, wall + shift, wall + passed);
          expect(runNow({ clock: moved }, wall + passed)).toBe(wall + shift);
        },
      ),
    );
    expect(runNow({}, 42)).toBe(42);
  });

  test("a device clock that was put back is noticed, a second's correction is not", () => {
    const seen = { runAt: 1_000_000, pageMs: 500 };
    expect(clockSlip({}, seen, 1_060_000, 60_500)).toBe(0);
    expect(clockSlip({}, seen, 1_061_000, 60_500)).toBe(0);
    /* A third of a minute is let pass, half a one is not. */
    expect(clockSlip({}, seen, 1_080_000, 60_500)).toBe(0);
    expect(clockSlip({}, seen, 1_090_000, 60_500)).toBe(30_000);
    expect(clockSlip({}, seen, 1_000_000 - 3_600_000, 60_500)).toBe(-3_660_000);
    const set = { wallAt: day.toISOString(), runAt: day.toISOString(), speed: 1 };
    expect(clockSlip({ clock: set }, seen, 0, 60_500)).toBe(0);
  });

  test("entries only ever grow at the end, and keep the run's own order", () => {
    const wall = day.getTime();
    const once = withEntry(sampleRun(), { type: "lit" }, wall);
    const twice = withEntry(once, { type: "boiling" }, wall + 60000);
    expect(twice.entries.slice(0, 1)).toEqual(once.entries);
    expect(Date.parse(twice.entries[1]!.at) - Date.parse(twice.entries[0]!.at)).toBe(60000);
  });

  test("cues sound where they may: not when off, not in the quiet hour, never for what is to come", () => {
    const quietUntil = day.toISOString();
    expect(soundOn({ cueSound: true }, 0)).toBe(true);
    expect(soundOn({ cueSound: false }, 0)).toBe(false);
    expect(soundOn({}, 0)).toBe(false);
    expect(soundOn({ cueSound: true, quietUntil }, day.getTime() - 1)).toBe(false);
    expect(soundOn({ cueSound: true, quietUntil }, day.getTime() + 1)).toBe(true);
    expect(dueSound({ level: "now", subject: "jarFull" })).toBe("jarFull-now");
    expect(dueSound({ level: "later", subject: "jarFull" })).toBeUndefined();
    expect(dueSound(undefined)).toBeUndefined();
  });
});

describe("what a log tells", () => {
  test("the live forecast is told of readings in minutes after the first drop, and of nothing before it", () => {
    const state = runState([
      ...dripping,
      entryAt(34, { type: "reading", distillateMl: 200, oilMl: 1 }),
      entryAt(44, { type: "reading", rateMlPerMin: 20 }),
      entryAt(50, { type: "heatChanged", powerW: 1200 }),
    ]);
    expect(seenOf(state)).toEqual({
      minutesToBoil: 20,
      minutesToFirstDrop: 24,
      distillate: [{ minutes: 10, volumeMl: 200 }],
      rates: [{ minutes: 20, mlPerMin: 20 }],
      oil: [{ minutes: 10, volumeMl: 1 }],
      heat: [{ minutes: 26, powerW: 1200 }],
    });
    expect(seenOf(runState([]))).toEqual({ distillate: [], rates: [], oil: [], heat: [] });
  });

  test("a boil on another heat than the plan's says nothing of the plan's efficiency", () => {
    const turned = runState([...dripping, entryAt(10, { type: "heatChanged", powerW: 900 })]);
    expect(seenOf(turned).minutesToBoil).toBeUndefined();
  });

  test("heat is on from lit to off, and the phases follow", () => {
    const off = runState([...dripping, entryAt(80, { type: "heatOff" })]);
    expect(runState([]).heatOn).toBe(false);
    expect(runState(dripping).heatOn).toBe(true);
    expect(off.heatOn).toBe(false);
    expect(off.phase).toBe("settling");
  });

  test("a run that gave what its plan's middle said teaches the plan's own content", () => {
    const run = sampleRun();
    const { forecast, oilMlPerKg } = run.plan;
    const minutes = Math.round(forecast.runMinutes);
    const measured = {
      ...run,
      entries: [
        ...dripping,
        entryAt(24 + minutes, { type: "heatOff" }),
        entryAt(200, {
          type: "separated",
          oilMl: forecast.visibleMl.p50,
          hydrosolMl: forecast.distillateMl,
        }),
      ],
    };
    const content = contentOfRun(summarise(measured, catalogueBook), catalogueBook)!;
    const planned = Math.sqrt(oilMlPerKg!.low * oilMlPerKg!.high);
    /* The sample's middle is that of 50 drawn runs, not the middle run itself. */
    expect(content / planned).toBeCloseTo(1, 0);
  });

  test("a head is as cool as its oil makes it: under the boil, by most for a resin of pinene", () => {
    const run = sampleRun();
    const boil = boilingPointC(pressureAtAltitudePa(320));
    expect(headBoilsAt(run.plan)).toBeLessThan(boil);
    expect(headBoilsAt(run.plan)).toBeGreaterThan(boil - 3);
    const request = {
      ...run.plan.request!,
      material: { plantId: "frankincense", state: "dried" as const },
    };
    expect(headBoilsAt({ ...run.plan, request })).toBeLessThan(96.5);
    expect(headBoilsAt({ ...run.plan, request: undefined })).toBeCloseTo(boil, 1);
  });

  test("settling is counted from heat off, by the plan's own school", () => {
    const run = sampleRun([...dripping, entryAt(80, { type: "heatOff" })]);
    const halfHour = { ...run, plan: { ...run.plan, schools: { settling: "halfHour" } } };
    const at = (minutes: number) => Date.parse("2026-05-04T08:00:00Z") + minutes * 60000;
    const { site } = defaultPreferences();
    const left = settlingLeft(halfHour, runState(run.entries), site, at(90), catalogueBook);
    expect(left).toMatchObject({ minutes: 30, leftMinutes: 20 });
    expect(
      settlingLeft(halfHour, runState(run.entries), site, at(120), catalogueBook).leftMinutes,
    ).toBe(-10);
    /* A shed below freezing is no reason to show nothing. */
    expect(settlingTime(0.89, -8).minutes).toBeGreaterThan(settlingTime(0.89, 18).minutes);
    expect(settlingTime(1, 18).minutes).toBe(Infinity);
    expect(settlingTime(0.89, 18, "salt").minutes).toBeLessThan(settlingTime(0.89, 18).minutes);
  });

  test("set in a vessel of its own, it is counted from there, and a taller one takes longer", () => {
    const at = (minutes: number) => Date.parse("2026-05-04T08:00:00Z") + minutes * 60000;
    const { site } = defaultPreferences();
    const left = (heightMm: number, saltGPerL = 0, now = 95) => {
      const vessel = { name: "tube", vessel: "tube" as const, diameterMm: 60, heightMm };
      const set = entryAt(85, { type: "settling", vessel, temperatureC: 18, saltGPerL });
      const run = sampleRun([...dripping, entryAt(80, { type: "heatOff" }), set]);
      return settlingLeft(run, runState(run.entries), site, at(now), catalogueBook);
    };
    expect(left(100).leftMinutes).toBeCloseTo(left(100).minutes - 10, 6);
    expect(left(200).minutes).toBeGreaterThan(left(100).minutes);
    expect(left(100, 100).minutes).toBeLessThan(left(100).minutes);
  });
});

describe("stills", () => {
  test.each(readyMadeStills)("$name is what its kind says, and nothing it has not", (figures) => {
    const still = { ...sampleStill(), ...figures };
    const { shape } = stillFigures(still);
    const holders = (["basket", "vessel", "bowl"] as const).filter((part) => shape[part]);
    expect(holders.length).toBeLessThanOrEqual(1);
    expect(receiversOf(still).at(-1)).toMatchObject({ kind: "jar", volumeMl: still.jarMl });
    expect(catchMl(still)).toBe(still.bowl?.volumeMl ?? still.jarMl);
  });

  test("a part that another kind of still left behind is not drawn or reckoned with", () => {
    const basket = { floorMm: 100, volumeMl: 5000, diameterMm: 200 };
    const flask = { ...sampleStill(), construction: "flask" as const, basket };
    expect(stillFigures(flask).shape.basket).toBeUndefined();
  });
});

describe("plans", () => {
  test("a run's plan stands in the fields as it was, also where its record keeps no draft", () => {
    const draft = draftOfRun(sampleRun(), "metric");
    expect(draft).toMatchObject({
      plantId: "lavender",
      state: "fresh",
      method: "steam",
      massText: "700",
      massUnit: "g",
      ratioText: "1",
      stopBy: "ratio",
      chargesText: "1",
    });
    expect(draftOfRun(sampleRun(), "us").massUnit).toBe("oz");
    const again = againLike({ ...sampleRun(), harvestId: "h" }, "metric");
    expect(again).toMatchObject({ harvestId: "", runId: "", chargesText: "" });
  });

  test("what is left of a harvest is what was not charged or set aside, crumbs left out", () => {
    const harvest: Harvest = {
      ...newRecord("harvest", day),
      plantId: "lavender",
      state: "fresh",
      massG: 2000,
      cutOn: "2026-06-01",
    };
    const run = { ...sampleRun(), harvestId: harvest.id };
    expect(harvestLeftG(harvest, [])).toBe(2000);
    expect(harvestLeftG(harvest, [run])).toBe(1300);
    expect(harvestLeftG({ ...harvest, setAsideG: 1280 }, [run])).toBe(0);
    expect(harvestLeftG(harvest, [run, run, run])).toBe(0);
    expect(harvestOfItsOwn(run, [harvest], [run])).toBe(harvest);
    const other = { ...run, id: "run-b" };
    expect(harvestOfItsOwn(run, [harvest], [run, other])).toBeUndefined();
  });
});

describe("lots and bottles", () => {
  const result = { at: day.toISOString(), oilMl: 4, hydrosolMl: 600, firstCutMl: 200 };

  test("a measured run makes its oil, its hydrosol and its first cut, and keeps their codes after", () => {
    const run = sampleRun();
    const made = lotsOfRun(run, result, [], day);
    expect(made.map(({ product, firstCut, volumeMl }) => [product, firstCut, volumeMl])).toEqual([
      ["oil", undefined, 4],
      ["hydrosol", undefined, 400],
      ["hydrosol", true, 200],
    ]);
    const corrected = lotsOfRun(run, { ...result, oilMl: 5 }, made, day);
    expect(corrected.map(({ code }) => code)).toEqual(made.map(({ code }) => code));
    expect(corrected[0]!.volumeMl).toBe(5);
    const none = lotsOfRun(run, { ...result, oilMl: 0, firstCutMl: undefined }, [], day);
    expect(none.map(({ product }) => product)).toEqual(["hydrosol"]);
  });

  const bottle = (id: string, filledMl: number, bestBy = "2027-06-01") =>
    ({ ...newRecord("bottle", day), id, lotId: "lot", filledMl, bestBy }) as unknown as Bottle;
  const use = (bottleId: string, amountMl: number) =>
    ({ ...newRecord("use", day), at: day.toISOString(), bottleId, amountMl }) as unknown as Use;
  const lot = { ...newRecord("lot", day), id: "lot", plantId: "lavender", volumeMl: 50 } as Lot;

  test("a bottle holds what was filled less what was taken, never less than nothing; overdrawing is told", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 1000, noNaN: true }),
        fc.array(fc.double({ min: 0.1, max: 400, noNaN: true }), { maxLength: 8 }),
        (filledMl, amounts) => {
          const one = bottle("b", filledMl);
          const uses = amounts.map((amountMl) => use("b", amountMl));
          const taken = amounts.reduce((sum, each) => sum + each, 0);
          expect(leftInBottle(one, uses)).toBeCloseTo(Math.max(0, filledMl - taken), 6);
          expect(overdrawn([one], uses).length > 0).toBe(taken > filledMl * 1.001);
        },
      ),
    );
  });

  test("the shelf shows what is not empty, what is due first, and leaves out what has no lot", () => {
    const bottles = [
      bottle("late", 10, "2027-06-01"),
      bottle("soon", 10, "2026-06-20"),
      bottle("past", 10, "2026-05-01"),
      bottle("empty", 10, "2026-05-01"),
      { ...bottle("lost", 10), lotId: "none" },
    ];
    const shown = shelved(
      { ...emptyStock, bottles, lots: [lot], uses: [use("empty", 10)] },
      day,
      catalogueBook,
    );
    expect(shown.map(({ bottle: { id } }) => id)).toEqual(["past", "soon", "late"]);
    expect(shown.map(({ due }) => due)).toEqual([true, true, false]);
    expect(shown[1]!.daysLeft).toBe(19);
    expect(lotBalance(lot, [bottle("a", 30)], [])).toMatchObject({ openMl: 20, overMl: 0 });
    expect(lotBalance(lot, [bottle("a", 30), bottle("b", 30)], [])).toMatchObject({
      openMl: 0,
      overMl: 10,
    });
  });
});
