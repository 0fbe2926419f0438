import type { Bottle, UseWay } from "@/records/bottle";

export const glassWords: Record<Bottle["glass"], string> = {
  amber: "Amber",
  blue: "Blue",
  green: "Green",
  clear: "Clear",
  metal: "Metal",
  plastic: "Plastic",
};
export const closureWords: Record<NonNullable<Bottle["closure"]>, string> = {
  cap: "Screw cap",
  dropper: "Dropper",
  spray: "Spray",
  pump: "Pump",
  cork: "Cork",
};
export const storageWords: Record<Bottle["storage"], string> = {
  fridge: "Fridge",
  cellar: "Cellar",
  room: "Cupboard",
};
export const useWayWords: Record<UseWay, string> = {
  used: "Used",
  gift: "Given away",
  sold: "Sold",
  theirs: "Handed to its owner",
  blended: "Into a blend",
  lost: "Lost",
  thrownAway: "Thrown away",
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
