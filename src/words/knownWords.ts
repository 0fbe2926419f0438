import {
  counted,
  showDuration,
  showYield,
  words,
  yieldRange,
  yieldUnit,
} from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
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
  time: "Time from the first drop",
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
  units: UnitSystem,
): string {
  const [first] = gone;
  const named = wayNamed(way, first!.name, plant);
  const runs = `${words(showYield(first!.mlPerKgDry, units))} dry in ${counted(first!.runs, "run")}`;
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
export function fitSentence({ state, before, own }: OwnFit, units: UnitSystem): string {
  const surer =
    own.width < 0.995
      ? `, a range ${Math.round(100 * (1 - own.width))} % narrower than before`
      : "";
  const unit = yieldUnit(units);
  return `${counted(own.runs, "run")} ${own.runs === 1 ? "points" : "point"} to ${yieldRange(own.low, own.high, units)} ${unit} ${state}${surer}: ${yieldRange(before.low, before.high, units)}.`;
}

/** A year's yields in a line. */
export function yearWords(
  { runs, low, middle, high }: { runs: number; low: number; middle: number; high: number },
  units: UnitSystem,
): string {
  const typical = `${words(showYield(middle, units))} dry`;
  if (runs === 1) return `${typical}, one run`;
  return `${typical}, ${yieldRange(low, high, units)}, ${counted(runs, "run")}`;
}
