import { ratioWords } from "./compareWords";
import { showOil, showYield, significant, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import type { TrialOutcome } from "@/core/learn/trial";
import { t } from "@/language/t";
import { keptEqual, type Difference } from "@/logbook/trial/keptEqual";
import type { NotCounted } from "@/logbook/trial/trialSoFar";
import type { SidesBeside } from "@/logbook/trial/sidesBeside";
import type { TrialPlace } from "@/logbook/trial/trialPlace";
import type { Trial, TrialChange } from "@/records/trial";

export const measureWords: Record<Trial["measure"], string> = {
  mlPerKgDry: t`Oil for its dry matter`,
  oilMl: t`Visible oil, mL`,
  hydrosolPh: t`pH of the hydrosol`,
};

/** What a run of a trial came to, by what the trial measures. */
export function valueWords(value: number, measure: Trial["measure"], units: UnitSystem): string {
  if (measure === "mlPerKgDry") return t`${words(showYield(value, units))} dry`;
  return measure === "oilMl" ? words(showOil(value)) : significant(value, 3);
}

const notCountedWords: Record<Exclude<NotCounted["why"], "told">, string> = {
  gone: t`not in this logbook any more`,
  notMeasured: t`not measured yet`,
  stoppedEarly: t`stopped early: left out`,
  nothing: t`nothing came: no share of nothing`,
  noPartner: t`its other half is not counted`,
};

/** Why a run of a trial is not counted. */
export function notCountedIn(notCounted: NotCounted): string {
  return notCounted.why === "told"
    ? t`left out: ${notCounted.words}`
    : notCountedWords[notCounted.why];
}

const differenceWords: Record<Difference, string> = {
  plant: t`the plant`,
  state: t`its state`,
  preparation: t`how it is prepared`,
  still: t`the still`,
  method: t`the method`,
  charge: t`the dry matter in the charge`,
  water: t`the water in the pot`,
  heat: t`the heat`,
  minutes: t`the time from the first drop`,
};

export const changeWords: Record<TrialChange, string> = {
  state: t`Fresh, wilted or dried`,
  preparation: t`How it is prepared`,
  method: t`The method`,
  still: t`The still`,
  water: t`The water`,
  heat: t`The heat`,
  stop: t`When it is stopped`,
  loading: t`How it is loaded`,
  waterKind: t`Which water`,
  soaking: t`Soaked or not`,
  copper: t`Copper`,
  other: t`Something else`,
};

/** What must not differ between the sides of a trial. */
export function keepEqualIn(trial: Trial): string {
  return t`Keep equal: ${differencesIn(keptEqual(trial))}.`;
}

/** What a charge of a trial is, and what it must have in common with the other side. */
export function placeWords({ trial, side, pair }: TrialPlace): { message: string; remedy: string } {
  const which = side === "a" ? trial.a : trial.b;
  return {
    message:
      pair === undefined
        ? t`For the trial “${trial.question}”: this is “${which}”.`
        : t`For the trial “${trial.question}”: this is “${which}”, half of pair ${pair}.`,
    remedy: keepEqualIn(trial),
  };
}

/** What a charge has to be mended in before its heat, to be compared with the other side at all. */
export function besideWords({
  beside: { alsoDiffers, unchanged },
  others,
}: TrialPlace): { message: string; remedy: string } | undefined {
  const [other] = others;
  const like =
    others.length === 1 && other ? t`run ${other.number}` : t`the runs on the other side`;
  if (alsoDiffers.length > 0)
    return {
      message: t`Planned unlike ${like} also in ${differencesIn(alsoDiffers)}.`,
      remedy: t`Plan it the same in these. Otherwise you cannot tell which one made the difference.`,
    };
  if (unchanged === undefined) return undefined;
  return {
    message: t`Planned like ${like} in what is tried, too: ${differenceWords[unchanged]}.`,
    remedy: t`Change that in the plan: else both halves are one and the same.`,
  };
}

/** What speaks against a trial's runs, taken together. */
export function besidesOfAll({
  alsoDiffers,
  unchanged,
}: SidesBeside): { message: string; remedy: string } | undefined {
  if (alsoDiffers.length > 0)
    return {
      message: t`Its sides differ in more than one thing: also in ${differencesIn(alsoDiffers)}.`,
      remedy: t`What came of which cannot be told apart. Keep these equal in what is still to come.`,
    };
  if (unchanged === undefined) return undefined;
  return {
    message: t`Its sides are alike in what is tried: ${differenceWords[unchanged]}.`,
    remedy: t`Check whether a pair is the wrong way round. Swap sides corrects it.`,
  };
}

function differencesIn(those: readonly Difference[]): string {
  return those.map((each) => differenceWords[each]).join(", ");
}

/** The verdict in a sentence: a word, the middle and the range, and what would decide it. */
export function verdictSentence(outcome: TrialOutcome, { a, b, design }: Trial): string {
  const { ratio, verdict, morePairs } = outcome;
  const range = t`${ratioWords(ratio.p50)}; likely ${ratioWords(ratio.p10)} to ${ratioWords(ratio.p90)}`;
  const unit = design === "pairs" ? t`pair` : t`run on each side`;
  const more =
    morePairs === null
      ? t`Hardly any number of them would decide it: if there is a difference it is small.`
      : morePairs === 1
        ? t`One ${unit} more likely would.`
        : design === "pairs"
          ? t`${morePairs} more pairs likely would.`
          : t`${morePairs} more runs on each side likely would.`;
  const words = {
    more: t`“${b}” gives more than “${a}”: ${range}.`,
    less: t`“${b}” gives less than “${a}”: ${range}.`,
    same: t`“${b}” gives the same as “${a}”, within a tenth: ${range}.`,
    undecided: t`Not decided: “${b}” against “${a}” ${range}. ${more}`,
  };
  return words[verdict];
}
