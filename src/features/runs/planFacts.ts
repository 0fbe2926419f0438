import { showDuration, showMass, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import type { PlantBook } from "@/logbook/plant/plantBook";
import type { RunSummary } from "@/logbook/run/runSummary";
import { methodWords } from "@/words/methodWords";

/** What was planned of a run, against how it went. */
export function planFacts(
  { run, state, minutesFromFirstDrop }: RunSummary,
  units: UnitSystem,
  plantBook: PlantBook,
): [string, string | undefined][] {
  const { plan } = run;
  const sinceLit = (to?: number) =>
    state.litAt !== undefined && to !== undefined
      ? `${showDuration((to - state.litAt) / 60000)} after heat on`
      : "not yet";
  return [
    [
      "Charge",
      `${words(showMass(plan.chargeG, units))}, ${run.state} ${plantBook.byId(run.plantId)?.part ?? ""}, ${plan.charge} of ${plan.charges}`,
    ],
    ["Method", `${methodWords[plan.method]}, ${words(showVolume(plan.waterMl, units))} of water`],
    ["Forecast", editionWords(plan)],
    [
      "Boiling",
      `${sinceLit(state.boilingAt)}; planned ${showDuration(plan.forecast.minutesToBoil)}`,
    ],
    [
      "First drop",
      `${sinceLit(state.firstDropAt)}; planned ${showDuration(plan.forecast.minutesToFirstDrop)}`,
    ],
    [
      "On the drip",
      `${minutesFromFirstDrop === undefined ? "not over yet" : showDuration(minutesFromFirstDrop)}; planned ${showDuration(plan.forecast.runMinutes)}`,
    ],
    ["Jars", String(state.jars)],
  ];
}

/* A plan keeps the figures it was made with. */
function editionWords({ edition }: RunSummary["run"]["plan"]): string | undefined {
  if (edition === 3) return undefined;
  return `by the model's ${edition === 2 ? "second" : "first"} edition, as it was then`;
}
