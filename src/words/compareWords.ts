import { inState } from "./stateWords";
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
import { t } from "@/language/t";
import type { RunSummary } from "@/logbook/run/runSummary";
import type { Harvest } from "@/records/harvest";
import { growthWords, skyWords } from "./harvestWords";
import { methodWords } from "./methodWords";
import { preparationText } from "./preparationWords";

/** What a difference is laid to. */
export const aspectWords: Record<Aspect, string> = {
  material: t`Plant, state and water`,
  age: t`Time it had lain`,
  preparation: t`Preparation`,
  method: t`Method`,
  still: t`Still and place`,
  charge: t`Size of the charge`,
  water: t`Water in the pot`,
  steam: t`Flow`,
  time: t`Time from the first drop`,
  outlet: t`Warmth at the outlet`,
  settling: t`Time to settle`,
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
    [t`Plant`, plantName],
    [t`State`, inState[run.state]],
    [t`Water in it`, `${fixed(plan.moisture * 100, 0)} %`],
    [t`Cut`, harvest && showDay(noonOf(harvest.cutOn))],
    [t`Lay before the heat`, lain === undefined ? undefined : lain > 0 ? days(lain) : t`not a day`],
    [t`Place`, harvest?.place],
    [t`Growth`, harvest?.growth && growthWords[harvest.growth]],
    [t`Weather`, harvest?.sky && skyWords[harvest.sky]],
    [t`Dry days before`, harvest?.dryDays === undefined ? undefined : String(harvest.dryDays)],
    [
      t`Months it had lain`,
      plan.agedMonths === undefined ? undefined : significant(plan.agedMonths, 2),
    ],
    [
      t`Preparation`,
      compared && preparationText(preparationOf(compared.plant, plan.preparation)).label,
    ],
    [t`Method`, methodWords[plan.method]],
    [t`Still`, run.stillName],
    [t`Charge`, words(showMass(plan.chargeG, units))],
    [t`Dry matter`, words(showMass(plan.chargeG * (1 - plan.moisture), units))],
    [t`Water in the pot`, volume(plan.waterMl)],
    [
      t`Flow`,
      compared ? words(showFlow(compared.distillateMl / compared.minutes, units)) : undefined,
    ],
    [
      t`From first drop to heat off`,
      minutesFromFirstDrop === undefined ? undefined : showDuration(minutesFromFirstDrop),
    ],
    [
      t`Warmest at the outlet`,
      Number.isFinite(warmest) ? words(showTemperature(warmest, units)) : undefined,
    ],
    [
      t`Parted when drawn off`,
      compared?.settledShare === undefined
        ? undefined
        : `${fixed(compared.settledShare * 100, 0)} %`,
    ],
    [t`Hydrosol`, volume(state.result?.hydrosolMl)],
    ["pH", state.result?.ph === undefined ? undefined : String(state.result.ph)],
    [t`Oil’s look`, state.result?.look],
    [t`Oil’s smell`, state.result?.smell],
    [t`Hydrosol’s look`, state.result?.hydrosolLook],
    [t`Hydrosol’s smell`, state.result?.hydrosolSmell],
  ];
  return facts.flatMap(([name, value]) => (value ? [[name, value]] : []));
}

function days(count: number): string {
  return count === 1 ? t`a day` : t`${count} days`;
}

/** b against a in a few words: "18 % more". */
export function ratioWords(ratio: number): string {
  const change = (ratio - 1) * 100;
  if (Math.abs(change) < 1) return t`no difference`;
  if (ratio >= 2) return t`${significant(ratio, 2)} times as much`;
  const percent = significant(Math.abs(change), 2);
  return change > 0 ? t`${percent} % more` : t`${percent} % less`;
}

/** What the rest of a difference means: whether two harvests differ so, or something else was. */
export function remainderSentence({ unexplained, usualRemainder }: Compared): string {
  if (unexplained === undefined)
    return t`One of the two gave no visible oil, so they cannot be compared.`;
  const size = Math.max(unexplained, 1 / unexplained);
  const usual = t`${ratioWords(1 / usualRemainder)} to ${ratioWords(usualRemainder)}`;
  return size <= usualRemainder
    ? t`So much may differ by chance: likely ${usual}.`
    : t`More than chance usually makes of such a pair (${usual}). Look for what was not noted.`;
}
