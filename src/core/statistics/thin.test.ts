import fc from "fast-check";
import { thinned } from "./thin";

test("thinning keeps ends, peaks and order, and never grows", () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -50, max: 150, noNaN: true }), { minLength: 1, maxLength: 3000 }),
      fc.integer({ min: 1, max: 80 }),
      (value, stretches) => {
        const at = value.map((_, i) => i * 1000 + (i % 3));
        const thin = thinned({ at, value }, stretches);
        expect(thin.at.length).toBeLessThanOrEqual(Math.max(stretches * 4, value.length));
        expect(thin.at[0]).toBe(at[0]);
        expect(thin.at.at(-1)).toBe(at.at(-1));
        expect(Math.max(...thin.value)).toBe(Math.max(...value));
        expect(Math.min(...thin.value)).toBe(Math.min(...value));
        expect([...thin.at].sort((a, b) => a - b)).toEqual(thin.at);
      },
    ),
  );
});
