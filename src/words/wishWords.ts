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
  const [got, wanted] = [amount(gotMl), amount(wantedMl)];
  const so = what === "oil" ? t`${got} of ${wanted} oil` : t`${got} of ${wanted} hydrosol`;
  if (gotMl >= wantedMl) return t`${so}: you have it.`;
  return [
    toGo === 0
      ? `${so}.`
      : t`${so}, about ${plural(toGo, { one: "# charge", other: "# charges" })} to go.`,
    underWay > 0 &&
      plural(underWay, { one: "# charge not measured yet.", other: "# charges not measured yet." }),
    toGo > 0 && !enough && t`What is left of the plant is not enough for that.`,
  ]
    .filter(Boolean)
    .join(" ");
}
