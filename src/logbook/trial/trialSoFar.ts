import { judgeTrial, type TrialOutcome } from "@/core/learn/trial";
import type { Run } from "@/records/run";
import type { Trial } from "@/records/trial";
import type { PlantBook } from "../plant/plantBook";
import { summarise, type RunSummary } from "../run/runSummary";
import { chargeOf, sidesBeside, type SidesBeside } from "./sidesBeside";

/** Why a run of a trial is not counted. */
export type NotCounted =
  | { why: "gone" | "notMeasured" | "stoppedEarly" | "nothing" | "noPartner" }
  | { why: "told"; words: string };

/** One run of a trial, with what it measured. */
export interface Trialled {
  runId: string;
  side: "a" | "b";
  pair?: number;
  summary?: RunSummary;
  value?: number;
  notCounted?: NotCounted;
}

/** Where a trial stands. */
export interface TrialSoFar extends SidesBeside {
  runs: Trialled[];
  /** Undefined while neither side has anything to count. */
  outcome?: TrialOutcome;
}
/* Heat off before this share of what was planned is another run. */
const earlyShare = 0.75;

/** Judges a trial by its runs as they stand; what is left out says why. */
export function trialSoFar(trial: Trial, allRuns: readonly Run[], book: PlantBook): TrialSoFar {
  const byId = new Map(allRuns.map((run) => [run.id, run]));
  const read = trial.runs.map(({ runId, side, pair, leftOut }): Trialled => {
    const run = byId.get(runId);
    const common = { runId, side, ...(pair === undefined ? {} : { pair }) };
    if (!run) return { ...common, notCounted: { why: "gone" } };
    const summary = summarise(run, book);
    const value = measured(trial.measure, summary);
    const notCounted: NotCounted | undefined = leftOut
      ? { why: "told", words: leftOut }
      : value === undefined
        ? { why: "notMeasured" }
        : stoppedEarly(summary)
          ? { why: "stoppedEarly" }
          : value <= 0
            ? { why: "nothing" }
            : undefined;
    return {
      ...common,
      summary,
      ...(value === undefined ? {} : { value }),
      ...(notCounted ? { notCounted } : {}),
    };
  });
  const runs = trial.design === "pairs" ? read.map((each) => partnered(each, read)) : read;
  return { runs, ...judged(trial, runs), ...countedBeside(runs, trial) };
}

function measured(measure: Trial["measure"], { result, state }: RunSummary): number | undefined {
  if (measure === "hydrosolPh") return state.result?.ph;
  return result && (measure === "oilMl" ? result.oilMl : result.mlPerKgDry);
}

function stoppedEarly({ run, minutesFromFirstDrop }: RunSummary): boolean {
  return (
    minutesFromFirstDrop !== undefined &&
    minutesFromFirstDrop < run.plan.forecast.runMinutes * earlyShare
  );
}

/** A run whose partner is not counted is not counted either. */
function partnered(each: Trialled, all: readonly Trialled[]): Trialled {
  if (each.notCounted) return each;
  const partner = all.find(
    ({ pair, side, notCounted }) =>
      pair !== undefined && pair === each.pair && side !== each.side && !notCounted,
  );
  return partner ? each : { ...each, notCounted: { why: "noPartner" } };
}

function judged({ design }: Trial, runs: readonly Trialled[]): { outcome?: TrialOutcome } {
  const counted = runs.filter(({ notCounted }) => !notCounted);
  const side = (of: "a" | "b") =>
    counted.flatMap((each) => (each.side === of && each.value !== undefined ? [each] : []));
  const [a, b] = [side("a"), side("b")];
  if (a.length === 0 || b.length === 0) return {};
  if (design === "apart") return { outcome: judgeTrial({ a: a.map(valueOf), b: b.map(valueOf) }) };
  const pairs = a.flatMap((one): [number, number][] => {
    const other = b.find(({ pair }) => pair === one.pair);
    return other ? [[valueOf(one), valueOf(other)]] : [];
  });
  return pairs.length > 0 ? { outcome: judgeTrial({ pairs }) } : {};
}

function valueOf({ value = 0 }: Trialled): number {
  return value;
}

/** How the counted runs of the two sides stand to each other. */
function countedBeside(runs: readonly Trialled[], trial: Trial): SidesBeside {
  const side = (of: "a" | "b") =>
    runs.flatMap(({ side, summary, notCounted }) =>
      side === of && summary && !notCounted ? [chargeOf(summary.run)] : [],
    );
  return sidesBeside(trial, side("a"), side("b"));
}
