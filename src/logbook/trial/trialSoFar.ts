import { keptEqual, type Difference } from "./keptEqual";
import { judgeTrial, type TrialOutcome } from "@/core/learn/trial";
import type { Run } from "@/records/run";
import type { Trial } from "@/records/trial";
import type { PlantBook } from "../plant/plantBook";
import { summarise, type RunSummary } from "../run/runSummary";

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
export interface TrialSoFar {
  runs: Trialled[];
  /** Undefined while neither side has anything to count. */
  outcome?: TrialOutcome;
  /** Runs of both sides that stand for one thing changed differ in these as well. */
  alsoDiffers: Difference[];
}
/* Charges within a tenth, and times within a fifth of one another, are the same for a trial. */
const sameCharge = 1.1;
const sameMinutes = 1.2;
const sameWater = 1.25;
const sameRate = 1.25;
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
  return { runs, ...judged(trial, runs), alsoDiffers: differences(runs, trial) };
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

/** In what the two sides differ beside what was to be changed. */
function differences(runs: readonly Trialled[], trial: Trial): Difference[] {
  const counted = runs.flatMap(({ side, summary, notCounted }) =>
    summary && !notCounted ? [{ side, summary }] : [],
  );
  const side = (of: "a" | "b") =>
    counted.flatMap((each) => (each.side === of ? [each.summary] : []));
  const [a, b] = [side("a"), side("b")];
  if (a.length === 0 || b.length === 0) return [];
  const sets = (read: (each: RunSummary) => string) =>
    [a, b].map((those) => [...new Set(those.map(read))].sort().join());
  const means = (read: (each: RunSummary) => number) =>
    [a, b].map((those) => those.reduce((sum, each) => sum + read(each), 0) / those.length);
  const apart = ([x = 1, y = 1]: number[], times: number) => Math.max(x / y, y / x) > times;
  const unlike = ([x, y]: string[]) => x !== y;
  const told: [Difference, boolean][] = [
    ["plant", unlike(sets(({ run }) => run.plantId))],
    ["state", unlike(sets(({ run }) => run.state))],
    ["preparation", unlike(sets(({ run }) => run.plan.preparation ?? ""))],
    ["still", unlike(sets(({ run }) => run.stillId))],
    ["method", unlike(sets(({ run }) => run.plan.method))],
    [
      "charge",
      apart(
        means(({ run }) => run.plan.chargeG * (1 - run.plan.moisture)),
        sameCharge,
      ),
    ],
    [
      "water",
      apart(
        means(({ run }) => run.plan.waterMl || 1),
        sameWater,
      ),
    ],
    [
      "heat",
      apart(
        means(({ run }) => run.plan.forecast.rateMlPerMin),
        sameRate,
      ),
    ],
    [
      "minutes",
      apart(
        means(({ minutesFromFirstDrop }) => minutesFromFirstDrop ?? 1),
        sameMinutes,
      ),
    ],
  ];
  const asked = new Set(keptEqual(trial));
  return told.flatMap(([difference, is]) => (is && asked.has(difference) ? [difference] : []));
}
