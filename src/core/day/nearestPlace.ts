import type { Day, PlacedCharge } from "./day";
import { blockOf, fixedIn, takeFixed } from "./layOut";
import { Shared, Stock } from "./resources";

/** Why a charge cannot be loaded at a moment. */
export type NotThen = "notReady" | "stillTaken" | "handsBusy" | "mainsFull" | "iceMissing";

/** A place near the one that was wished for, and what is in the way of that one, if anything. */
export interface NearestPlace {
  placed: PlacedCharge;
  why?: NotThen;
}

/* A person moves by as much as a clock's hand shows. */
const step = 5;

/**
 * The place nearest to a wished one that charges which keep theirs leave free, the earlier of two that are as near. Heat
 * goes on as soon as it is loaded, and it is closed as soon as it is off the heat: a place a person chooses has no waits.
 * @param wishMin when its loading should begin, min from the day's beginning
 * @returns undefined where this still may not take it, or no moment of the day will do
 */
export function nearestPlace(
  day: Day,
  id: string,
  still: string,
  wishMin: number,
): NearestPlace | undefined {
  const others = { ...day, fixed: (day.fixed ?? []).filter((each) => each.id !== id) };
  const latest = day.lengthMin * 2;
  let why: NotThen | undefined;
  for (let away = 0; away <= latest; away += step) {
    for (const at of away === 0 ? [wishMin] : [wishMin - away, wishMin + away]) {
      if (at < 0 || at > latest) continue;
      const tried = tryAt(others, id, still, at);
      if (tried === undefined) return undefined;
      if (typeof tried !== "string") return { placed: tried, ...(why ? { why } : {}) };
      if (away === 0) why = tried;
    }
  }
  return undefined;
}

function tryAt(day: Day, id: string, still: string, loadMin: number) {
  const charge = day.charges.find((each) => each.id === id);
  const takes = charge?.on[still];
  if (!charge || !takes) return undefined;
  if (loadMin < charge.readyMin - 1e-9) return "notReady" as const;
  const hands = new Shared(day.hands);
  const mains = new Shared(day.mainsW);
  const ice = new Stock(day.ice.kg, day.ice.kgPerHour / 60);
  takeFixed(day, { hands, mains, ice });
  const litMin = loadMin + takes.loadMin;
  const firstDropMin = litMin + takes.heatMin;
  const offMin = firstDropMin + takes.runMin;
  const doneMin = offMin + takes.closeMin;
  if (blockOf(fixedIn(day), still, loadMin, doneMin)) return "stillTaken" as const;
  const free = (moment: number, found: number) => Math.abs(found - moment) < 1e-9;
  if (!free(loadMin, hands.earliest(loadMin, takes.loadMin, 1))) return "handsBusy" as const;
  if (!free(litMin, mains.earliest(litMin, offMin - litMin, takes.watts)))
    return "mainsFull" as const;
  if (!free(litMin, ice.earliest(litMin, takes.iceKg))) return "iceMissing" as const;
  hands.take(loadMin, takes.loadMin, 1);
  if (!free(offMin, hands.earliest(offMin, takes.closeMin, 1))) return "handsBusy" as const;
  return { id, still, loadMin, litMin, firstDropMin, offMin, closeMin: offMin, doneMin };
}
