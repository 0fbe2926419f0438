import { noonOf, showDay, showMonth } from "@/core/units/dates";
import { counted } from "@/core/units/format";
import type { Move } from "@/core/shelf/movedBestBy";
import type { Shelved } from "@/logbook/shelf/shelf";
import { verdictWords } from "./checkWords";

/** Best-by in words: "12 days left", "best by Sep 2028", "past by 4 days". */
export function bestByWords({ daysLeft, bestBy }: Pick<Shelved, "daysLeft" | "bestBy">): string {
  if (daysLeft < 0) return `past by ${-daysLeft} ${daysLeft === -1 ? "day" : "days"}`;
  if (daysLeft <= 60) return `${daysLeft} ${daysLeft === 1 ? "day" : "days"} left`;
  return `best by ${showMonth(noonOf(bestBy))}`;
}

/** How long something keeps, as people say it: days, weeks, then months. */
export function spanWords(months: number): string {
  const days = months * 30.4;
  if (days < 18) return counted(Math.max(1, Math.round(days)), "day");
  if (months < 3) return counted(Math.round(days / 7), "week");
  return counted(Math.round(months), "month");
}

/** Why a best-by came nearer. */
export function moveWords({ reason, on, to }: Move): string {
  const why =
    reason === "opened"
      ? "Opened"
      : reason === "air"
        ? "More than a third air above it"
        : verdictWords[reason].is;
  return `${why} on ${showDay(noonOf(on))}: best by ${showDay(noonOf(to))} from then on.`;
}
