import { noonOf, showDay, showMonth } from "@/core/units/dates";
import type { Move } from "@/core/shelf/movedBestBy";
import { plural, t } from "@/language/t";
import type { Shelved } from "@/logbook/shelf/shelf";
import { verdictWords } from "./checkWords";

/** Best-by in words: "12 days left", "best by Sep 2028", "past by 4 days". */
export function bestByWords({ daysLeft, bestBy }: Pick<Shelved, "daysLeft" | "bestBy">): string {
  if (daysLeft < 0) return plural(-daysLeft, { one: "past by # day", other: "past by # days" });
  if (daysLeft <= 60) return plural(daysLeft, { one: "# day left", other: "# days left" });
  return t`best by ${showMonth(noonOf(bestBy))}`;
}

/** How long something keeps, as people say it: days, weeks, then months. */
export function spanWords(months: number): string {
  const days = months * 30.4;
  if (days < 18) return plural(Math.max(1, Math.round(days)), { one: "# day", other: "# days" });
  if (months < 3) return plural(Math.round(days / 7), { one: "# week", other: "# weeks" });
  return plural(Math.round(months), { one: "# month", other: "# months" });
}

/** Why a best-by came nearer. */
export function moveWords({ reason, on, to }: Move): string {
  const why =
    reason === "opened"
      ? t`Opened`
      : reason === "air"
        ? t`More than a third air above it`
        : verdictWords[reason].is;
  return t`${why} on ${showDay(noonOf(on))}: best by ${showDay(noonOf(to))} from then on.`;
}
