import { t } from "@/language/t";
import type { Bottle, UseWay } from "@/records/bottle";

export const glassWords: Record<Bottle["glass"], string> = {
  amber: t`Amber`,
  blue: t`Blue`,
  green: t`Green`,
  clear: t`Clear`,
  metal: t`Metal`,
  plastic: t`Plastic`,
};
/** The same within a sentence. */
export const inGlass: Record<Bottle["glass"], string> = {
  amber: t`amber`,
  blue: t`blue`,
  green: t`green`,
  clear: t`clear`,
  metal: t`metal`,
  plastic: t`plastic`,
};
export const closureWords: Record<NonNullable<Bottle["closure"]>, string> = {
  cap: t`Screw cap`,
  dropper: t`Dropper`,
  spray: t`Spray`,
  pump: t`Pump`,
  cork: t`Cork`,
};
/** The same within a list. */
export const closureInList: Record<NonNullable<Bottle["closure"]>, string> = {
  cap: t`screw cap`,
  dropper: t`dropper`,
  spray: t`spray`,
  pump: t`pump`,
  cork: t`cork`,
};

export const storageWords: Record<Bottle["storage"], string> = {
  fridge: t`Fridge`,
  cellar: t`Cellar`,
  room: t`Cupboard`,
};
export const useWayWords: Record<UseWay, string> = {
  used: t`Used`,
  gift: t`Given away`,
  sold: t`Sold`,
  theirs: t`Handed to its owner`,
  blended: t`Into a blend`,
  lost: t`Lost`,
  thrownAway: t`Thrown away`,
};

/** The same within a sentence, or as what an amount was for. */
export const useWayInSentence: Record<UseWay, string> = {
  used: t`used`,
  gift: t`given away`,
  sold: t`sold`,
  theirs: t`handed to its owner`,
  blended: t`into a blend`,
  lost: t`lost`,
  thrownAway: t`thrown away`,
};

/** What became of an amount, where that says more than what it was for. */
export function wayOf({ way, purpose }: { way?: UseWay; purpose?: string }): string | undefined {
  if (way === undefined) return undefined;
  return useWayInSentence[way].toLowerCase() === purpose?.toLowerCase()
    ? undefined
    : useWayWords[way];
}

/** The board a bottle stands on: the person's own name of it, else how cold it is. */
export function boardOf({ place, storage }: Pick<Bottle, "place" | "storage">): string {
  return place?.trim() || storageWords[storage];
}
