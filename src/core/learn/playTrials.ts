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
