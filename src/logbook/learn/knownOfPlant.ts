import { judgeTrial, pairsFor, type TrialOutcome } from "@/core/learn/trial";
import { type PlantState, plantStates } from "@/core/plant/plant";
import { type Narrowed, type Range, narrowedBy } from "@/core/statistics/ownRuns";
import { ownContents } from "../run/ownContents";
import type { RunSummary } from "../run/runSummary";
import { groupBy } from "../shelf/shelf";
import { trialSoFar } from "../trial/trialSoFar";
import type { PlantBook } from "../plant/plantBook";
import type { Run } from "@/records/run";
import type { Trial } from "@/records/trial";

/** In what a person's runs of one plant differ, and what may be better. */
const ways = ["state", "preparation", "method", "still", "time"] as const;
export type Way = (typeof ways)[number];

/** One of several ways that were gone, with its runs' mean. */
interface WayGone {
  name: string;
  runs: number;
  /** Geometric mean of oil to the dry matter, mL/kg. */
  mlPerKgDry: number;
}

/** What is best so far of one question, the best against all others. */
export interface BestSoFar {
  way: Way;
  /** The best first. */
  gone: WayGone[];
  /** The best against the rest, as runs apart; undefined where only one way was gone. */
  outcome?: TrialOutcome;
}

/** Oil in the plant as a book of figures has it, and as own runs narrow it for the next plan, mL/kg. */
export interface OwnFit {
  state: PlantState;
  before: Range;
  own: Narrowed;
}

/** What a person's own runs say of one plant. */
export interface KnownOfPlant {
  /** Measured runs that count, the earliest first. */
  measured: RunSummary[];
  /** Oil to the dry matter, mL/kg, year by year. */
  years: { year: number; runs: number; low: number; middle: number; high: number }[];
  best: BestSoFar[];
  /** What own runs make of its oil content, state by state. */
  fits: OwnFit[];
  /** Trials of this plant, with where they stand. */
  trials: { trial: Trial; outcome?: TrialOutcome }[];
  /** What the next runs could settle, the cheapest first. */
  next: NextStep[];
}

/** A question that is open, and how many runs likely settle it. */
export type NextStep = { runs: number } & ({ trial: Trial } | { way: Way; a: string; b: string });

/* A difference that is worth knowing. */
const worthKnowing = 1.15;

/** What is known of a plant from own runs: yields over the years, the best of each way, what is open. */
export function knownOfPlant(
  plantId: string,
  summaries: readonly RunSummary[],
  allTrials: readonly Trial[],
  book: PlantBook,
): KnownOfPlant {
  const measured = summaries
    .filter(
      ({ run, result }) =>
        run.plantId === plantId && !run.notToLearn && result && result.mlPerKgDry > 0,
    )
    .sort((a, b) => a.at - b.at || a.run.number - b.run.number);
  const runs = summaries.map(({ run }) => run);
  const trials = trialsOf(plantId, allTrials, runs).map((trial) => ({
    trial,
    outcome: trialSoFar(trial, runs, book).outcome,
  }));
  const best = ways.flatMap((way) => bestOf(way, measured) ?? []);
  return {
    measured,
    years: yearsOf(measured),
    best,
    fits: fitsOf(plantId, summaries, book),
    trials,
    next: nextSteps(trials, best),
  };
}

function fitsOf(plantId: string, summaries: readonly RunSummary[], book: PlantBook): OwnFit[] {
  const plant = book.byId(plantId);
  return plantStates.flatMap((state) => {
    const before = plant?.states[state]?.oilMlPerKg;
    if (!before) return [];
    const own = narrowedBy(before, ownContents(summaries, plantId, state, book));
    return own.runs > 0 ? [{ state, before, own }] : [];
  });
}

/** The trials that are about a plant: they say so, or their runs are of it. */
function trialsOf(plantId: string, trials: readonly Trial[], runs: readonly Run[]): Trial[] {
  const ofPlant = new Set(runs.filter((run) => run.plantId === plantId).map(({ id }) => id));
  return trials.filter(
    (trial) => trial.plantId === plantId || trial.runs.some(({ runId }) => ofPlant.has(runId)),
  );
}

function yieldOf({ result }: RunSummary): number {
  return result?.mlPerKgDry ?? 0;
}

function yearsOf(measured: readonly RunSummary[]): KnownOfPlant["years"] {
  const years = groupBy(measured, ({ at }) => String(new Date(at).getFullYear()));
  return [...years].map(([year, runs]) => {
    const values = runs.map(yieldOf).sort((a, b) => a - b);
    const half = values.length / 2;
    const middle = (values[Math.ceil(half) - 1]! + values[Math.floor(half)]!) / 2;
    return {
      year: Number(year),
      runs: values.length,
      low: values[0]!,
      middle,
      high: values.at(-1)!,
    };
  });
}

/** Upper ends of the stretches of time that runs are told apart by, minutes on the drip. */
export const stretches = [30, 60, 90, 150, Infinity];

function nameIn(way: Way, { run, minutesFromFirstDrop }: RunSummary): string | undefined {
  if (way === "state") return run.state;
  if (way === "preparation") return run.plan.preparation ?? "";
  if (way === "method") return run.plan.method;
  if (way === "still") return run.stillName;
  if (minutesFromFirstDrop === undefined) return undefined;
  return String(stretches.findIndex((end) => minutesFromFirstDrop <= end));
}

function bestOf(way: Way, measured: readonly RunSummary[]): BestSoFar | undefined {
  const named = measured.flatMap((summary) => {
    const name = nameIn(way, summary);
    return name === undefined ? [] : [{ name, value: yieldOf(summary) }];
  });
  const groups = [...groupBy(named, ({ name }) => name)].map(([name, runs]) => ({
    name,
    values: runs.map(({ value }) => value),
  }));
  const gone = groups
    .map(({ name, values }) => ({ name, runs: values.length, mlPerKgDry: geometricMean(values) }))
    .sort((a, b) => b.mlPerKgDry - a.mlPerKgDry);
  const [first] = gone;
  if (!first) return undefined;
  const values = (best: boolean) =>
    named.filter(({ name }) => (name === first.name) === best).map(({ value }) => value);
  const rest = values(false);
  return {
    way,
    gone,
    ...(rest.length > 0 ? { outcome: judgeTrial({ a: rest, b: values(true) }) } : {}),
  };
}

function geometricMean(values: readonly number[]): number {
  return Math.exp(values.reduce((sum, value) => sum + Math.log(value), 0) / values.length);
}

/** Open questions, by how many runs likely settle each; what hardly any number would settle is left out. */
function nextSteps(trials: KnownOfPlant["trials"], best: readonly BestSoFar[]): NextStep[] {
  const open = trials
    .filter(({ trial, outcome }) => !trial.closedAt && outcome?.verdict !== "same")
    .filter(({ outcome }) => !outcome || outcome.verdict === "undecided")
    .flatMap(({ trial, outcome }): NextStep[] => {
      const more = outcome
        ? outcome.morePairs
        : pairsFor({ design: trial.design, ratio: worthKnowing, seen: [] });
      return more === null ? [] : [{ trial, runs: 2 * more }];
    });
  /* What looks better and is not sure: halves of one harvest would tell it soonest. */
  const looks = best
    .filter(({ outcome }) => outcome?.verdict === "undecided")
    .flatMap(({ way, gone: [first, second], outcome }): NextStep[] => {
      const ratio = outcome!.ratio.p50;
      const pairs = ratio > 1 ? pairsFor({ design: "pairs", ratio, seen: [] }) : null;
      return pairs === null || !second
        ? []
        : [{ way, a: second.name, b: first!.name, runs: 2 * pairs }];
    });
  return [...open, ...looks].sort((a, b) => a.runs - b.runs);
}
