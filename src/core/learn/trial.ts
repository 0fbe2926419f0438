import jstat from "jstat";
import { halvesDiffer } from "../statistics/ownRuns";

const { studentt } = jstat.jStat;

/** What a trial measured: pairs of one halved harvest, or two groups apart. Above 0; a zero is left out. */
export type TrialData =
  | { pairs: readonly (readonly [a: number, b: number])[] }
  | { a: readonly number[]; b: readonly number[] };

export type Verdict = "more" | "less" | "same" | "undecided";

/** What a trial says of b against a. */
export interface TrialOutcome {
  /** b : a, with the shares of the belief below. */
  ratio: { p2_5: number; p10: number; p50: number; p90: number; p97_5: number };
  probabilityBetter: number;
  verdict: Verdict;
  /** How many more pairs, or more of each, would likely decide it; 0 when it is decided, null when hardly ever. */
  morePairs: number | null;
  /** Pairs or values that could not be counted: nothing has no logarithm. */
  leftOut: number;
}

/*
 * What is believed before: no effect is expected, effects of 40 % either way are usual (τ); halves of one
 * harvest differ by 25 % (σ0, weight ν0), and so do single runs.
 */
const usualEffect = 0.4;
const within = { pairs: halvesDiffer, apart: 0.25 };
const weight = 4;
/* People look after each pair: with this, ten looks at nothing call it in one trial of twenty. */
const sure = 0.99;
/* Before so many pairs, or runs on each side, more or less is not called. */
const leastCounted = 3;
const noticeable = 1.05;
const alike = { from: 0.9, to: 1.1, probability: 0.8 };
/* Nobody distils more pairs than this for one question. */
const mostMore = 100;

/** A belief of the effect on the logarithm: Student's t. */
interface Belief {
  /** Pairs, or runs on the side with fewer. */
  count: number;
  degrees: number;
  centre: number;
  scale: number;
}

/**
 * Judges a trial by the logarithm of b : a, with a prior (conjugate for pairs, shrunk for groups).
 * @throws RangeError when neither side has a value above 0
 */
export function judgeTrial(data: TrialData): TrialOutcome {
  const { belief, leftOut, projected } = believed(data);
  const at = (share: number) =>
    Math.exp(belief.centre + belief.scale * studentt.inv(share, belief.degrees));
  const verdict = verdictOf(belief);
  return {
    ratio: {
      p2_5: at(0.025),
      p10: at(0.1),
      p50: Math.exp(belief.centre),
      p90: at(0.9),
      p97_5: at(0.975),
    },
    probabilityBetter: above(belief, 0),
    verdict,
    morePairs: verdict === "undecided" ? untilDecided(projected) : 0,
    leftOut,
  };
}

function believed(data: TrialData): {
  belief: Belief;
  leftOut: number;
  /** The belief with so many more like those that there are. */
  projected: (more: number) => Belief;
} {
  if ("pairs" in data) {
    const counted = data.pairs.filter(([a, b]) => a > 0 && b > 0);
    if (counted.length === 0) throw new RangeError("pairs: none has a value above 0 on both sides");
    const logs = counted.map(([a, b]) => Math.log(b / a));
    const { mean, squares, count } = momentsOf(logs);
    const projected = (more: number) =>
      ofPairs(count + more, mean, (squares * (count + more)) / count);
    return { belief: projected(0), leftOut: data.pairs.length - counted.length, projected };
  }
  const [a, b] = [data.a, data.b].map((side) => side.filter((value) => value > 0)) as [
    number[],
    number[],
  ];
  if (a.length === 0 || b.length === 0)
    throw new RangeError("a and b: each needs one value above 0 at least");
  const [ofA, ofB] = [momentsOf(a.map(Math.log)), momentsOf(b.map(Math.log))];
  const projected = (more: number) =>
    ofGroups(
      { ...ofA, count: ofA.count + more, squares: (ofA.squares * (ofA.count + more)) / ofA.count },
      { ...ofB, count: ofB.count + more, squares: (ofB.squares * (ofB.count + more)) / ofB.count },
    );
  return {
    belief: projected(0),
    leftOut: data.a.length + data.b.length - a.length - b.length,
    projected,
  };
}

function ofPairs(count: number, mean: number, squares: number): Belief {
  const kappa0 = (within.pairs / usualEffect) ** 2;
  const kappa = kappa0 + count;
  const degrees = weight + count;
  const sum = weight * within.pairs ** 2 + squares + (kappa0 * count * mean ** 2) / kappa;
  return {
    count,
    degrees,
    centre: (count * mean) / kappa,
    scale: Math.sqrt(sum / (degrees * kappa)),
  };
}

interface Moments {
  count: number;
  mean: number;
  /** Sum of the squared distances from the mean. */
  squares: number;
}

function ofGroups(a: Moments, b: Moments): Belief {
  const degrees = weight + a.count + b.count - 2;
  const variance = (weight * within.apart ** 2 + a.squares + b.squares) / degrees;
  const ofMeans = variance * (1 / a.count + 1 / b.count);
  const trusted = usualEffect ** 2 / (usualEffect ** 2 + ofMeans);
  return {
    count: Math.min(a.count, b.count),
    degrees,
    centre: trusted * (b.mean - a.mean),
    scale: Math.sqrt(trusted * ofMeans),
  };
}

function verdictOf(belief: Belief): Verdict {
  const middle = Math.exp(belief.centre);
  const better = above(belief, 0);
  const enough = belief.count >= leastCounted;
  if (enough && better >= sure && middle >= noticeable) return "more";
  if (enough && 1 - better >= sure && middle <= 1 / noticeable) return "less";
  const between = above(belief, Math.log(alike.from)) - above(belief, Math.log(alike.to));
  return between >= alike.probability ? "same" : "undecided";
}

/** How likely the effect is above such a logarithm, 0 to 1. */
function above({ degrees, centre, scale }: Belief, log: number): number {
  return 1 - studentt.cdf((log - centre) / scale, degrees);
}

function untilDecided(projected: (more: number) => Belief): number | null {
  for (let more = 1; more <= mostMore; more += 1)
    if (verdictOf(projected(more)) !== "undecided") return more;
  return null;
}

/** What a trial is asked to tell before its first charge. */
export interface TrialSize {
  design: "pairs" | "apart";
  /** The difference it should tell, b : a; above 1. */
  ratio: number;
  /** How far pairs, or single runs, differed so far: logarithms of b : a, or of each run against its side's mean. */
  seen: readonly number[];
}

/* A trial is large enough when it tells the difference eight times in ten. */
const eightInTen = 0.8416;

/**
 * How many pairs, or runs of each side, would likely tell such a difference: the mean may fall short by as
 * much as it does twice in ten. The spread is the usual one, moved by what the person's own showed.
 * @returns from 1; null where more than a hundred would not do
 */
export function pairsFor({ design, ratio, seen }: TrialSize): number | null {
  const { squares, count } = seen.length > 0 ? momentsOf(seen) : { squares: 0, count: 1 };
  const variance = (weight * within[design] ** 2 + squares) / (weight + count - 1);
  for (let pairs = 1; pairs <= mostMore; pairs += 1) {
    const error = Math.sqrt((design === "pairs" ? variance : 2 * variance) / pairs);
    const mean = Math.log(ratio) - eightInTen * error;
    const squaresThen = variance * (pairs - 1);
    const belief =
      design === "pairs"
        ? ofPairs(pairs, mean, squaresThen)
        : ofGroups(
            { count: pairs, mean: 0, squares: squaresThen },
            { count: pairs, mean, squares: squaresThen },
          );
    if (verdictOf(belief) === "more") return pairs;
  }
  return null;
}

function momentsOf(values: readonly number[]): Moments {
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  return {
    count: values.length,
    mean,
    squares: values.reduce((sum, value) => sum + (value - mean) ** 2, 0),
  };
}
