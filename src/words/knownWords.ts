import { counted, showDuration, showRange, significant } from "@/core/units/format";
import type { Plant } from "@/core/plant/plant";
import { preparationsOf } from "@/core/plant/preparation";
import type { Method } from "@/core/still/methods";
import { stretches, type BestSoFar, type OwnFit, type Way } from "@/logbook/learn/knownOfPlant";
import { ratioWords } from "./compareWords";
import { methodWords } from "./methodWords";

export const wayWords: Record<Way, string> = {
  state: "State",
  preparation: "Preparation",
  method: "Method",
  still: "Still",
  time: "Time on the drip",
};

/** One of the ways that were gone, as a person says it. */
export function wayNamed(way: Way, name: string, plant: Pick<Plant, "tissue"> | undefined): string {
  if (way === "method") return methodWords[name as Method];
  if (way === "preparation" && plant) {
    const all = preparationsOf(plant);
    return (all.find(({ id }) => id === name) ?? all[0]!).label;
  }
  if (way === "time") {
    const at = Number(name);
    const [from, to] = [stretches[at - 1] ?? 0, stretches[at] ?? Infinity];
    if (to === Infinity) return `over ${showDuration(from)}`;
    return from === 0
      ? `up to ${showDuration(to)}`
      : `${showDuration(from)} to ${showDuration(to)}`;
  }
  return name;
}

/** What is best so far of one way, and how sure that is. */
export function bestSentence(
  { way, gone, outcome }: BestSoFar,
  plant: Pick<Plant, "tissue"> | undefined,
): string {
  const [first] = gone;
  const named = wayNamed(way, first!.name, plant);
  const runs = `${significant(first!.mlPerKgDry, 3)} mL/kg dry in ${counted(first!.runs, "run")}`;
  if (!outcome) return `${named}: ${runs}.`;
  const range = `against the rest ${ratioWords(outcome.ratio.p10)} to ${ratioWords(outcome.ratio.p90)}`;
  const sure = {
    more: "Sure enough",
    less: "Not better after all",
    same: "The same as the rest, within a tenth",
    undecided: "Not sure",
  }[outcome.verdict];
  return `${named}: ${runs}, ${range}. ${sure}: ${Math.round(outcome.probabilityBetter * 100)} in 100 that it is better.`;
}

/** What own runs make of a plant's oil in one state, and how much surer the next plan is for it. */
export function fitSentence({ state, before, own }: OwnFit): string {
  const surer =
    own.width < 0.995
      ? `, a range ${Math.round(100 * (1 - own.width))} % narrower than before`
      : "";
  return `${counted(own.runs, "run")} ${own.runs === 1 ? "points" : "point"} to ${showRange(own.low, own.high)} mL in a kilogram ${state}${surer}: ${showRange(before.low, before.high)}.`;
}

/** A year's yields in a line. */
export function yearWords({
  runs,
  low,
  middle,
  high,
}: {
  runs: number;
  low: number;
  middle: number;
  high: number;
}): string {
  if (runs === 1) return `${significant(middle, 3)} mL/kg dry, one run`;
  return `${significant(middle, 3)} mL/kg dry, ${showRange(low, high)}, ${counted(runs, "run")}`;
}
