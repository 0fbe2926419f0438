/** One of the two things that are compared by nose. */
type Side = "a" | "b";

/** Three strips, two of them alike, in the order in which they lie. */
export interface Strip {
  /** Three digits, written where the nose does not see them. */
  code: string;
  of: Side;
}

/**
 * Lays out a round by lot: which side is there twice, in which order, under which codes.
 * @param chance from 0 to below 1, drawn anew each time
 */
export function drawRound(chance: () => number): Strip[] {
  const odd: Side = chance() < 0.5 ? "a" : "b";
  const alike: Side = odd === "a" ? "b" : "a";
  const place = Math.min(2, Math.floor(chance() * 3));
  const codes: string[] = [];
  while (codes.length < 3) {
    const code = String(100 + Math.min(899, Math.floor(chance() * 900)));
    /* No two codes of one round share a first digit: they are told apart at a glance. */
    if (!codes.some((other) => other.charAt(0) === code.charAt(0))) codes.push(code);
  }
  return codes.map((code, i) => ({ code, of: i === place ? odd : alike }));
}

/** The strip that is unlike the other two. */
export function oddOf(strips: readonly Strip[]): Strip | undefined {
  return strips.find(({ of }) => strips.filter((other) => other.of === of).length === 1);
}

/**
 * How likely so many right answers, or more, come by guessing alone: each has one chance in three.
 * @param right from 0 to `rounds`
 */
export function guessedChance(right: number, rounds: number): number {
  return upperTail(right, rounds, 1 / 3);
}

/** How likely a preference as lopsided as this, or more, comes by chance, where both are liked alike. */
export function preferredChance(forA: number, forB: number): number {
  return Math.min(1, 2 * upperTail(Math.max(forA, forB), forA + forB, 0.5));
}

/** The fewest right answers of so many rounds that guessing gives less than once in twenty; null where none does. */
export function rightNeeded(rounds: number): number | null {
  for (let right = 0; right <= rounds; right += 1)
    if (guessedChance(right, rounds) < 0.05) return right;
  return null;
}

/** P(X ≥ least) of a binomial count. */
function upperTail(least: number, of: number, share: number): number {
  let sum = 0;
  for (let count = least; count <= of; count += 1)
    sum += choose(of, count) * share ** count * (1 - share) ** (of - count);
  return Math.min(1, sum);
}

function choose(of: number, count: number): number {
  let ways = 1;
  for (let i = 1; i <= count; i += 1) ways = (ways * (of - count + i)) / i;
  return ways;
}
