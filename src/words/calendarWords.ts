import { showDayOfYear } from "@/core/units/dates";
import { plural, t } from "@/language/t";
import type { PlantInYear } from "@/logbook/harvest/plantCalendar";

/* Days of a year without a leap day. */
function dayNamed(day: number): string {
  return showDayOfYear(new Date(2025, 0, 1 + Math.round(day)));
}

/** When a plant is usually cut here, and how near that is. */
export function seasonWords({ window, inDays }: Pick<PlantInYear, "window" | "inDays">): string {
  if (!window || inDays === undefined) return t`No season of its own: any dry time.`;
  const stretch = t`${dayNamed(window.from)} to ${dayNamed(window.to)}`;
  if (inDays === 0) return t`Now: ${stretch}`;
  return inDays <= 60
    ? t`In ${plural(inDays, { one: "# day", other: "# days" })}: ${stretch}`
    : stretch;
}

/** What a person's own harvests say of the time, in a line; undefined where there are none. */
export function ownSeasonWords({ own }: Pick<PlantInYear, "own">): string | undefined {
  if (own.length === 0) return undefined;
  const best = own
    .filter(({ mlPerKgDry }) => mlPerKgDry !== undefined)
    .sort((a, b) => b.mlPerKgDry! - a.mlPerKgDry!)
    .at(0);
  const days = own.map(({ day }) => day);
  const [first, last] = [Math.min(...days), Math.max(...days)];
  const when =
    first === last ? t`on ${dayNamed(first)}` : t`from ${dayNamed(first)} to ${dayNamed(last)}`;
  const yours = plural(own.length, { one: "# harvest", other: "# harvests" });
  return own.length > 1 && best
    ? t`Yours: ${yours}, ${when}; the richest was cut on ${dayNamed(best.day)}.`
    : t`Yours: ${yours}, ${when}.`;
}
