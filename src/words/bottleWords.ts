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

/** What became of an amount, where that says more than what it was for. */
export function wayOf({ way, purpose }: { way?: UseWay; purpose?: string }): string | undefined {
  if (way === undefined) return undefined;
  const words = useWayWords[way];
  return words.toLowerCase() === purpose?.toLowerCase() ? undefined : words;
}

/** The board a bottle stands on: the person's own name of it, else how cold it is. */
export function boardOf({ place, storage }: Pick<Bottle, "place" | "storage">): string {
  return place?.trim() || storageWords[storage];
}
