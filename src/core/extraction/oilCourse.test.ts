import fc from "fast-check";
import { oilParts } from "../plant/oilParts";
import { distillateThrough, oilCourse, type Release } from "./oilCourse";

const pressurePa = 101325;
const mix = { limonene: 0.3, linalylAcetate: 0.3, linalool: 0.2, eugenol: 0.1, caryophyllene: 0.1 };
const parts = oilParts(mix, 100, pressurePa);
const base: Release = {
  parts,
  oilG: 8,
  massG: 800,
  freeShare: 0.5,
  releasePerMinute: 0.02,
  washing: 3,
  volatility: 0.6,
  hydrodiffusion: 0,
  steamSaturation: 0.25,
  esterLossPerMinute: 0,
};
const steady = (steamGPerMin: number) => [{ from: 0, steamGPerMin }];

const anyRelease = fc.record({
  oilG: fc.double({ min: 0, max: 200, noNaN: true }),
  massG: fc.double({ min: 20, max: 5000, noNaN: true }),
  freeShare: fc.double({ min: 0, max: 1, noNaN: true }),
  releasePerMinute: fc.double({ min: 0.001, max: 0.1, noNaN: true }),
  washing: fc.double({ min: 1, max: 8, noNaN: true }),
  volatility: fc.double({ min: 0, max: 1, noNaN: true }),
  hydrodiffusion: fc.constantFrom(0, 0.35),
  steamSaturation: fc.double({ min: 0.05, max: 1, noNaN: true }),
  esterLossPerMinute: fc.constantFrom(0, 0.004, 0.01),
});

/** The slow, obviously right twin: the equations of the model in small steps. */
function stepped(release: Release, steam: number, minutes: number): number {
  const dt = 0.02;
  const count = parts.ids.length;
  const free = parts.shares.map((share) => share * release.oilG * release.freeShare);
  const bound = parts.shares.map((share) => share * release.oilG * (1 - release.freeShare));
  let over = 0;
  for (let t = 0; t < minutes - dt / 2; t += dt) {
    const flows = free.map(
      (grams, i) =>
        ((release.washing * steam) / release.massG) *
        parts.volatility[i]! ** release.volatility *
        grams,
    );
    const wanted = flows.reduce((sum, flow) => sum + flow, 0);
    const most = release.steamSaturation * parts.saturationRatio * steam;
    const scale = wanted > most ? most / wanted : 1;
    for (let i = 0; i < count; i += 1) {
      const k = release.releasePerMinute * parts.solubility[i]! ** release.hydrodiffusion;
      const freed = k * bound[i]! * dt;
      const flow = Math.min(free[i]!, flows[i]! * scale * dt);
      bound[i]! -= freed;
      free[i]! += freed - flow;
      over += flow;
    }
  }
  return over;
}

test("the course equals plain stepping of the equations, ceiling or not", () => {
  fc.assert(
    fc.property(anyRelease, fc.integer({ min: 1, max: 120 }), (any, minutes) => {
      const release = { ...base, ...any, esterLossPerMinute: 0 };
      const course = oilCourse(release, steady(20)).overG(minutes);
      expect(Math.abs(course - stepped(release, 20, minutes))).toBeLessThan(
        0.015 * release.oilG + 1e-6,
      );
    }),
    { numRuns: 200 },
  );
});

test("each compound never falls, never exceeds what was in the plant, and all of them balance", () => {
  fc.assert(
    fc.property(
      anyRelease,
      fc.double({ min: 0, max: 300, noNaN: true }),
      fc.double({ min: 0, max: 60, noNaN: true }),
      (any, minutes, more) => {
        const release = { ...base, ...any };
        const course = oilCourse(release, steady(25));
        const [before, after] = [course.over(minutes), course.over(minutes + more)];
        after.forEach((grams, i) => {
          expect(grams).toBeGreaterThanOrEqual(before[i]! - 1e-9);
          expect(Number.isFinite(grams)).toBe(true);
        });
        /* Acetate loses its acetyl as it breaks: by mass the whole can only shrink. */
        expect(course.overG(minutes + more)).toBeLessThanOrEqual(release.oilG * (1 + 1e-9) + 1e-12);
        if (release.esterLossPerMinute === 0)
          after.forEach((grams, i) =>
            expect(grams).toBeLessThanOrEqual(parts.shares[i]! * release.oilG * 1.001 + 1e-9),
          );
      },
    ),
  );
});

test("a change of heat to the same heat changes nothing; a stretch begins where the last one ended", () => {
  const whole = oilCourse(base, steady(20));
  const cut = oilCourse(
    base,
    [0, 7, 31.5].map((from) => ({ from, steamGPerMin: 20 })),
  );
  fc.assert(
    fc.property(fc.double({ min: 0, max: 200, noNaN: true }), (minutes) => {
      expect(cut.overG(minutes)).toBeCloseTo(whole.overG(minutes), 4);
    }),
  );
});

test("while no steam passes, nothing comes and nothing is released", () => {
  const paused = oilCourse(base, [
    { from: 0, steamGPerMin: 20 },
    { from: 10, steamGPerMin: 0 },
    { from: 40, steamGPerMin: 20 },
  ]);
  const straight = oilCourse(base, steady(20));
  expect(paused.overG(40)).toBeCloseTo(straight.overG(10), 6);
  expect(paused.overG(60)).toBeCloseTo(straight.overG(30), 6);
});

test("distillate adds up through the stretches", () => {
  const stretches = [
    { from: 0, steamGPerMin: 20 },
    { from: 10, steamGPerMin: 5 },
  ];
  expect(distillateThrough(stretches, 30)).toBe(300);
});

test("what cannot come does not: no oil, no steam, no charge, no carrying vapour", () => {
  expect(oilCourse({ ...base, oilG: 0 }, steady(20)).overG(60)).toBe(0);
  expect(oilCourse(base, steady(0)).overG(60)).toBe(0);
  expect(oilCourse({ ...base, massG: 0 }, steady(20)).overG(60)).toBe(0);
  expect(oilCourse({ ...base, steamSaturation: 0 }, steady(20)).overG(60)).toBeCloseTo(0, 9);
});

test("an oil of one compound, two that differ by a hundred thousand times, and no free share hold", () => {
  const odd: Record<string, number>[] = [
    { limonene: 1 },
    { alphaPinene: 0.5, nonadecane: 0.5 },
    { alphaPinene: 0.5, sclareol: 0.5 },
  ];
  for (const composition of odd) {
    const apart = oilParts(composition, 100, pressurePa);
    for (const freeShare of [0, 1]) {
      const course = oilCourse({ ...base, parts: apart, freeShare }, steady(25));
      const grams = course.overG(120);
      expect(grams).toBeGreaterThan(0);
      expect(grams).toBeLessThanOrEqual(base.oilG * (1 + 1e-9));
    }
  }
});
