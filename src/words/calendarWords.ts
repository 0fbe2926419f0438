import { showDayOfYear } from "@/core/units/dates";
import { counted } from "@/core/units/format";
import type { PlantInYear } from "@/logbook/harvest/plantCalendar";

/* Days of a year without a leap day. */
function dayNamed(day: number): string {
  return showDayOfYear(new Date(2025, 0, 1 + Math.round(day)));
}

/** When a plant is usually cut here, and how near that is. */
export function seasonWords({ window, inDays }: Pick<PlantInYear, "window" | "inDays">): string {
  if (!window || inDays === undefined) return "No season of its own: any dry time.";
  const stretch = `${dayNamed(window.from)} to ${dayNamed(window.to)}`;
  if (inDays === 0) return `Now: ${stretch}`;
  return inDays <= 60 ? `In ${counted(inDays, "day")}: ${stretch}` : stretch;
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
    first === last ? `on ${dayNamed(first)}` : `from ${dayNamed(first)} to ${dayNamed(last)}`;
  const rich = own.length > 1 && best ? `; the richest was cut on ${dayNamed(best.day)}` : "";
  return `Yours: ${counted(own.length, "harvest")}, ${when}${rich}.`;
}
