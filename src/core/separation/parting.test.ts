import fc from "fast-check";
import { plantById } from "../plant/catalogue";
import { brineDensity, saltedSolubility } from "../water/brine";
import { finerShare, minutesToSettle } from "./settling";
import {
  keptFromUm,
  minutesToPart,
  partedAfter,
  partingOf,
  poursFrom,
  type PartingRequest,
} from "./parting";
import { heightOf, radiusAt, volumeBelow, type Hollow } from "./vessel";

const tube: Hollow = { shape: "tube", diameterMm: 30, heightMm: 300 };
const parted = (part: Partial<PartingRequest> = {}) =>
  partingOf({
    oil: { densityGPerMl: 0.884 },
    oilMl: 3,
    hydrosolMl: 150,
    vessel: tube,
    temperatureC: 20,
    saltGPerL: 0,
    ...part,
  });
const book = (id: string) => ({ composition: plantById(id)!.composition });
const difference = (id: string, temperatureC: number, saltGPerL = 0) =>
  parted({ oil: book(id), temperatureC, saltGPerL }).differenceKgPerM3;

test("3 mL in a 30 mm tube are a layer of 4.24 mm that shows; in a wide jar they do not", () => {
  expect(parted().layerMm).toBeCloseTo(4.24, 2);
  expect(parted().shows).toBe(true);
  const jar = parted({ vessel: { shape: "tube", diameterMm: 90, heightMm: 150 } });
  expect(jar.layerMm).toBeLessThan(1);
  expect(jar.shows).toBe(false);
});

test.each([
  ["lavender", 114, 131],
  ["anise", 11, 29],
  ["myrrh", 3, 18],
  ["clove", -55, -36],
])("%s: water less oil is %d kg/m³ at 20 °C and %d at 60", (id, cold, warm) => {
  expect(difference(id, 20)).toBeGreaterThan(cold - 2);
  expect(difference(id, 20)).toBeLessThan(cold + 2);
  expect(difference(id, 60)).toBeGreaterThan(warm - 2);
  expect(difference(id, 60)).toBeLessThan(warm + 2);
});

test("vetiver hangs in cold water and hardly less in warm; salt lifts it by 30 kg/m³", () => {
  expect(parted({ oil: book("vetiver") }).layer).toBe("hangs");
  expect(difference("vetiver", 20, 50)).toBeGreaterThan(25);
  expect(parted({ oil: book("vetiver"), saltGPerL: 50 }).layer).toBe("floats");
});

test.each([
  ["lavender", 2.5],
  ["anise", 5.6],
  ["clove", 1.4],
])("%s settles %d times as fast at 60 °C", (id, times) => {
  const at = (temperatureC: number) =>
    minutesToSettle(parted({ oil: book(id), temperatureC }).settling);
  expect(at(20) / at(60)).toBeGreaterThan(times * 0.93);
  expect(at(20) / at(60)).toBeLessThan(times * 1.07);
});

test.each([
  [50, 1.033, 63],
  [100, 1.065, 40],
  [200, 1.122, 16],
  [358, 1.199, undefined],
])(
  "%d g of salt to the litre: water weighs %d g/mL, of linalool %d %% are left",
  (salt, density, left) => {
    expect(brineDensity(20, salt)).toBeCloseTo(density, 3);
    if (left !== undefined) expect(saltedSolubility(2.97, salt) * 100).toBeCloseTo(left, 0);
  },
);

test("clove floats at 130 g/L of salt, wintergreen never", () => {
  expect(difference("clove", 20, 130)).toBeGreaterThan(25);
  expect(difference("wintergreen", 20, 358)).toBeLessThan(30);
  const oil = { composition: { linalool: 1 } };
  const dissolved = (saltGPerL: number) => parted({ oil, saltGPerL }).dissolvedG!;
  expect(dissolved(100) / dissolved(0)).toBeCloseTo(0.4, 1);
});

test("a flow of 13 mL/min through 30 mm keeps lavender from 70 µm on, anise from 226", () => {
  const keeps = (density: number) =>
    keptFromUm({ columnMm: 100, densityDifference: density, viscosityMPaS: 1 }, 13, 30);
  expect(keeps(114)).toBeGreaterThan(68);
  expect(keeps(114)).toBeLessThan(72);
  expect(keeps(11)).toBeGreaterThan(220);
  expect(keeps(11)).toBeLessThan(232);
  expect(finerShare(40)).toBeCloseTo(0.5, 1);
  expect(finerShare(keeps(11))).toBeGreaterThan(finerShare(keeps(114)));
});

test.each([
  [0.884, 35],
  [0.964, 117],
  [0.9822, 250],
  [0.9872, 363],
])("an oil of %d pours from two arms 4 mm apart at %d mm", (densityGPerMl, atMm) => {
  const vessel = { ...tube, arms: { keeps: "floats" as const, stepMm: 4, armMm: 60 } };
  const { pours } = parted({ oil: { densityGPerMl }, vessel });
  expect(pours!.atMm).toBeGreaterThan(atMm * 0.98);
  expect(pours!.atMm).toBeLessThan(atMm * 1.02);
  expect(pours!.ever).toBe(atMm < 48);
});

test("arms made for the other kind of oil never pour it", () => {
  const arms = { stepMm: 4, armMm: 200 };
  const float = parted({ vessel: { ...tube, arms: { ...arms, keeps: "sinks" } } });
  expect(float.pours).toEqual({ atMm: Infinity, ever: false, atMl: Infinity });
  const sinks = parted({
    oil: { densityGPerMl: 1.053 },
    vessel: { ...tube, arms: { ...arms, keeps: "sinks" } },
  });
  expect(sinks.layer).toBe("sinks");
  expect(sinks.pours!.ever).toBe(true);
});

/* Oil of 1.05 g/mL, water lip 180 mm above the bottom: a larger step keeps less, until it keeps none. */
test.each([
  [2, 140, true],
  [4, 99, true],
  [8, 18, true],
  [12, undefined, false],
])("turned about for oil that sinks, a step of %p mm pours from %p mm on", (stepMm, atMm, ever) => {
  const pours = poursFrom({ keeps: "sinks", stepMm, armMm: 180 }, "sinks", 0.998, 1.05);
  expect(pours.ever).toBe(ever);
  if (atMm === undefined) expect(pours.atMm).toBeLessThanOrEqual(0);
  else expect(Math.abs(pours.atMm - atMm)).toBeLessThan(1);
});

test("what has to gather before oil pours is told as a volume too", () => {
  const arms = { keeps: "sinks" as const, stepMm: 8, armMm: 180 };
  const { pours, oilDensityGPerMl } = parted({
    oil: { densityGPerMl: 1.05 },
    vessel: { ...tube, heightMm: 200, arms },
  });
  expect(oilDensityGPerMl).toBeGreaterThan(1);
  expect(pours!.atMl).toBeCloseTo((Math.PI * (tube.diameterMm / 2) ** 2 * pours!.atMm) / 1000, 1);
});

test("what sinks gathers in the tip of a pear, so that a little of it stands high", () => {
  const pear: Hollow = { shape: "pear", diameterMm: 70, heightMm: 160 };
  const below = parted({ oil: { densityGPerMl: 1.06 }, vessel: pear });
  const above = parted({ vessel: pear });
  expect(below.layerMm).toBeGreaterThan(5 * above.layerMm);
});

const hollow = fc.record({
  shape: fc.constantFrom("tube" as const, "cone" as const, "pear" as const),
  diameterMm: fc.double({ min: 5, max: 300, noNaN: true }),
  heightMm: fc.double({ min: 20, max: 600, noNaN: true }),
});

test("in any vessel more stands higher, volumes and heights answer each other, and it is never wider than it is", () => {
  fc.assert(
    fc.property(hollow, fc.double({ min: 0.01, max: 0.99, noNaN: true }), (vessel, share) => {
      const height = vessel.heightMm * share;
      expect(radiusAt(vessel, height)).toBeLessThanOrEqual(vessel.diameterMm / 2 + 1e-9);
      const volume = volumeBelow(vessel, height);
      expect(volume).toBeGreaterThan(0);
      expect(heightOf(vessel, volume)).toBeCloseTo(height, 3);
      expect(heightOf(vessel, volume * 1.1)).toBeGreaterThan(height);
    }),
    { numRuns: 60 },
  );
});

test("any oil in any vessel parts into numbers that can be shown", () => {
  fc.assert(
    fc.property(
      hollow,
      fc.double({ min: 0.7, max: 1.3, noNaN: true }),
      fc.double({ min: 0, max: 500, noNaN: true }),
      fc.double({ min: 0, max: 5000, noNaN: true }),
      fc.double({ min: 0, max: 95, noNaN: true }),
      fc.double({ min: 0, max: 358, noNaN: true }),
      (vessel, densityGPerMl, oilMl, hydrosolMl, temperatureC, saltGPerL) => {
        const found = parted({
          oil: { densityGPerMl },
          vessel,
          oilMl,
          hydrosolMl,
          temperatureC,
          saltGPerL,
        });
        expect(found.layerMm).toBeGreaterThanOrEqual(0);
        expect(Number.isFinite(found.layerMm)).toBe(true);
        expect(found.columnMm).toBeGreaterThan(0);
        expect(minutesToSettle(found.settling)).toBeGreaterThan(0);
      },
    ),
    { numRuns: 60 },
  );
});

test("a funnel is filled to four fifths of what it holds, a tube to the brim", () => {
  const funnel: Hollow = { shape: "pear", diameterMm: 80, heightMm: 180 };
  expect(parted({ vessel: funnel }).holdsMl).toBeCloseTo(0.8 * volumeBelow(funnel, 180), 6);
  expect(parted().holdsMl).toBeCloseTo(volumeBelow(tube, 300), 6);
});

test("arms pour oil only where its layer leaves a fifth of them to water", () => {
  const arms = (armMm: number) =>
    poursFrom({ keeps: "floats", stepMm: 4, armMm }, "floats", 1, 0.9);
  expect(arms(51)).toMatchObject({ ever: true });
  expect(arms(49)).toMatchObject({ ever: false });
});

test("what a vessel does not hold at once takes more fillings; a pear and a cone are not filled to the brim", () => {
  const fillings = (vessel: Hollow, hydrosolMl: number) => parted({ vessel, hydrosolMl }).fillings;
  const whole = volumeBelow(tube, 300);
  expect(fillings(tube, whole - 3)).toBe(1);
  expect(fillings(tube, whole)).toBe(2);
  expect(fillings(tube, 2 * whole)).toBe(3);
  const pear: Hollow = { shape: "pear", diameterMm: 80, heightMm: 200 };
  const cone: Hollow = { ...pear, shape: "cone" };
  expect(parted({ vessel: pear }).holdsMl).toBeCloseTo(0.8 * volumeBelow(pear, 200), 9);
  expect(parted({ vessel: cone }).holdsMl).toBeCloseTo(0.85 * volumeBelow(cone, 200), 9);
});

test("drops travel through the water that stands in the vessel with its oil, under it or over it", () => {
  expect(parted().columnMm).toBeCloseTo(heightOf(tube, 150), 9);
  /* Of more than it holds, only what is in it; and never nothing. */
  expect(parted({ hydrosolMl: 1000 }).columnMm).toBeCloseTo(
    heightOf(tube, volumeBelow(tube, 300) - 3),
    6,
  );
  expect(parted({ hydrosolMl: 0.1 }).columnMm).toBe(1);
  const cone: Hollow = { shape: "cone", diameterMm: 90, heightMm: 250 };
  const below = parted({ vessel: cone, oil: { densityGPerMl: 1.053 } });
  expect(below.layer).toBe("sinks");
  expect(below.columnMm).toBeCloseTo(heightOf(cone, 153) - heightOf(cone, 3), 6);
  expect(below.layerMm).toBeCloseTo(heightOf(cone, 3), 6);
  const above = parted({ vessel: cone });
  expect(above.columnMm).toBeCloseTo(heightOf(cone, 150), 6);
  expect(above.layerMm).toBeCloseTo(heightOf(cone, 153) - heightOf(cone, 150), 6);
});

test("water takes up no more of an oil than there is, and more of it in more water", () => {
  const oil = { composition: { linalool: 1 } };
  const dissolved = (oilMl: number, hydrosolMl: number) => parted({ oil, oilMl, hydrosolMl });
  const little = dissolved(0.01, 150);
  expect(little.dissolvedG).toBeCloseTo(0.01 * little.oilDensityGPerMl, 9);
  const [once, twice] = [dissolved(3, 50).dissolvedG!, dissolved(3, 100).dissolvedG!];
  expect(once).toBeGreaterThan(0);
  expect(twice / once).toBeCloseTo(2, 6);
  expect(parted().dissolvedG).toBeUndefined();
});

test("how long and how much answer each other; what hangs never parts", () => {
  const parting = parted();
  const minutes = minutesToPart(parting, 0.8);
  expect(minutes).toBeGreaterThan(1);
  expect(partedAfter(parting, minutes)).toBeCloseTo(0.8, 3);
  expect(partedAfter(parting, 0)).toBe(0);
  expect(minutesToPart({ settling: { ...parting.settling, densityDifference: 0 } }, 0.5)).toBe(
    Infinity,
  );
  /* So slow that nobody waits for it. */
  expect(minutesToPart({ settling: { ...parting.settling, densityDifference: 1e-6 } }, 0.95)).toBe(
    Infinity,
  );
});
