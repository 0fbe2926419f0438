import type { Day, DayPlan, PlacedCharge } from "./day";
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
  const placed: Placing[] = day.charges.map(({ id }, i) => ({
    id,
    still: day.stills[stills[i]!]!,
    loadMin: 0,
    litMin: 0,
    firstDropMin: 0,
    offMin: 0,
    closeMin: 0,
    doneMin: 0,
    steps: 0,
  }));

  function step(index: number): boolean {
    const charge = placed[index]!;
    const { readyMin, on } = day.charges[index]!;
    const takes = on[charge.still]!;
    const at = stills[index]!;
    if (charge.steps === 0) {
      /* A still is free again when it is closed. */
      const before = held[at];
      if (before !== undefined) while (placed[before]!.steps < 3) if (!step(before)) return false;
      charge.loadMin = hands.earliest(Math.max(readyMin, free[at]!), takes.loadMin, 1);
      if (!Number.isFinite(charge.loadMin)) return false;
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
  };
}
