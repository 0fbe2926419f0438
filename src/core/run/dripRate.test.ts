import fc from "fast-check";
import { massInState } from "../plant/massInState";
import { dripRateMlPerMin } from "./dripRate";

test("a drop a second, twenty to the millilitre, is 3 mL a minute; four drops are too few", () => {
  const each = (count: number) => Array.from({ length: count }, (_, i) => i * 1000);
  expect(dripRateMlPerMin(each(6), 20)).toBeCloseTo(3, 9);
  expect(dripRateMlPerMin(each(4), 20)).toBeUndefined();
  expect(dripRateMlPerMin([5, 5, 5, 5, 5], 20)).toBeUndefined();
});

test("wilting takes water and leaves dry matter, there and back", () => {
  expect(massInState(1800, { moisture: 0.72 }, { moisture: 0.6 })).toBeCloseTo(1260, 9);
  const moisture = fc.record({ moisture: fc.double({ min: 0, max: 0.95, noNaN: true }) });
  fc.assert(
    fc.property(moisture, moisture, (from, to) => {
      expect(massInState(massInState(900, from, to), to, from)).toBeCloseTo(900, 6);
    }),
  );
});
