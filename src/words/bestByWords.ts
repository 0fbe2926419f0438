import { noonOf, showMonth } from "@/core";
import type { Shelved } from "@/logbook/shelf/shelf";

/** Best-by in words: "12 days left", "best by Sep 2028", "past since 4 days". */
export function bestByWords({ daysLeft, bottle }: Shelved): string {
  if (daysLeft < 0) return `past by ${-daysLeft} ${daysLeft === -1 ? "day" : "days"}`;
  if (daysLeft <= 60) return `${daysLeft} ${daysLeft === 1 ? "day" : "days"} left`;
  const month = showMonth(noonOf(bottle.bestBy));
  return `best by ${month}`;
}
