import {
  fixed,
  showDuration,
  showFlow,
  showMass,
  showTemperature,
  showVolume,
  significant,
  words,
} from "@/core/units/format";
import { noonOf, showDay } from "@/core/units/dates";
import { preparationOf } from "@/core/plant/preparation";
import type { UnitSystem } from "@/core/units/units";
import type { Aspect, Compared, RunToCompare } from "@/core/learn/compareRuns";
import type { RunSummary } from "@/logbook/run/runSummary";
import type { Harvest } from "@/records/harvest";
import { growthWords, skyWords } from "./harvestWords";
import { methodWords } from "./methodWords";

/** What a difference is laid to. */
export const aspectWords: Record<Aspect, string> = {
  material: "Plant, state and water",
  age: "Time it had lain",
  preparation: "Preparation",
  method: "Method",
  still: "Still and place",
  charge: "Size of the charge",
  water: "Water in the pot",
  steam: "Flow",
  time: "Time from the first drop",
  outlet: "Warmth at the outlet",
  settling: "Time to settle",
};

/** What is known of a run where it is set beside others, by name; what is not known is left out. */
export function factsOf(
  summary: RunSummary,
  compared: RunToCompare | undefined,
  harvest: Harvest | undefined,
  units: UnitSystem,
): [string, string][] {
  const { run, state, plantName, minutesFromFirstDrop } = summary;
  const { plan } = run;
  const lain = harvest && Math.round((summary.at - noonOf(harvest.cutOn).getTime()) / 86400000);
  const warmest = Math.max(...state.readings.flatMap(({ outletC }) => outletC ?? []));
  const volume = (ml: number | undefined) =>
    ml === undefined ? undefined : words(showVolume(ml, units));
  const facts: [string, string | undefined][] = [
    ["Plant", plantName],
    ["State", run.state],
    ["Water in it", `${fixed(plan.moisture * 100, 0)} %`],
    ["Cut", harvest && showDay(noonOf(harvest.cutOn))],
    ["Lay before the heat", lain === undefined ? undefined : lain > 0 ? days(lain) : "not a day"],
    ["Place", harvest?.place],
    ["Growth", harvest?.growth && growthWords[harvest.growth]],
    ["Weather", harvest?.sky && skyWords[harvest.sky]],
    ["Dry days before", harvest?.dryDays === undefined ? undefined : String(harvest.dryDays)],
    [
      "Months it had lain",
      plan.agedMonths === undefined ? undefined : significant(plan.agedMonths, 2),
    ],
    ["Preparation", compared && preparationOf(compared.plant, plan.preparation).label],
    ["Method", methodWords[plan.method]],
    ["Still", run.stillName],
    ["Charge", words(showMass(plan.chargeG, units))],
    ["Dry matter", words(showMass(plan.chargeG * (1 - plan.moisture), units))],
    ["Water in the pot", volume(plan.waterMl)],
    [
      "Flow",
      compared ? words(showFlow(compared.distillateMl / compared.minutes, units)) : undefined,
    ],
    [
      "From first drop to heat off",
      minutesFromFirstDrop === undefined ? undefined : showDuration(minutesFromFirstDrop),
    ],
    [
      "Warmest at the outlet",
      Number.isFinite(warmest) ? words(showTemperature(warmest, units)) : undefined,
    ],
    [
      "Parted when drawn off",
      compared?.settledShare === undefined
        ? undefined
        : `${fixed(compared.settledShare * 100, 0)} %`,
    ],
    ["Hydrosol", volume(state.result?.hydrosolMl)],
    ["pH", state.result?.ph === undefined ? undefined : String(state.result.ph)],
    ["Oil’s look", state.result?.look],
    ["Oil’s smell", state.result?.smell],
    ["Hydrosol’s look", state.result?.hydrosolLook],
    ["Hydrosol’s smell", state.result?.hydrosolSmell],
  ];
  return facts.flatMap(([name, value]) => (value ? [[name, value]] : []));
}

function days(count: number): string {
  return count === 1 ? "a day" : `${count} days`;
}

/** b against a in a few words: "18 % more". */
export function ratioWords(ratio: number): string {
  const change = (ratio - 1) * 100;
  if (Math.abs(change) < 1) return "no difference";
  if (ratio >= 2) return `${significant(ratio, 2)} times as much`;
  return `${significant(Math.abs(change), 2)} % ${change > 0 ? "more" : "less"}`;
}

/** What the rest of a difference means: whether two harvests differ so, or something else was. */
export function remainderSentence({ unexplained, usualRemainder }: Compared): string {
  if (unexplained === undefined)
    return "One of the two gave no visible oil, so they cannot be compared.";
  const size = Math.max(unexplained, 1 / unexplained);
  const usual = `${ratioWords(1 / usualRemainder)} to ${ratioWords(usualRemainder)}`;
  return size <= usualRemainder
    ? `So much may differ by chance: likely ${usual}.`
    : `More than chance usually makes of such a pair (${usual}). Look for what was not noted.`;
}
