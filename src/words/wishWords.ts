import { showOil, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { plural, t } from "@/language/t";
import type { WishProgress } from "@/logbook/plan/wishProgress";

/** How far a wish has come, in a sentence or two. */
export function wishWords(
  { what, wantedMl, gotMl, underWay, toGo, enough }: WishProgress,
  units: UnitSystem,
): string {
  const amount = (ml: number) => words(what === "oil" ? showOil(ml) : showVolume(ml, units));
  const so = t`${amount(gotMl)} of ${amount(wantedMl)} ${what}`;
  if (gotMl >= wantedMl) return t`${so}: you have it.`;
  const waits =
    underWay > 0
      ? t`${plural(underWay, { one: "# charge", other: "# charges" })} not measured yet.`
      : "";
  if (toGo === 0) return `${so}. ${waits}`.trimEnd();
  const short = enough ? "" : t`What is left of the plant is not enough for that.`;
  return t`${so}, about ${plural(toGo, { one: "# charge", other: "# charges" })} to go. ${[waits, short].filter(Boolean).join(" ")}`.trimEnd();
}
