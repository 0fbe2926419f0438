import fc from "fast-check";
import { lostWaiting } from "./waitingLoss";

test("petals lose in a morning, leaves hardly, seed and anything dried nothing that is known", () => {
  const petals = lostWaiting({ tissue: "petals" }, "fresh", 4)!;
  expect(petals.low).toBeCloseTo(0.02, 3);
  expect(petals.high).toBeCloseTo(0.115, 3);
  expect(lostWaiting({ tissue: "surfaceGlands" }, "fresh", 4)!.high).toBeLessThan(0.03);
  expect(lostWaiting({ tissue: "crushedSeed" }, "fresh", 4)).toBeUndefined();
  expect(lostWaiting({ tissue: "petals" }, "dried", 4)).toBeUndefined();
});

test("nothing is lost at once, and never all", () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 100, noNaN: true }), (hours) => {
      const lost = lostWaiting({ tissue: "petals" }, "wilted", hours)!;
      expect(lost.low).toBeGreaterThanOrEqual(0);
      expect(lost.high).toBeGreaterThanOrEqual(lost.low);
      expect(lost.high).toBeLessThan(1);
      if (hours === 0) expect(lost.high).toBe(0);
    }),
  );
});
