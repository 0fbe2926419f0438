import { counted, showOil, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import type { WishProgress } from "@/logbook/plan/wishProgress";

/** How far a wish has come, in a sentence or two. */
export function wishWords(
  { what, wantedMl, gotMl, underWay, toGo, enough }: WishProgress,
  units: UnitSystem,
): string {
  const amount = (ml: number) => words(what === "oil" ? showOil(ml) : showVolume(ml, units));
  const so = `${amount(gotMl)} of ${amount(wantedMl)} ${what}`;
  if (gotMl >= wantedMl) return `${so}: you have it.`;
  const waits = underWay > 0 ? ` ${counted(underWay, "charge")} not measured yet.` : "";
  if (toGo === 0) return `${so}.${waits}`;
  const short = enough ? "" : " What is left of the plant is not enough for that.";
  return `${so}, about ${counted(toGo, "charge")} to go.${waits}${short}`;
}
