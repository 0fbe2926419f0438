import { plural, t } from "@/language/t";
import type { RunSummary } from "@/logbook/run/runSummary";

/**
 * Where a run's oil lies, in words: in what its plan expected, and among the person's own runs of this
 * plant.
 */
export function standing({ run, result }: RunSummary, others: readonly RunSummary[]): string {
  if (!result) return t`Not measured yet.`;
  const { p10, p50, p90 } = run.plan.forecast.visibleMl;
  const place =
    result.oilMl < p10
      ? t`It is in the lowest tenth of what was expected.`
      : result.oilMl > p90
        ? t`It is in the highest tenth of what was expected.`
        : result.oilMl < (p10 + p50) / 2
          ? t`It is in the lower part of what is usual.`
          : result.oilMl > (p50 + p90) / 2
            ? t`It is in the upper part of what is usual.`
            : t`It is about the middle of what is usual.`;
  const earlier = others.flatMap((other) =>
    other.run.id !== run.id && other.run.plantId === run.plantId && other.result
      ? [other.result.mlPerKgDry]
      : [],
  );
  if (earlier.length === 0) return `${place} ${t`It is your first run of this plant.`}`;
  const lower = earlier.filter((value) => value < result.mlPerKgDry).length;
  const higher = earlier.filter((value) => value > result.mlPerKgDry).length;
  return `${place} ${amongOwn(lower, higher, earlier.length)}`;
}

function amongOwn(lower: number, higher: number, all: number): string {
  if (lower === all)
    return plural(all, {
      one: "On dry matter it gave more than your earlier run of this plant.",
      other: "On dry matter it gave more than each of your earlier runs of this plant.",
    });
  if (higher === all)
    return plural(all, {
      one: "On dry matter it gave less than your earlier run of this plant.",
      other: "On dry matter it gave less than each of your earlier runs of this plant.",
    });
  if (lower + higher === 0)
    return plural(all, {
      one: "On dry matter it gave as much as your earlier run of this plant.",
      other: "On dry matter it gave as much as each of your earlier runs of this plant.",
    });
  return t`On dry matter it gave more than ${lower} of your ${all} other runs of this plant.`;
}
