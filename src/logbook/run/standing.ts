import type { RunSummary } from "./runSummary";

/**
 * Where a run's oil lies, in words: in what its plan expected, and among the person's own runs of this
 * plant.
 */
export function standing({ run, result }: RunSummary, others: readonly RunSummary[]): string {
  if (!result) return "Not measured yet.";
  const { p10, p50, p90 } = run.plan.forecast.visibleMl;
  const place =
    result.oilMl < p10
      ? "It is in the lowest tenth of what was expected"
      : result.oilMl > p90
        ? "It is in the highest tenth of what was expected"
        : result.oilMl < (p10 + p50) / 2
          ? "It is in the lower part of what is usual"
          : result.oilMl > (p50 + p90) / 2
            ? "It is in the upper part of what is usual"
            : "It is about the middle of what is usual";
  const earlier = others.flatMap((other) =>
    other.run.id !== run.id && other.run.plantId === run.plantId && other.result
      ? [other.result.mlPerKgDry]
      : [],
  );
  if (earlier.length === 0) return `${place}. It is your first run of this plant.`;
  const below = earlier.filter((value) => value < result.mlPerKgDry).length;
  const among =
    below === earlier.length
      ? "more than each of your earlier"
      : below === 0
        ? "less than each of your earlier"
        : `more than ${below} of your ${earlier.length} other`;
  return `${place}. On dry matter it gave ${among} ${earlier.length === 1 ? "run" : "runs"} of this plant.`;
}
