import type { Day, DayPlan, PlacedCharge, Takes } from "./day";
import { Shared, Stock } from "./resources";

/** How a day is decided: which still takes each charge, and in which order their steps are given their time. */
export interface Decided {
  /** By charge, the place of its still among the day's. */
  stills: readonly number[];
  /** Charges by their place, each three times: for loading, lighting and closing. */
  order: readonly number[];
}

interface Placing extends PlacedCharge {
  steps: number;
}

/**
 * Gives each step in turn the first moment at which still, hands, watts and ice are free for it. Every plan that
 * cannot be drawn closer together comes of some order.
 * @returns undefined where a step never finds its moment
 */
export function layOut(day: Day, { stills, order }: Decided): DayPlan | undefined {
  const hands = new Shared(day.hands);
  const mains = new Shared(day.mainsW);
  const ice = new Stock(day.ice.kg, day.ice.kgPerHour / 60);
  const free = day.stills.map(() => 0);
  const held: (number | undefined)[] = day.stills.map(() => undefined);
  const kept = fixedIn(day);
  const placed: Placing[] = day.charges.map(({ id }, i) => {
    const fixed = kept.get(id);
    if (fixed) return { ...fixed, steps: 3 };
    return {
      id,
      still: day.stills[stills[i]!]!,
      loadMin: 0,
      litMin: 0,
      firstDropMin: 0,
      offMin: 0,
      closeMin: 0,
      doneMin: 0,
      steps: 0,
    };
  });
  takeFixed(day, { hands, mains, ice });

  function step(index: number): boolean {
    const charge = placed[index]!;
    const { readyMin, on } = day.charges[index]!;
    const takes = on[charge.still]!;
    const at = stills[index]!;
    if (charge.steps === 0) {
      /* A still is free again when it is closed. */
      const before = held[at];
      if (before !== undefined) while (placed[before]!.steps < 3) if (!step(before)) return false;
      let from = Math.max(readyMin, free[at]!);
      for (;;) {
        charge.loadMin = hands.earliest(from, takes.loadMin, 1);
        if (!Number.isFinite(charge.loadMin)) return false;
        /* A charge that keeps its place is passed over where there is no room before it. */
        const blocks = blockOf(kept, charge.still, charge.loadMin, charge.loadMin + lastsOf(takes));
        if (!blocks) break;
        from = blocks.doneMin;
      }
      hands.take(charge.loadMin, takes.loadMin, 1);
      held[at] = index;
    } else if (charge.steps === 1) {
      const lasts = takes.heatMin + takes.runMin;
      let lit = charge.loadMin + takes.loadMin;
      for (;;) {
        const cooled = ice.earliest(lit, takes.iceKg);
        const powered = mains.earliest(cooled, lasts, takes.watts);
        if (!Number.isFinite(powered)) return false;
        if (powered === cooled) {
          lit = cooled;
          break;
        }
        lit = powered;
      }
      charge.litMin = lit;
      charge.firstDropMin = lit + takes.heatMin;
      charge.offMin = lit + lasts;
      mains.take(lit, lasts, takes.watts);
      ice.take(lit, takes.iceKg);
    } else if (charge.steps === 2) {
      charge.closeMin = hands.earliest(charge.offMin, takes.closeMin, 1);
      if (!Number.isFinite(charge.closeMin)) return false;
      hands.take(charge.closeMin, takes.closeMin, 1);
      charge.doneMin = charge.closeMin + takes.closeMin;
      if (blockOf(kept, charge.still, charge.loadMin, charge.doneMin)) return false;
      free[at] = charge.doneMin;
      held[at] = undefined;
    }
    if (charge.steps < 3) charge.steps += 1;
    return true;
  }
  for (const index of order) if (placed[index]!.steps < 3 && !step(index)) return undefined;
  return {
    charges: placed.map(({ steps: _, ...charge }) => charge),
    endMin: placed.reduce((end, { doneMin }) => Math.max(end, doneMin), 0),
    lateMin: placed.reduce(
      (sum, { doneMin }, i) => sum + Math.max(0, doneMin - day.charges[i]!.dueMin),
      0,
    ),
    waitMin: placed.reduce((sum, { closeMin, offMin }) => sum + closeMin - offMin, 0),
    lost: placed.reduce((sum, { litMin }, i) => {
      const { lostPerHour = 0, readyMin } = day.charges[i]!;
      return sum + (lostPerHour * Math.max(0, litMin - readyMin)) / 60;
    }, 0),
  };
}

/** What keeps its place, by the charge's id. */
export function fixedIn({ fixed = [] }: Day): Map<string, PlacedCharge> {
  return new Map(fixed.map((each) => [each.id, each]));
}

/** Enters what keeps its place into what the others have to share. */
export function takeFixed(
  { fixed = [], charges }: Day,
  { hands, mains, ice }: { hands: Shared; mains: Shared; ice: Stock },
): void {
  for (const { id, still, loadMin, litMin, offMin, closeMin } of fixed) {
    const takes = charges.find((charge) => charge.id === id)?.on[still];
    if (!takes) continue;
    hands.take(loadMin, takes.loadMin, 1);
    hands.take(closeMin, takes.closeMin, 1);
    mains.take(litMin, offMin - litMin, takes.watts);
    ice.take(litMin, takes.iceKg);
  }
}

/** The first of those that keep their place on a still between two moments. */
export function blockOf(
  kept: ReadonlyMap<string, PlacedCharge>,
  still: string,
  from: number,
  until: number,
): PlacedCharge | undefined {
  let first: PlacedCharge | undefined;
  for (const each of kept.values())
    if (each.still === still && each.loadMin < until - 1e-9 && each.doneMin > from + 1e-9)
      if (!first || each.loadMin < first.loadMin) first = each;
  return first;
}

/** How long a charge holds its still where nothing waits, min. */
export function lastsOf({ loadMin, heatMin, runMin, closeMin }: Takes): number {
  return loadMin + heatMin + runMin + closeMin;
}
