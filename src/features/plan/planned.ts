import type { ChargePlan } from "@/core/plan/chargePlan";
import { planCharges } from "@/core/plan/planCharges";
import type { PlanInput } from "@/core/plan/planInput";
import { type Warning, isCraftStop } from "@/core/forecast/warning";
import { parseNumber } from "@/core/units/parseNumber";
import { measureOf } from "@/logbook/plan/measureOf";
import { becauseField, type PlanDraft } from "@/records/planDraft";
import type { PlanWork } from "./usePlanDraft";

/** The plan of an input. What the core refuses is said, not thrown at the screen. */
export function planned(input: PlanInput | undefined): { plan?: ChargePlan; refused?: string } {
  if (!input) return {};
  try {
    return { plan: planCharges(input) };
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return { refused: error.message };
  }
}

/** A stop stands unless it is one of craft, and the person has said why they go on. */
export function stands({ severity, code }: Warning, draft: PlanDraft): boolean {
  return severity === "error" && !(isCraftStop(code) && draft[becauseField(code)].trim() !== "");
}

/** Why the stops that a plan has were gone past, by their codes. */
export function reasonsOf(warnings: readonly Warning[], draft: PlanDraft): Record<string, string> {
  return Object.fromEntries(
    warnings.flatMap(({ severity, code }) =>
      severity === "error" && isCraftStop(code) ? [[code, draft[becauseField(code)].trim()]] : [],
    ),
  );
}

/** What the charge was counted in, and how many of it; undefined where it was weighed. */
export function countedIn({ draft, measures, read }: PlanWork) {
  if (draft.goal === "want") return undefined;
  if (read.counted?.measure)
    return { measure: read.counted.measure.name, count: read.counted.count };
  const measure = measureOf(draft, measures, read.plant.id);
  if (!measure) return undefined;
  const count = parseNumber(draft.countText);
  return count.ok && count.value > 0 ? { measure: measure.name, count: count.value } : undefined;
}
