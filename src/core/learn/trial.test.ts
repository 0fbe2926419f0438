import { playTrials } from "./playTrials";
import { judgeTrial, pairsFor } from "./trial";

const three: [number, number][] = [
  [4.1, 4.6],
  [3.6, 4.3],
  [5, 5.6],
];

test("three pairs: 1.138, 8 in 10 from 1.037 to 1.249, P 0.955, not decided", () => {
  const { ratio, probabilityBetter, verdict, morePairs } = judgeTrial({ pairs: three });
  expect(ratio.p50).toBeCloseTo(1.138, 3);
  expect(ratio.p10).toBeCloseTo(1.037, 3);
  expect(ratio.p90).toBeCloseTo(1.249, 3);
  expect(probabilityBetter).toBeCloseTo(0.955, 3);
  expect(verdict).toBe("undecided");
  expect(morePairs).toBe(1);
});

test("a fourth pair decides it: 1.132, 1.050 to 1.220, P 0.975, more", () => {
  const { ratio, probabilityBetter, verdict, morePairs } = judgeTrial({
    pairs: [...three, [4.4, 4.9]],
  });
  expect(ratio.p50).toBeCloseTo(1.132, 3);
  expect(ratio.p10).toBeCloseTo(1.05, 3);
  expect(ratio.p90).toBeCloseTo(1.22, 3);
  expect(probabilityBetter).toBeCloseTo(0.975, 3);
  expect(verdict).toBe("more");
  expect(morePairs).toBe(0);
});

test("apart: 1.176, 0.962 to 1.438, P 0.854, not decided", () => {
  const { ratio, probabilityBetter, verdict } = judgeTrial({
    a: [4.1, 3.6, 5],
    b: [4.6, 4.3, 5.6, 5.9],
  });
  expect(ratio.p50).toBeCloseTo(1.176, 3);
  expect(ratio.p10).toBeCloseTo(0.962, 3);
  expect(ratio.p90).toBeCloseTo(1.438, 3);
  expect(probabilityBetter).toBeCloseTo(0.854, 3);
  expect(verdict).toBe("undecided");
});

test("turned about, more is less; many alike pairs are the same", () => {
  const pairs = [...three, [4.4, 4.9] as [number, number]];
  expect(judgeTrial({ pairs: pairs.map(([a, b]) => [b, a]) }).verdict).toBe("less");
  const alike = Array.from({ length: 12 }, (_, i): [number, number] => [4, 4 + 0.05 * (i % 3)]);
  expect(judgeTrial({ pairs: alike }).verdict).toBe("same");
});

test("nothing has no logarithm: a zero is left out and said, and none left is refused by name", () => {
  expect(judgeTrial({ pairs: [...three, [0, 4]] }).leftOut).toBe(1);
  expect(() => judgeTrial({ pairs: [[0, 4]] })).toThrow(/^pairs:/);
  expect(() => judgeTrial({ a: [0], b: [1] })).toThrow(/^a and b:/);
});

test("with no effect at most one in fifteen is called; with 30 % and five pairs nine in ten are", () => {
  const none = playTrials(300, { pairs: 5, effect: 1, deviation: 0.15 }, 3);
  expect(none.more + none.less).toBeLessThanOrEqual(1 / 15);
  const much = playTrials(300, { pairs: 5, effect: 1.3, deviation: 0.15 }, 5);
  expect(much.more).toBeGreaterThanOrEqual(0.9);
});

test("so many pairs as it says tell a difference of 15 % about eight times in ten, and a wider spread asks for more", () => {
  for (const deviation of [0.1, 0.15, 0.25]) {
    /* Ten pairs of one's own that lie about their mean by just that deviation. */
    const seen = Array.from({ length: 10 }, (_, i) => (i % 2 === 0 ? 1 : -1) * deviation);
    const pairs = pairsFor({ design: "pairs", ratio: 1.15, seen })!;
    const { more } = playTrials(400, { pairs, effect: 1.15, deviation }, 11);
    expect(more).toBeGreaterThan(0.65);
    expect(more).toBeLessThan(0.95);
  }
  const size = (seen: number[], design: "pairs" | "apart" = "pairs") =>
    pairsFor({ design, ratio: 1.15, seen })!;
  expect(size([0.4, -0.4, 0.3, -0.3])).toBeGreaterThan(size([]));
  expect(size([0.02, -0.02, 0.01, -0.01, 0, 0])).toBeLessThan(size([]));
  expect(size([], "apart")).toBeGreaterThan(size([]));
  expect(pairsFor({ design: "apart", ratio: 1.01, seen: [] })).toBeNull();
});
