import { trapKinds } from "@/core/still/traps";
import { type CondenserKind, condensers } from "@/core/cooling/condenser";
import { keysOf } from "@/core/keysOf";
import { receiverKinds } from "@/core/separation/receivers";
import { type Construction, constructionKinds } from "@/core/still/constructions";
import { heatKinds } from "@/core/still/heatSources";
import { type Metal, metalKinds } from "@/core/still/metal";
import { t } from "@/language/t";
import { headKinds, type Still } from "@/records/still";
import { heatWords } from "./heatWords";
import { receiverWords } from "./receiverWords";

/** The kinds of still as a choice says them. */
export const constructionWords: Record<Construction, string> = {
  basketPot: t`Pot with basket`,
  flask: t`Flask, plant in water`,
  separateVessel: t`Boiler and plant vessel`,
  cohobating: t`Flask with return`,
  bowl: t`Bowl and lid`,
  returningPot: t`Pot with return`,
  pressurePot: t`Pressure pot with basket`,
};

/** The same within a list. */
export const constructionInList: Record<Construction, string> = {
  basketPot: t`pot with basket`,
  flask: t`flask, plant in water`,
  separateVessel: t`boiler and plant vessel`,
  cohobating: t`flask with return`,
  bowl: t`bowl and lid`,
  returningPot: t`pot with return`,
  pressurePot: t`pressure pot with basket`,
};

/** What holds the plant, or catches the drops. */
export const holderWords = {
  basket: t`basket`,
  vessel: t`plant vessel`,
  bowl: t`bowl`,
} as const;

const metalWords: Record<Metal, string> = {
  copper: t`Copper`,
  stainless: t`Steel`,
  glass: t`Glass`,
  aluminium: t`Aluminium`,
};

/** The same within a sentence. */
export const inMetal: Record<Metal, string> = {
  copper: t`copper`,
  stainless: t`steel`,
  glass: t`glass`,
  aluminium: t`aluminium`,
};

const headWords: Record<NonNullable<Still["head"]>, string> = {
  dome: t`Dome and pipe`,
  swanNeck: t`Swan neck`,
  column: t`Column`,
  packedColumn: t`Packed column`,
};

const condenserWords: Record<CondenserKind, string> = {
  tubCoil: t`Coil in a tub`,
  tap: t`Jacket on the tap`,
  recirculated: t`Jacket, tub and pump`,
  iceLid: t`Ice on the lid`,
};

/** A condenser that stands apart from the still, so that it can be chosen. */
type ChosenCondenser = {
  [Kind in CondenserKind]: (typeof condensers)[Kind]["chosen"] extends true ? Kind : never;
}[CondenserKind];

/** Whether a condenser is chosen, and not the still's own. */
export function isChosen(kind: CondenserKind): kind is ChosenCondenser {
  return condensers[kind].chosen;
}
export const chosenCondensers = keysOf(condensers).filter(isChosen);

function options<Value extends string>(values: readonly Value[], words: Record<Value, string>) {
  return values.map((value) => ({ value, label: words[value] }));
}

export const constructionOptions = options(constructionKinds, constructionWords);
export const metalOptions = options(metalKinds, metalWords);
export const heatOptions = options(heatKinds, heatWords);
export const headOptions = options(headKinds, headWords);
export const receiverOptions = options(receiverKinds, receiverWords);
/** How a pot that locks stands while it distils. */
export const closingOptions = [
  { value: "open" as const, label: t`Off, the way out is open` },
  { value: "shut" as const, label: t`On, or the way is closed` },
];
/** Which oils the trap of a still keeps whose water runs back. */
export const trapOptions = options(trapKinds, {
  floats: t`For oils that float`,
  sinks: t`For oils that sink`,
});
export const condenserOptions = [
  { value: "notSaid" as const, label: t`Not said` },
  ...options(chosenCondensers, condenserWords),
];
