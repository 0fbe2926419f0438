import { p90Deviations } from "./chance";

/** A range in which 8 in 10 lie. */
export interface Range {
  low: number;
  high: number;
}

/** What own runs made of a range. */
export interface Narrowed extends Range {
  /** How many runs spoke. */
  runs: number;
  /** Width of the new range on the logarithm against the old one: 0.6 is two fifths narrower. */
  width: number;
}

/*
 * Half of a published range's variance lies between places and plants, half between one harvest and
 * the next. Own runs tell about the first; the second stays however many runs there are, so that
 * fifty runs do not promise what the weather decides.
 */
const shareBetweenPlaces = 0.5;
/** The other half: share of the variance between one harvest and the next. */
export const shareBetweenHarvests = 1 - shareBetweenPlaces;
/** What one run says of its plant's oil is itself off by a fifth: release, heat, reading the film. */
export const measuringDeviation = 0.2;

/** How far halves of one harvest differ that are treated alike: deviation of the logarithm. */
export const halvesDiffer = 0.25;

/** Deviation of a range's logarithm: 8 in 10 lie within. */
export function spreadOf({ low, high }: Range): number {
  return Math.log(high / low) / (2 * p90Deviations);
}

/**
 * Narrows an oil content by what own finished runs gave: a normal update on the logarithm with the
 * published range as the prior.
 * @param prior 10th and 90th percentile, mL/kg, low above 0
 * @param observed oil contents that own runs point to, mL/kg, each above 0
 */
export function narrowedBy(prior: Range, observed: readonly number[]): Narrowed {
  const seen = observed.filter((value) => value > 0 && Number.isFinite(value));
  const spread = spreadOf(prior);
  if (seen.length === 0 || !(spread > 0) || !(prior.low > 0))
    return { ...prior, runs: 0, width: 1 };
  const middle = (Math.log(prior.low) + Math.log(prior.high)) / 2;
  const placeVariance = spread ** 2 * shareBetweenPlaces;
  const harvestVariance = spread ** 2 - placeVariance;
  const eachVariance = harvestVariance + measuringDeviation ** 2;
  const precision = 1 / placeVariance + seen.length / eachVariance;
  const sum = seen.reduce((total, value) => total + Math.log(value), 0);
  const mean = (middle / placeVariance + sum / eachVariance) / precision;
  const deviation = Math.sqrt(1 / precision + harvestVariance);
  return {
    low: Math.exp(mean - p90Deviations * deviation),
    high: Math.exp(mean + p90Deviations * deviation),
    runs: seen.length,
    width: deviation / spread,
  };
}
