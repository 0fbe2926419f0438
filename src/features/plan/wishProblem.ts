import type { UnitSystem } from "@/core/units/units";
import type { ReadDraft } from "@/logbook/plan/readDraft";
import type { PlanDraft } from "@/records/planDraft";
import { wishWords } from "@/words/refusalWords";

/** What is wrong with what is wished for, once anything is. */
export function wishProblem(
  { wishText }: PlanDraft,
  { problems, wishRefused }: ReadDraft,
  units: UnitSystem,
): string | undefined {
  if (!wishText) return undefined;
  return problems.wish ?? (wishRefused && wishWords(wishRefused, units));
}
