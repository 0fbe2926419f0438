import { habitFields } from "@/core/plan/planChoices";
import { emptyDraft, wholeDraft, type PlanDraft } from "@/records/planDraft";
import { changePreferences } from "./changes";
import type { Thunk } from "./store";

/* Ways of working are the person's habits: another plant does not change them. */
const habits: readonly (keyof PlanDraft)[] = ["stillId", ...habitFields()];

/**
 * Begins a plan, whichever way one comes to it: what is told stands in it, the person's habits stay, and
 * nothing else is left of the plan before.
 */
export function beginPlan(told: Partial<PlanDraft>): Thunk {
  return (dispatch) =>
    void dispatch(
      changePreferences(({ planDraft, units }) => {
        const before = wholeDraft(planDraft, units);
        const kept = Object.fromEntries(habits.map((name) => [name, before[name]]));
        return { planDraft: { ...emptyDraft(units), ...kept, ...told } };
      }),
    );
}
