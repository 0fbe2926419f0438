import { showDuration, showMass, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import type { PlantBook } from "@/logbook/plant/plantBook";
import type { RunSummary } from "@/logbook/run/runSummary";
import { methodWords } from "@/words/methodWords";
import { inState } from "@/words/stateWords";

/** What was planned of a run, against how it went. */
export function planFacts(
  { run, state, minutesFromFirstDrop }: RunSummary,
  units: UnitSystem,
  plantBook: PlantBook,
): [string, string | undefined][] {
  const { plan } = run;
  const sinceLit = (to?: number) =>
    state.litAt !== undefined && to !== undefined
      ? t`${showDuration((to - state.litAt) / 60000)} after heat on`
      : t`not yet`;
  return [
    [
      t`Charge`,
      t`${words(showMass(plan.chargeG, units))}, ${inState[run.state]} ${plantBook.byId(run.plantId)?.part ?? ""}, ${plan.charge} of ${plan.charges}`,
    ],
    [t`Method`, t`${methodWords[plan.method]}, ${words(showVolume(plan.waterMl, units))} of water`],
    [t`Forecast`, editionWords(plan)],
    [
      t`Boiling`,
      t`${sinceLit(state.boilingAt)}; planned ${showDuration(plan.forecast.minutesToBoil)}`,
    ],
    [
      t`First drop`,
      t`${sinceLit(state.firstDropAt)}; planned ${showDuration(plan.forecast.minutesToFirstDrop)}`,
    ],
    [
      t`On the drip`,
      minutesFromFirstDrop === undefined
        ? t`not over yet; planned ${showDuration(plan.forecast.runMinutes)}`
        : t`${showDuration(minutesFromFirstDrop)}; planned ${showDuration(plan.forecast.runMinutes)}`,
    ],
    [t`Jars`, String(state.jars)],
  ];
}

/* A plan keeps the figures it was made with. */
function editionWords({ edition }: RunSummary["run"]["plan"]): string | undefined {
  if (edition === 3) return undefined;
  return edition === 2
    ? t`by the model's second edition, as it was then`
    : t`by the model's first edition, as it was then`;
}
