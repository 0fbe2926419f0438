import fc from "fast-check";
import { picturesOf } from "@/testing/vesselPictures";
import { measureLayer, type LayerOnPicture } from "./layerOnPicture";

/* A tube 30 mm wide and 200 mm high that fills four fifths of its picture; 10 mm of oil at half its height. */
const tube: LayerOnPicture = {
  vessel: { shape: "tube", diameterMm: 30, heightMm: 200 },
  lines: { bottom: 0.9, mark: 0.1, lower: 0.5, upper: 0.46 },
  markMm: 200,
};

test("ten millimetres in a tube thirty wide are seven millilitres", () => {
  const { ml, heightMm, tooThin } = measureLayer(tube);
  expect(heightMm).toBeGreaterThan(9.8);
  expect(heightMm).toBeLessThan(10.2);
  expect(ml.p50).toBeGreaterThan(6.8);
  expect(ml.p50).toBeLessThan(7.4);
  expect(ml.p10).toBeGreaterThan(5.5);
  expect(ml.p90).toBeLessThan(8.6);
  expect(tooThin).toBe(false);
});

test.each([
  ["by a camera that is thought level", false],
  ["by the rim's ellipse", true],
])(
  "of twenty pictures, each read ten times, the 80 % range holds the truth in 70 to 90 of 100, %s",
  (_, rim) => {
    const read = Array.from({ length: 20 }, (_each, n) => picturesOf((n + 1) / 23, 10, rim)).flat();
    const held = read.filter(({ asked, trueMl }) => {
      const { ml } = measureLayer(asked);
      return ml.p10 <= trueMl && trueMl <= ml.p90;
    }).length;
    expect(held).toBeGreaterThanOrEqual(140);
    expect(held).toBeLessThanOrEqual(180);
  },
);

test("a layer that has sunk lies on the bottom", () => {
  const sunk = measureLayer({ ...tube, lines: { ...tube.lines, lower: 0.9, upper: 0.86 } });
  expect(sunk.heightMm).toBeGreaterThan(9.8);
  expect(sunk.heightMm).toBeLessThan(10.2);
  expect(sunk.ml.p50).toBeGreaterThan(6.7);
  expect(sunk.ml.p50).toBeLessThan(7.5);
});

test("from above, a funnel's wide rim lies lower than it is: the rim's ellipse tells it", () => {
  const funnel: LayerOnPicture = {
    ...tube,
    vessel: { shape: "cone", diameterMm: 90, heightMm: 200 },
  };
  const of = (rimFar: number) =>
    measureLayer({ ...funnel, lines: { ...funnel.lines, rimFar } }).ml.p50;
  const level = of(0.1);
  const above = of(0.1 - 0.36 * Math.tan(Math.PI / 9));
  expect(Math.abs(above - level) / level).toBeGreaterThan(0.02);
});

test("what is hardly thicker than a line is too thin to be measured so", () => {
  expect(measureLayer({ ...tube, lines: { ...tube.lines, upper: 0.496 } }).tooThin).toBe(true);
});

test("more between the lines is never less oil; lines out of order are refused", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 0.3, noNaN: true }),
      fc.double({ min: 0.001, max: 0.05, noNaN: true }),
      (thick, more) => {
        const of = (share: number) =>
          measureLayer({ ...tube, lines: { ...tube.lines, upper: 0.5 - share } }).ml.p50;
        return of(thick + more) >= of(thick);
      },
    ),
    { numRuns: 30 },
  );
  const wrong = (lines: Partial<LayerOnPicture["lines"]>) => () =>
    measureLayer({ ...tube, lines: { ...tube.lines, ...lines } });
  expect(wrong({ mark: 0.95 })).toThrow("above the bottom");
  expect(wrong({ upper: 0.6 })).toThrow("upper edge");
  expect(wrong({ lower: 0.95, upper: 0.92 })).toThrow("below the bottom");
});
