import type { Percentiles } from "./chance";

/**
 * 10th, 50th and 90th percentile of weighted values: the value at which the weights below it reach
 * that share, straight between neighbours. Infinite values count; none at all gives 0.
 * @param weights 0 or more, summing to 1
 */
export function weightedPercentiles(
  values: readonly number[],
  weights: readonly number[],
): Percentiles {
  const order = values.map((_, i) => i).sort((a, b) => values[a]! - values[b]!);
  const at = (share: number) => {
    let below = 0;
    let previous: { value: number; middle: number } | undefined;
    for (const index of order) {
      const value = values[index]!;
      const weight = weights[index] ?? 0;
      const middle = below + weight / 2;
      if (middle >= share) {
        if (!previous || !Number.isFinite(value)) return value;
        const part = (share - previous.middle) / (middle - previous.middle || 1);
        return previous.value + part * (value - previous.value);
      }
      previous = { value, middle };
      below += weight;
    }
    return previous?.value ?? 0;
  };
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}
