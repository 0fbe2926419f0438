import { muchAir, usualKeepingRule, type KeepingRule } from "./bestBy";
import type { Product } from "./products";
import type { Verdict } from "./verdict";

const dayMs = 86400000;

/** Something that brought a bottle's best-by nearer. */
export interface Move {
  reason: "opened" | "air" | Verdict;
  /** When it happened, `YYYY-MM-DD`. */
  on: string;
  /** The best-by from then on. */
  to: string;
}

export interface BottleStory {
  product: Product;
  /** As it was promised when it was filled. */
  bestBy: string;
  sizeMl: number;
  filledMl: number;
  /** First opened, a day. */
  openedOn?: string;
  /** What was taken, in any order. */
  taken: readonly { on: string; amountMl: number }[];
  /** What its checks came to, in any order. */
  checks: readonly { on: string; verdict: Verdict }[];
}

/* Days that are left from the check on: enough to use it up, to filter it, to draw the water off. What has to be looked
   at again loses none by that. */
const daysAfter: Partial<Record<Verdict, number>> = {
  useSoon: 30,
  chillOrFilter: 30,
  drawOffWater: 60,
  notOnSkin: 0,
  throwAway: 0,
};

/**
 * A bottle's best-by as opening, emptying and checks have moved it, and why, the earliest first. It only
 * ever comes nearer; what was left of the time is what shrinks.
 */
export function movedBestBy(
  { product, bestBy, sizeMl, filledMl, openedOn, taken, checks }: BottleStory,
  rule: KeepingRule = usualKeepingRule,
): { day: string; moves: Move[] } {
  const first = taken.reduce<string | undefined>(
    (sofar, { on }) => (sofar === undefined || on < sofar ? on : sofar),
    openedOn,
  );
  const opened = product === "oil" ? rule.openedOil : rule.openedHydrosol;
  const events: { on: string; reason: Move["reason"]; stays?: number; days?: number }[] = [
    ...(first === undefined ? [] : [{ on: first, reason: "opened" as const, stays: opened }]),
    ...airy(taken, filledMl, sizeMl).map((on) => ({
      on,
      reason: "air" as const,
      stays: rule.air,
    })),
    ...checks.flatMap(({ on, verdict }) => {
      const days = daysAfter[verdict];
      return days === undefined ? [] : [{ on, reason: verdict, days }];
    }),
  ].sort((a, b) => a.on.localeCompare(b.on));
  let day = bestBy;
  const moves: Move[] = [];
  for (const { on, reason, stays, days } of events) {
    const left = Math.max(0, daysBetween(on, day));
    const to = addDays(on, days === undefined ? Math.round(left * (stays ?? 1)) : days);
    if (to >= day) continue;
    day = to;
    moves.push({ reason, on, to });
  }
  return { day, moves };
}

/** The day on which air came to stand over more of it than headspace; none where it was filled so. */
function airy(taken: BottleStory["taken"], filledMl: number, sizeMl: number): string[] {
  const low = sizeMl * (1 - muchAir);
  if (filledMl <= low) return [];
  let left = filledMl;
  for (const { on, amountMl } of [...taken].sort((a, b) => a.on.localeCompare(b.on))) {
    left -= amountMl;
    if (left <= low) return [on];
  }
  return [];
}

function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / dayMs);
}

function addDays(day: string, days: number): string {
  return new Date(Date.parse(day) + days * dayMs).toISOString().slice(0, 10);
}
