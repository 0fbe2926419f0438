import type { Run } from "@/records/run";
import type { Trial } from "@/records/trial";
import type { PlantBook } from "../plant/plantBook";
import { trialSoFar } from "./trialSoFar";

/**
 * How far a person's pairs, or runs apart, differ among themselves: the distances of their logarithms from
 * their trial's mean, over all trials of the same design and measure.
 */
export function trialSpread(
  { design, measure }: Pick<Trial, "design" | "measure">,
  trials: readonly Trial[],
  runs: readonly Run[],
  book: PlantBook,
): number[] {
  return trials
    .filter((trial) => trial.design === design && trial.measure === measure)
    .flatMap((trial) => {
      const counted = trialSoFar(trial, runs, book).runs.flatMap((each) =>
        !each.notCounted && each.value !== undefined && each.value > 0
          ? [{ ...each, log: Math.log(each.value) }]
          : [],
      );
      const a = counted.filter(({ side }) => side === "a");
      const b = counted.filter(({ side }) => side === "b");
      if (design === "apart") return [...aboutMean(a.map(logOf)), ...aboutMean(b.map(logOf))];
      return aboutMean(
        a.flatMap((one) => {
          const other = b.find(({ pair }) => pair === one.pair);
          return other ? [other.log - one.log] : [];
        }),
      );
    });
}

function logOf({ log }: { log: number }): number {
  return log;
}

/** What there is one of tells no spread. */
function aboutMean(values: readonly number[]): number[] {
  if (values.length < 2) return [];
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  return values.map((value) => value - mean);
}
