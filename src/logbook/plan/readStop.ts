import type { StopRule } from "@/core/forecast/stopRules";
import type { AnswerOf } from "@/core/plan/planChoices";
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
  const worth = () => {
    const worthMlPer10Min = optional("worth", draft.worthText, "mL");
    return worthMlPer10Min === undefined ? {} : { worthMlPer10Min };
  };
  const byTime = (text: string) => {
    const minutes = number("minutes", text || String(plant.usualMinutes), "min");
    return minutes === undefined ? undefined : { minutes };
  };
  const byRatio = (besides: StopRule) => {
    const perKg = number("ratio", ...hydrosolWanted(draft, choices));
    return perKg === undefined ? undefined : { perKg, ...besides };
  };
  const rules: Record<AnswerOf<"stop">, () => StopRule | undefined> = {
    clock: () => byTime(draft.minutesText),
    smell: () => byTime(""),
    tail: worth,
    worth,
    ratio: () => byRatio({}),
    /* What flows back is never too much: there only the worth of going on ends a run. */
    least: () => (method === "cohobation" ? worth() : byRatio(worth())),
  };
  /* A draft of another edition may hold an answer that this one does not know. */
  return rules[Object.hasOwn(rules, draft.stopBy) ? draft.stopBy : "tail"]();
}
