import { randomLcg } from "d3-random";
import fc from "fast-check";
import { drawRound, guessedChance, oddOf, preferredChance, rightNeeded } from "./triangle";

test("guessing: 5 of 6 is 0.018, 8 of 12 is 0.019, 10 of 18 is 0.043", () => {
  expect(guessedChance(5, 6)).toBeCloseTo(0.018, 3);
  expect(guessedChance(8, 12)).toBeCloseTo(0.019, 3);
  expect(guessedChance(10, 18)).toBeCloseTo(0.043, 3);
  expect(guessedChance(0, 7)).toBeCloseTo(1, 12);
});

test("so many right are needed that one fewer could be guessed", () => {
  expect(rightNeeded(2)).toBeNull();
  expect([3, 6, 12, 18].map(rightNeeded)).toEqual([3, 5, 8, 10]);
  fc.assert(
    fc.property(fc.integer({ min: 3, max: 60 }), (rounds) => {
      const right = rightNeeded(rounds)!;
      expect(guessedChance(right, rounds)).toBeLessThan(0.05);
      expect(guessedChance(right - 1, rounds)).toBeGreaterThanOrEqual(0.05);
    }),
  );
});

test("a preference counts both ways", () => {
  expect(preferredChance(5, 5)).toBe(1);
  expect(preferredChance(9, 1)).toBeCloseTo(preferredChance(1, 9), 12);
  expect(preferredChance(9, 1)).toBeCloseTo(0.0215, 4);
});

test("a round has two alike and one odd, three codes, and the lot is fair", () => {
  const chance = randomLcg(0.37);
  const counts = new Map<string, number>();
  for (let i = 0; i < 3000; i += 1) {
    const strips = drawRound(chance);
    expect(new Set(strips.map(({ code }) => code.charAt(0))).size).toBe(3);
    strips.forEach(({ code }) => expect(code).toMatch(/^[1-9]\d\d$/));
    const odd = oddOf(strips)!;
    const key = `${odd.of}${strips.indexOf(odd)}`;
    counts.set(key, (counts.get(key) ?? 0) + 1);
  }
  expect(counts.size).toBe(6);
  for (const count of counts.values()) {
    expect(count).toBeGreaterThan(400);
    expect(count).toBeLessThan(600);
  }
});
