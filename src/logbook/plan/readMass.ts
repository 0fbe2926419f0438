import type { PlanInput } from "@/core/plan/planInput";
import { type Guessed, stillTakes, weightOfVolume } from "@/core/plan/stillTakes";
import { parseAmount, parseCounted } from "@/core/units/parseAmount";
import { t } from "@/language/t";
import type { Measure } from "@/records/measure";
import type { PlanDraft } from "@/records/planDraft";
import type { DraftChoices } from "./draftChoices";
import type { DraftFields } from "./draftFields";
import { measureCalled, measureOf } from "./measureOf";

/** How much plant there is, g; undefined where its field says what is wrong, or nothing is typed. */
export interface ReadMass {
  massG?: number | undefined;
  /** Where the mass is a guess from a volume or from filling the still. */
  guessed?: Guessed | undefined;
  /** Counted in pieces: how many of what, and which measure that is; without one it has to be weighed. */
  counted?: { count: number; what: string; measure: Measure | undefined };
}

/** @param common the plan but for its mass, once all else is right: a volume is weighed, a still filled by it */
export function readMass(
  draft: PlanDraft,
  { plant, state }: Pick<DraftChoices, "plant" | "state">,
  measures: readonly Measure[],
  common: Omit<PlanInput, "massG" | "charges"> | undefined,
  { number, problems }: DraftFields,
): ReadMass {
  const measure = measureOf(draft, measures, plant.id);
  if (measure) {
    const count = number("count", draft.countText, "one");
    return { massG: count === undefined ? undefined : measure.massG * count };
  }
  if (draft.massBy === "still" && !draft.harvestId && !draft.massText.trim()) {
    const guessed = common && plant.states[state] ? stillTakes(common) : undefined;
    return { guessed, massG: guessed && guessed.massG > 0 ? guessed.massG : undefined };
  }
  const pieces = parseCounted(draft.massText);
  if (pieces) {
    const counted = { ...pieces, measure: measureCalled(pieces.what, measures, plant.id) };
    if (counted.measure) return { counted, massG: counted.measure.massG * counted.count };
    problems.mass = t`How much does one of the ${counted.what} weigh? Weigh one, or type the weight of all.`;
    return { counted };
  }
  const volume = parseAmount(draft.massText, "mL");
  /* Of a plant a volume is a heap: "4 cups" weighs what the plant's packing makes of it. */
  if (volume.ok && /\p{L}/u.test(draft.massText)) {
    const guessed = common && weightOfVolume(volume.value, common);
    return { guessed, massG: guessed?.massG };
  }
  return { massG: number("mass", draft.massText, draft.massUnit) };
}
