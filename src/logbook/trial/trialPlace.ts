import type { Run } from "@/records/run";
import type { Trial } from "@/records/trial";
import { chargeOf, sidesBeside, type SidesBeside, type TrialCharge } from "./sidesBeside";

/** Where a charge stands in a trial. */
export interface TrialPlace {
  trial: Trial;
  side: "a" | "b";
  /** Undefined where runs stand apart. */
  pair?: number;
  /** The runs that it is to be equal to: the other half of its pair, or all of the trial. */
  others: Run[];
  /** How it is planned, beside what it is to be compared with. */
  beside: SidesBeside;
}

/** The place of a run in the trial that it is for; undefined where it is for none. */
export function trialPlaceOf(
  runId: string,
  trials: readonly Trial[],
  runs: readonly Run[],
): TrialPlace | undefined {
  for (const trial of trials) {
    const own = trial.runs.find((run) => run.runId === runId);
    if (!own) continue;
    const run = runs.find(({ id }) => id === runId);
    return placeIn(trial, own, runs, run && chargeOf(run), runId);
  }
  return undefined;
}

/** The same of a charge that is only planned; `own` is left out while it cannot be planned. */
export function placeIn(
  trial: Trial,
  { side, pair }: { side: "a" | "b"; pair?: number },
  runs: readonly Run[],
  own?: TrialCharge,
  runId = "",
): TrialPlace {
  const known = new Map(runs.map((run) => [run.id, run]));
  const others = trial.runs.flatMap((other) => {
    const run = known.get(other.runId);
    const near = trial.design === "apart" || other.pair === pair;
    return run && near && run.id !== runId ? [{ side: other.side, run }] : [];
  });
  const across = others.flatMap((other) => (other.side === side ? [] : [chargeOf(other.run)]));
  return {
    trial,
    side,
    ...(pair === undefined ? {} : { pair }),
    others: others.map(({ run }) => run),
    beside: sidesBeside(trial, own ? [own] : [], across),
  };
}

/** A trial with a run put on its place; a run that stands in it already keeps one place. */
export function withRun(
  trial: Trial,
  run: { runId: string; side: "a" | "b"; pair?: number },
): Trial {
  return { ...trial, runs: [...withoutRun(trial, run.runId).runs, run] };
}

/** A trial without a run. */
export function withoutRun(trial: Trial, id: string): Trial {
  return { ...trial, runs: trial.runs.filter(({ runId }) => runId !== id) };
}

/** A trial with a run more on one side or on both, as a pair where it is one of pairs. */
export function withRuns(trial: Trial, { a, b }: { a?: string; b?: string }): Trial {
  const at = trial.design === "pairs" ? { pair: nextPair(trial) } : {};
  const runs = [
    ...(a ? [{ runId: a, side: "a" as const, ...at }] : []),
    ...(b ? [{ runId: b, side: "b" as const, ...at }] : []),
  ];
  return { ...trial, runs: [...trial.runs, ...runs] };
}

/** A trial with a run on the other side, and with it the other run of its pair. */
export function withSidesSwapped(
  trial: Trial,
  { runId, pair }: { runId: string; pair?: number },
): Trial {
  const isMeant = (run: Trial["runs"][number]) =>
    pair === undefined ? run.runId === runId : run.pair === pair;
  const runs = trial.runs.map((run) =>
    isMeant(run) ? { ...run, side: run.side === "a" ? ("b" as const) : ("a" as const) } : run,
  );
  return { ...trial, runs };
}

/** Which charge a trial asks for next. */
export interface NextCharge {
  pair?: number;
  /** Undefined until the lot is drawn. */
  side?: "a" | "b";
  /** It is the second of its pair: the first, to be like. */
  like?: Run;
}

/**
 * The next charge of a trial: the other half of a pair that stands alone, or the half that the lot put
 * first; apart, the side that has fewer runs.
 */
export function nextCharge(trial: Trial, runs: readonly Run[]): NextCharge {
  const alive = trial.runs.filter(({ runId }) => runs.some(({ id }) => id === runId));
  if (trial.design === "apart") {
    const count = (side: "a" | "b") => alive.filter((run) => run.side === side).length;
    return { side: count("a") <= count("b") ? "a" : "b" };
  }
  const alone = alive.find(
    (run) => !alive.some((other) => other.pair === run.pair && other.side !== run.side),
  );
  if (alone)
    return {
      ...(alone.pair === undefined ? {} : { pair: alone.pair }),
      side: alone.side === "a" ? "b" : "a",
      like: runs.find(({ id }) => id === alone.runId)!,
    };
  const pair = nextPair(trial);
  const drawn = trial.lots?.find((each) => each.pair === pair);
  return { pair, ...(drawn ? { side: drawn.first } : {}) };
}

/** The number of a trial's next pair. */
function nextPair({ runs }: Pick<Trial, "runs">): number {
  return Math.max(0, ...runs.map(({ pair = 0 }) => pair)) + 1;
}

/** A trial with the lot of its next pair; what was drawn stands, however often one draws. */
export function withLot(trial: Trial, runs: readonly Run[], first: "a" | "b"): Trial {
  const { pair, side } = nextCharge(trial, runs);
  if (pair === undefined || side !== undefined) return trial;
  return { ...trial, lots: [...(trial.lots ?? []), { pair, first }] };
}
