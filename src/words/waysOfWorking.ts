import {
  type ChoiceFields,
  type ChoiceId,
  choiceIds,
  choiceOf,
  isAsked,
} from "@/core/plan/planChoices";
import { massInState } from "@/core/plant/massInState";
import type { PlantState } from "@/core/plant/plant";
import { preparationsOf } from "@/core/plant/preparation";
import { type UnitName, fromCanonical } from "@/core/units/units";
import type { PlanDraft } from "@/records/planDraft";
import type { ReadDraft } from "@/logbook/plan/readDraft";
import {
  choiceWords,
  freshnessQuestion,
  methodQuestion,
  preparationQuestion,
  type QuestionWords,
} from "./choiceWords";
import { preparationText } from "./preparationWords";

/** One way of working among others: what is claimed for it and what it does to the numbers. */
interface WayOption {
  value: string;
  label: string;
  claim: string;
  effect?: string;
}

/** Questions of practice: those of a plan's fields, and those whose answers follow from plant and still. */
type WayId = ChoiceId | "method" | "freshness" | "preparation";

/** A question of practice as it stands for this plan. */
export interface Way {
  id: WayId;
  question: string;
  /** What is taken where the person does not choose, and why. */
  defaultIs: string;
  reason: string;
  value: string;
  options: WayOption[];
  /** Whether the model has a say in it, so that numbers stand beside each option. */
  counts: boolean;
  draft: (value: string) => Partial<PlanDraft>;
}

/** The questions that this plant and this still leave open, with the choice that stands. */
export function waysOfWorking(draft: PlanDraft, read: ReadDraft): Way[] {
  return [
    methodWay(read),
    ...(draft.harvestId ? [] : [freshnessWay(draft, read)]),
    preparationWay(read),
    ...choiceIds.filter((id) => isAsked(id, read.method)).map((id) => choiceWay(id, draft)),
  ].filter(({ options }) => options.length > 1);
}

function choiceWay(id: ChoiceId, draft: PlanDraft): Way {
  const { field, counts, clears = [] } = choiceOf(id);
  const asked: QuestionWords = choiceWords[id];
  const emptied = Object.fromEntries(clears.map((name) => [name, ""]));
  return {
    ...wordsOf(asked),
    id,
    value: draft[field as keyof ChoiceFields],
    options: optionsOf(asked.schools),
    counts,
    draft: (value) => ({ [field]: value, ...emptied }),
  };
}

function methodWay({ method, methods }: ReadDraft): Way {
  return {
    ...wordsOf(methodQuestion),
    id: "method",
    value: method,
    options: optionsOf(methodQuestion.schools, methods),
    counts: true,
    draft: (value) => ({ method: value, waterText: "", chargesText: "" }),
  };
}

function freshnessWay(draft: PlanDraft, read: ReadDraft): Way {
  return {
    ...wordsOf(freshnessQuestion),
    id: "freshness",
    value: read.state,
    options: optionsOf(freshnessQuestion.schools, read.states),
    counts: true,
    draft: (value) => {
      const state = read.states.find((each) => each === value) ?? read.state;
      return { state, waterText: "", chargesText: "", ...massAfter(draft, read, state) };
    },
  };
}

function preparationWay({ plant, preparation }: ReadDraft): Way {
  return {
    ...wordsOf(preparationQuestion),
    id: "preparation",
    value: preparation.id,
    options: preparationsOf(plant).map((each) => {
      const { label, effect } = preparationText(each);
      return { value: each.id, label, claim: effect };
    }),
    counts: true,
    draft: (value) => ({ preparation: value, waterText: "", chargesText: "" }),
  };
}

function wordsOf({ question, defaultIs, reason }: Pick<Way, "question" | "defaultIs" | "reason">) {
  return { question, defaultIs, reason };
}

/** Schools as options, in their order; only such as are offered. */
function optionsOf(
  schools: QuestionWords["schools"],
  offered: readonly string[] = Object.keys(schools),
): WayOption[] {
  return Object.entries(schools)
    .filter(([value]) => offered.includes(value))
    .map(([value, { name, claim, effect }]) => ({
      value,
      label: name,
      claim,
      ...(effect === undefined ? {} : { effect }),
    }));
}

/**
 * What weighs so much now weighs less once it has wilted or dried: water goes, dry matter stays. Held
 * against each other, the states are of the same cut.
 */
function massAfter(draft: PlanDraft, read: ReadDraft, state: PlantState): Partial<PlanDraft> {
  const [now, then] = [read.plant.states[read.state], read.plant.states[state]];
  if (draft.goal !== "have" || draft.massBy !== "scale" || !now || !then || !read.massG) return {};
  const massG = massInState(read.massG, now, then);
  const metric = draft.massUnit === "g" || draft.massUnit === "kg";
  const unit = metric ? (massG >= 1000 ? "kg" : "g") : draft.massUnit;
  return {
    massUnit: unit,
    massText: String(Number(fromCanonical(massG, unit as UnitName).toPrecision(3))),
  };
}

/** The schools that a draft follows, by question, as a run keeps them. */
export function schoolsFollowed(ways: readonly Way[]): Record<string, string> {
  return Object.fromEntries(ways.map(({ id, value }) => [id, value]));
}
