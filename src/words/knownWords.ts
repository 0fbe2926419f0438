import { inState } from "./stateWords";
import { showDuration, showYield, words, yieldRange, yieldUnit } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import type { Plant, PlantState } from "@/core/plant/plant";
import { preparationsOf } from "@/core/plant/preparation";
import type { Method } from "@/core/still/methods";
import { plural, t } from "@/language/t";
import { stretches, type BestSoFar, type OwnFit, type Way } from "@/logbook/learn/knownOfPlant";
import { ratioWords } from "./compareWords";
import { methodWords } from "./methodWords";
import { preparationText } from "./preparationWords";

export const wayWords: Record<Way, string> = {
  state: t`State`,
  preparation: t`Preparation`,
  method: t`Method`,
  still: t`Still`,
  time: t`Time from the first drop`,
};

/** One of the ways that were gone, as a person says it. */
export function wayNamed(way: Way, name: string, plant: Pick<Plant, "tissue"> | undefined): string {
  if (way === "method") return methodWords[name as Method];
  if (way === "preparation" && plant) {
    const all = preparationsOf(plant);
    return preparationText(all.find(({ id }) => id === name) ?? all[0]!).label;
  }
  if (way === "time") {
    const at = Number(name);
    const [from, to] = [stretches[at - 1] ?? 0, stretches[at] ?? Infinity];
    if (to === Infinity) return t`over ${showDuration(from)}`;
    return from === 0
      ? t`up to ${showDuration(to)}`
      : t`${showDuration(from)} to ${showDuration(to)}`;
  }
  return way === "state" ? inState[name as PlantState] : name;
}

/** What is best so far of one way, and how sure that is. */
export function bestSentence(
  { way, gone, outcome }: BestSoFar,
  plant: Pick<Plant, "tissue"> | undefined,
  units: UnitSystem,
): string {
  const [first] = gone;
  const named = wayNamed(way, first!.name, plant);
  const runs = t`${words(showYield(first!.mlPerKgDry, units))} dry in ${plural(first!.runs, { one: "# run", other: "# runs" })}`;
  if (!outcome) return `${named}: ${runs}.`;
  const range = t`against the rest ${ratioWords(outcome.ratio.p10)} to ${ratioWords(outcome.ratio.p90)}`;
  const sure = {
    more: t`Sure enough`,
    less: t`Not better after all`,
    same: t`The same as the rest, within a tenth`,
    undecided: t`Not sure`,
  }[outcome.verdict];
  return t`${named}: ${runs}, ${range}. ${sure}: ${Math.round(outcome.probabilityBetter * 100)} in 100 that it is better.`;
}

/** What own runs make of a plant's oil in one state, and how much surer the next plan is for it. */
export function fitSentence({ state, before, own }: OwnFit, units: UnitSystem): string {
  const unit = yieldUnit(units);
  const now = t`${yieldRange(own.low, own.high, units)} ${unit} ${inState[state]}`;
  const was = yieldRange(before.low, before.high, units);
  const points = plural(own.runs, { one: "# run points", other: "# runs point" });
  return own.width < 0.995
    ? t`${points} to ${now}, a range ${Math.round(100 * (1 - own.width))} % narrower than before: ${was}.`
    : t`${points} to ${now}: ${was}.`;
}

/** A year's yields in a line. */
export function yearWords(
  { runs, low, middle, high }: { runs: number; low: number; middle: number; high: number },
  units: UnitSystem,
): string {
  const typical = t`${words(showYield(middle, units))} dry`;
  if (runs === 1) return t`${typical}, one run`;
  return `${typical}, ${yieldRange(low, high, units)}, ${plural(runs, { one: "# run", other: "# runs" })}`;
}
