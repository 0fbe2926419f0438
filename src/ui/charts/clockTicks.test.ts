import fc from "fast-check";
import { clockTicks } from "./clockTicks";

const at = (time: string) => Date.parse(`2026-07-18T${time}Z`);

test("an afternoon's run has the round minutes of the clock", () => {
  expect(clockTicks(at("13:07:20"), at("14:02:00"))).toEqual(
    ["13:15:00", "13:30:00", "13:45:00", "14:00:00"].map(at),
  );
});

test("ticks lie within, evenly apart, and are few, however long it was", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 2e12 }),
      fc.integer({ min: 0, max: 100 * 365 * 86400e3 }),
      (from, long) => {
        const ticks = clockTicks(from, from + long);
        expect(ticks.length).toBeLessThanOrEqual(5);
        for (const tick of ticks) {
          expect(tick).toBeGreaterThanOrEqual(from);
          expect(tick).toBeLessThanOrEqual(from + long);
        }
        expect(new Set(ticks.slice(1).map((tick, i) => tick - ticks[i]!)).size).toBeLessThan(2);
        if (long >= 10 * 60000 && long <= 86400e3) expect(ticks.length).toBeGreaterThan(0);
      },
    ),
  );
});
