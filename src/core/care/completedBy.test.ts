import fc from "fast-check";
import { completedBy } from "./completedBy";

const usual = { linalool: 0.4, estragole: 0.2, limonene: 0.1 };

test("what a chromatogram does not name is what the plant usually has, as far as there is room", () => {
  expect(completedBy({ linalool: 0.7 }, usual)).toEqual({
    linalool: 0.7,
    estragole: expect.closeTo(0.2, 9),
    limonene: expect.closeTo(0.1, 9),
  });
  expect(completedBy({ linalool: 0.85 }, usual).estragole).toBeCloseTo(0.1, 9);
  expect(completedBy({ linalool: 1 }, usual)).toMatchObject({ estragole: 0, limonene: 0 });
  expect(completedBy({ linalool: 0.3 }, {})).toEqual({ linalool: 0.3 });
});

test("it never comes to more than the whole, and leaves what was measured as it was", () => {
  const share = fc.double({ min: 0, max: 0.5, noNaN: true });
  fc.assert(
    fc.property(share, share, (linalool, myrcene) => {
      const all = completedBy({ linalool, myrcene }, usual);
      expect(all).toMatchObject({ linalool, myrcene });
      expect(Object.values(all).reduce((sum, each) => sum + each, 0)).toBeLessThanOrEqual(1 + 1e-9);
    }),
  );
});
