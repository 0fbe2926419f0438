import { playLooks, playTrials } from "./playTrials";
import { judgeTrial, pairsFor } from "./trial";

const three: [number, number][] = [
  [4.1, 4.6],
  [3.6, 4.3],
  [5, 5.6],
];

const seven: [number, number][] = [...three, [4.4, 5.4], [3, 3.6], [4, 4.9], [4, 4.8]];

test("three pairs: 1.127, 8 in 10 from 0.972 to 1.307, P 0.855, not decided", () => {
  const { ratio, probabilityBetter, verdict, morePairs } = judgeTrial({ pairs: three });
  expect(ratio.p50).toBeCloseTo(1.127, 3);
  expect(ratio.p10).toBeCloseTo(0.972, 3);
  expect(ratio.p90).toBeCloseTo(1.307, 3);
  expect(probabilityBetter).toBeCloseTo(0.855, 3);
  expect(verdict).toBe("undecided");
  expect(morePairs).toBe(6);
});

test("seven pairs decide it: 1.173, 1.084 to 1.269, P 0.991, more", () => {
  const { ratio, probabilityBetter, verdict, morePairs } = judgeTrial({ pairs: seven });
  expect(ratio.p50).toBeCloseTo(1.173, 3);
  expect(ratio.p10).toBeCloseTo(1.084, 3);
  expect(ratio.p90).toBeCloseTo(1.269, 3);
  expect(probabilityBetter).toBeCloseTo(0.991, 3);
  expect(verdict).toBe("more");
  expect(morePairs).toBe(0);
});

test("one pair or two never decide, however far apart they lie", () => {
  const far: [number, number] = [4, 12];
  expect(judgeTrial({ pairs: [far] }).verdict).toBe("undecided");
  expect(judgeTrial({ pairs: [far, far] })).toMatchObject({ verdict: "undecided", morePairs: 1 });
  expect(judgeTrial({ pairs: [far, far, far] }).verdict).toBe("more");
  expect(judgeTrial({ a: [4, 4], b: [12, 12, 12] }).verdict).toBe("undecided");
});

test("looked at after each of ten pairs, nothing is called in one trial of twenty, 30 % in eight of ten", () => {
  const none = playLooks(600, { pairs: 10, effect: 1, deviation: 0.25 }, 3);
  expect(none.more + none.less).toBeLessThan(0.075);
  const much = playLooks(600, { pairs: 10, effect: 1.3, deviation: 0.25 }, 5);
  expect(much.more).toBeGreaterThan(0.75);
  expect(much.less).toBe(0);
  expect(much.middlePairs).toBeGreaterThanOrEqual(5);
  expect(much.middlePairs).toBeLessThanOrEqual(7);
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
  expect(judgeTrial({ pairs: seven.map(([a, b]) => [b, a]) }).verdict).toBe("less");
  const alike = Array.from({ length: 12 }, (_, i): [number, number] => [4, 4 + 0.05 * (i % 3)]);
  expect(judgeTrial({ pairs: alike }).verdict).toBe("same");
});

test("nothing has no logarithm: a zero is left out and said, and none left is refused by name", () => {
  expect(judgeTrial({ pairs: [...three, [0, 4]] }).leftOut).toBe(1);
  expect(() => judgeTrial({ pairs: [[0, 4]] })).toThrow(/^pairs:/);
  expect(() => judgeTrial({ a: [0], b: [1] })).toThrow(/^a and b:/);
});

test("so many pairs as it says tell a difference of 15 % about eight times in ten, and a wider spread asks for more", () => {
  for (const deviation of [0.2, 0.25, 0.3]) {
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
