import type { Lot } from "@/records/lot";
import type { PlantBook } from "../plant/plantBook";
import { cautionsOfLot } from "./cautionsOfLot";
import { judgedChecks } from "./lotChecks";
import type { LotPage } from "./lotPage";
import { oilParts } from "./oilParts";
import type { Shelf } from "./trace";

/** What to say of drinking a water beside its cautions: why not, or, where nothing known speaks against it, how little. */
export type DrinkNote = "spoilt" | "preserved" | "liquor" | "unknownPlant" | "old" | "untested";

/**
 * Whether a water may be drunk. Undefined for an oil, and where its cautions have said already that it is not to be
 * drunk, or only by the spoonful.
 */
export function drinkNote(
  lot: Lot,
  { full, checks }: Pick<LotPage, "full" | "checks">,
  shelf: Shelf,
  book: PlantBook,
): DrinkNote | undefined {
  if (lot.product === "oil") return undefined;
  const { grave, others } = cautionsOfLot(lot, shelf, book);
  const told = new Set([...grave, ...others]);
  if (told.has("notToDrink")) return undefined;
  if (judgedChecks(lot, checks).at(-1)?.verdict === "throwAway") return "spoilt";
  if (full.some(({ bottle }) => bottle.preserved)) return "preserved";
  if (lot.product === "liquor") return "liquor";
  if (oilParts(lot, shelf, book).some(({ densityGPerMl }) => densityGPerMl === undefined))
    return "unknownPlant";
  if (full.length > 0 && full.every(({ daysLeft }) => daysLeft < 0)) return "old";
  return told.has("littleInFood") ? undefined : "untested";
}
