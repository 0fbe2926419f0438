import { normalStream } from "../statistics/chance";
import { judgeTrial, type Verdict } from "./trial";

/** Of how many simulated trials in all each verdict was given, as shares. */
export type TrialScore = Record<Verdict, number>;

/**
 * Judges trials whose effect is known: pairs of one halved harvest whose halves differ by such a
 * deviation of the logarithm.
 */
export function playTrials(
  trials: number,
  { pairs, effect, deviation }: { pairs: number; effect: number; deviation: number },
  seed: number,
): TrialScore {
  const normal = normalStream(seed);
  const score: TrialScore = { more: 0, less: 0, same: 0, undecided: 0 };
  for (let i = 0; i < trials; i += 1) {
    const drawn = Array.from({ length: pairs }, (): [number, number] => {
      const a = 4 * Math.exp(0.25 * normal());
      return [a, a * effect * Math.exp(deviation * normal())];
    });
    score[judgeTrial({ pairs: drawn }).verdict] += 1 / trials;
  }
  return score;
}

/**
 * The same, looked at after each pair and ended by the first word of more or less.
 * @returns shares of the trials that were called so, and the pairs that a trial called "more" took in the middle
 */
export function playLooks(
  trials: number,
  { pairs, effect, deviation }: { pairs: number; effect: number; deviation: number },
  seed: number,
): { more: number; less: number; middlePairs: number } {
  const normal = normalStream(seed);
  const took: number[] = [];
  let less = 0;
  for (let i = 0; i < trials; i += 1) {
    const drawn: [number, number][] = [];
    for (let pair = 1; pair <= pairs; pair += 1) {
      const a = 4 * Math.exp(0.25 * normal());
      drawn.push([a, a * effect * Math.exp(deviation * normal())]);
      const { verdict } = judgeTrial({ pairs: drawn });
      if (verdict !== "more" && verdict !== "less") continue;
      if (verdict === "more") took.push(pair);
      else less += 1;
      break;
    }
  }
  took.sort((a, b) => a - b);
  return {
    more: took.length / trials,
    less: less / trials,
    middlePairs: took[Math.floor(took.length / 2)] ?? 0,
  };
}
