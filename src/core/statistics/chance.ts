import { quantileSorted } from "d3-array";
import { randomLcg, randomNormal } from "d3-random";

/** Distance of the 90th percentile of a normal distribution from its middle, in deviations. */
export const p90Deviations = 1.2815515655446004;

/** A stream of standard normal numbers from a seed: same seed, same stream. */
export function normalStream(seed: number): () => number {
  return randomNormal.source(randomLcg(seed))(0, 1);
}

/**
 * A lognormal value with the given 10th and 90th percentiles, from a standard normal number.
 * @param low 10th percentile, 0 or more; 0 makes the value 0 unless high is above it, where a
 *   hundredth of high stands in
 */
export function lognormal(low: number, high: number, normal: number): number {
  if (high <= 0) return 0;
  const floor = low > 0 ? low : high / 100;
  const middle = Math.sqrt(floor * high);
  const spread = Math.log(high / floor) / (2 * p90Deviations);
  return middle * Math.exp(spread * normal);
}

/** The middle of a range and where 8 in 10 lie. */
export interface Percentiles {
  p10: number;
  p50: number;
  p90: number;
}

/** 10th, 50th and 90th percentile of some numbers; all 0 when there are none. */
export function percentiles(values: Iterable<number>): Percentiles {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (p: number) => quantileSorted(sorted, p) ?? 0;
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}
