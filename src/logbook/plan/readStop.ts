import type { StopRule } from "@/core/forecast/stopRules";
import { hydrosolToKeep } from "@/core/plan/hydrosolToKeep";
import type { PlanDraft } from "@/records/planDraft";
import type { DraftChoices } from "./draftChoices";
import type { DraftFields } from "./draftFields";

type Choices = Pick<DraftChoices, "plant" | "state" | "method">;

/** The hydrosol to keep for so much plant as it is typed, or as is usual for the plant. */
export function hydrosolWanted(
  draft: PlanDraft,
  { plant, state }: Pick<Choices, "plant" | "state">,
): [text: string, unit: string] {
  return draft.ratioText
    ? [draft.ratioText, draft.ratioUnit]
    : [String(hydrosolToKeep(plant.tissue, state)), "LPerKg"];
}

/** By what the run ends; undefined where its field says what is wrong. */
export function readStop(
  draft: PlanDraft,
  choices: Choices,
  { number, optional }: DraftFields,
): StopRule | undefined {
  const { plant, method } = choices;
  const perKg = () => number("ratio", ...hydrosolWanted(draft, choices));
  const worth = () => {
    const worthMlPer10Min = optional("worth", draft.worthText, "mL");
    return worthMlPer10Min === undefined ? {} : { worthMlPer10Min };
  };
  switch (draft.stopBy) {
    case "clock":
    case "smell": {
      const text = draft.stopBy === "clock" ? draft.minutesText : "";
      const minutes = number("minutes", text || String(plant.usualMinutes), "min");
      return minutes === undefined ? undefined : { minutes };
    }
    case "tail":
    case "worth":
      return worth();
    case "ratio": {
      const ratio = perKg();
      return ratio === undefined ? undefined : { perKg: ratio };
    }
    default: {
      /* What flows back is never too much: there only the worth of going on ends a run. */
      if (method === "cohobation") return worth();
      const ratio = perKg();
      return ratio === undefined ? undefined : { perKg: ratio, ...worth() };
    }
  }
}
