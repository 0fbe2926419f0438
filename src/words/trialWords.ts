import { showOil, showYield, significant, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import type { TrialOutcome } from "@/core/learn/trial";
import { keptEqual, type Difference } from "@/logbook/trial/keptEqual";
import type { NotCounted } from "@/logbook/trial/trialSoFar";
import type { SidesBeside } from "@/logbook/trial/sidesBeside";
import type { TrialPlace } from "@/logbook/trial/trialPlace";
import type { Trial, TrialChange } from "@/records/trial";

export const measureWords: Record<Trial["measure"], string> = {
  mlPerKgDry: "Oil for its dry matter",
  oilMl: "Visible oil, mL",
  hydrosolPh: "pH of the hydrosol",
};

/** What a run of a trial came to, by what the trial measures. */
export function valueWords(value: number, measure: Trial["measure"], units: UnitSystem): string {
  if (measure === "mlPerKgDry") return `${words(showYield(value, units))} dry`;
  return measure === "oilMl" ? words(showOil(value)) : significant(value, 3);
}

const notCountedWords: Record<Exclude<NotCounted["why"], "told">, string> = {
  gone: "not in this logbook any more",
  notMeasured: "not measured yet",
  stoppedEarly: "stopped early: left out",
  nothing: "nothing came: no share of nothing",
  noPartner: "its other half is not counted",
};

/** Why a run of a trial is not counted. */
export function notCountedIn(notCounted: NotCounted): string {
  return notCounted.why === "told"
    ? `left out: ${notCounted.words}`
    : notCountedWords[notCounted.why];
}

const differenceWords: Record<Difference, string> = {
  plant: "the plant",
  state: "its state",
  preparation: "how it is prepared",
  still: "the still",
  method: "the method",
  charge: "the dry matter in the charge",
  water: "the water in the pot",
  heat: "the heat",
  minutes: "the time from the first drop",
};

export const changeWords: Record<TrialChange, string> = {
  state: "Fresh, wilted or dried",
  preparation: "How it is prepared",
  method: "The method",
  still: "The still",
  water: "The water",
  heat: "The heat",
  stop: "When it is stopped",
  loading: "How it is loaded",
  waterKind: "Which water",
  soaking: "Soaked or not",
  copper: "Copper",
  other: "Something else",
};

/** What must not differ between the sides of a trial. */
export function keepEqualIn(trial: Trial): string {
  return `Keep equal: ${differencesIn(keptEqual(trial))}.`;
}

/** What a charge of a trial is, and what it must have in common with the other side. */
export function placeWords({ trial, side, pair }: TrialPlace): { message: string; remedy: string } {
  const which = side === "a" ? trial.a : trial.b;
  const half = pair === undefined ? "" : `, half of pair ${pair}`;
  return {
    message: `For the trial “${trial.question}”: this is “${which}”${half}.`,
    remedy: keepEqualIn(trial),
  };
}

/** What a charge has to be mended in before its heat, to be compared with the other side at all. */
export function besideWords({
  beside: { alsoDiffers, unchanged },
  others,
}: TrialPlace): { message: string; remedy: string } | undefined {
  const [other] = others;
  const like = others.length === 1 && other ? `run ${other.number}` : "the runs on the other side";
  if (alsoDiffers.length > 0)
    return {
      message: `Planned unlike ${like} also in ${differencesIn(alsoDiffers)}.`,
      remedy: "Plan it the same in these. Otherwise you cannot tell which one made the difference.",
    };
  if (unchanged === undefined) return undefined;
  return {
    message: `Planned like ${like} in what is tried, too: ${differenceWords[unchanged]}.`,
    remedy: "Change that in the plan: else both halves are one and the same.",
  };
}

/** What speaks against a trial's runs, taken together. */
export function besidesOfAll({
  alsoDiffers,
  unchanged,
}: SidesBeside): { message: string; remedy: string } | undefined {
  if (alsoDiffers.length > 0)
    return {
      message: `Its sides differ in more than one thing: also in ${differencesIn(alsoDiffers)}.`,
      remedy: "What came of which cannot be told apart. Keep these equal in what is still to come.",
    };
  if (unchanged === undefined) return undefined;
  return {
    message: `Its sides are alike in what is tried: ${differenceWords[unchanged]}.`,
    remedy: "Check whether a pair is the wrong way round. Swap sides corrects it.",
  };
}

function differencesIn(those: readonly Difference[]): string {
  return those.map((each) => differenceWords[each]).join(", ");
}

/** The verdict in a sentence: a word, the middle and the range, and what would decide it. */
export function verdictSentence(outcome: TrialOutcome, { a, b, design }: Trial): string {
  const { ratio, verdict, morePairs } = outcome;
  const range = `${percent(ratio.p50)}; likely ${percent(ratio.p10)} to ${percent(ratio.p90)}`;
  const unit = design === "pairs" ? "pair" : "run on each side";
  const more =
    morePairs === null
      ? "Hardly any number of them would decide it: if there is a difference it is small."
      : morePairs === 1
        ? `One ${unit} more likely would.`
        : `${morePairs} more ${design === "pairs" ? "pairs" : "runs on each side"} likely would.`;
  const words = {
    more: `“${b}” gives more than “${a}”: ${range}.`,
    less: `“${b}” gives less than “${a}”: ${range}.`,
    same: `“${b}” gives the same as “${a}”, within a tenth: ${range}.`,
    undecided: `Not decided: “${b}” against “${a}” ${range}. ${more}`,
  };
  return words[verdict];
}

/** How much more or less a ratio is: "28 % less". */
export function percent(ratio: number): string {
  const change = (ratio - 1) * 100;
  if (Math.abs(change) < 1) return "no difference";
  return `${significant(Math.abs(change), 2)} % ${change > 0 ? "more" : "less"}`;
}
