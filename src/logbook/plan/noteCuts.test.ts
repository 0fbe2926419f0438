import fc from "fast-check";
import { usualCuts } from "@/core/plan/notes";
import { noteCutsOf, withCut } from "./noteCuts";

const cuts = (headsText: string, tailsText: string) => noteCutsOf({ headsText, tailsText });

test("cuts are as typed, and as usual where nothing or no number is", () => {
  expect(cuts("0.2", "0.7")).toEqual([0.2, 0.7]);
  expect(cuts("", " ")).toEqual([...usualCuts]);
  expect(cuts("a third", "0.9")).toEqual([usualCuts[0], 0.9]);
  expect(cuts("0.1", "Infinity")).toEqual([0.1, usualCuts[1]]);
});

test("a cut that is moved takes the other along only as far as it must", () => {
  expect(withCut([0.2, 0.7], 0, 0.3)).toEqual([0.3, 0.7]);
  expect(withCut([0.2, 0.7], 0, 0.68)).toEqual([0.68, 0.68 + 0.05]);
  expect(withCut([0.2, 0.7], 0, 2)).toEqual([1 - 0.02 - 0.05, 1 - 0.02]);
  expect(withCut([0.2, 0.7], 0, -1)).toEqual([0.02, 0.7]);
  expect(withCut([0.2, 0.7], 1, 0.9)).toEqual([0.2, 0.9]);
  expect(withCut([0.2, 0.7], 1, 0.22)).toEqual([0.22 - 0.05, 0.22]);
  expect(withCut([0.2, 0.7], 1, -1)).toEqual([expect.closeTo(0.02), expect.closeTo(0.07)]);
  expect(withCut([0.2, 0.7], 1, 2)).toEqual([0.2, 0.98]);
});

test("whatever is typed, three jars have some oil each", () => {
  fc.assert(
    fc.property(fc.double(), fc.double(), (heads, tails) => {
      const [first, last] = cuts(String(heads), String(tails));
      expect(first).toBeGreaterThanOrEqual(0.02 - 1e-9);
      expect(last - first).toBeGreaterThanOrEqual(0.05 - 1e-9);
      expect(last).toBeLessThanOrEqual(0.98 + 1e-9);
    }),
  );
});
