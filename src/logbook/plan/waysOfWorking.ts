import { type SchoolQuestion, schoolQuestions } from "@/core/plan/schools";
import { massInState } from "@/core/plant/massInState";
import type { PlantState } from "@/core/plant/plant";
import { preparationsOf } from "@/core/plant/preparation";
import { type UnitName, fromCanonical } from "@/core/units/units";
import type { PlanDraft } from "@/records/planDraft";
import type { ReadDraft } from "./readDraft";

/** One way of working among others: what is claimed for it and what it does to the numbers. */
interface WayOption {
  value: string;
  label: string;
  claim: string;
  effect?: string;
}

/** A question of practice as it stands for this plan. */
export interface Way extends Pick<SchoolQuestion, "id" | "question" | "defaultIs" | "reason"> {
  value: string;
  options: WayOption[];
  /** Whether the model has a say in it, so that numbers stand beside each option. */
  counts: boolean;
  draft: (value: string) => Partial<PlanDraft>;
}

/** The questions that this plant and this still leave open, with the choice that stands. */
export function waysOfWorking(draft: PlanDraft, read: ReadDraft): Way[] {
  const swims = read.method !== "steam";
  return schoolQuestions.flatMap((question): Way[] => {
    const { id, schools } = question;
    const named: WayOption[] = schools.map((school) => ({
      ...school,
      value: school.id,
      label: school.name,
    }));
    const way = (
      value: string,
      options: WayOption[],
      toDraft: Way["draft"],
      counts = true,
    ): Way[] =>
      options.length > 1 ? [{ ...question, value, options, draft: toDraft, counts }] : [];
    switch (id) {
      case "method":
        return way(
          read.method,
          named.filter(({ value }) => read.methods.some((method) => method === value)),
          (method) => ({ method, waterText: "", chargesText: "" }),
        );
      case "freshness":
        return draft.harvestId
          ? []
          : way(
              read.state,
              named.filter(({ value }) => read.states.some((state) => state === value)),
              (state) => ({
                state,
                waterText: "",
                chargesText: "",
                ...massAfter(draft, read, state as PlantState),
              }),
            );
      case "preparation":
        return way(
          read.preparation.id,
          preparationsOf(read.plant).map((preparation) => ({
            value: preparation.id,
            label: preparation.label,
            claim: preparation.effect,
          })),
          (preparation) => ({ preparation, waterText: "", chargesText: "" }),
        );
      case "water":
        return swims
          ? way(draft.waterRule, named, (waterRule) => ({
              waterRule: waterRule as PlanDraft["waterRule"],
              waterText: "",
            }))
          : [];
      case "pace":
        return way(draft.pace, named, (pace) => ({
          pace: pace as PlanDraft["pace"],
          rateText: "",
        }));
      case "stop":
        return way(draft.stopBy, named, (stopBy) => ({ stopBy: stopBy as PlanDraft["stopBy"] }));
      case "hydrosol":
        return read.method === "cohobation"
          ? []
          : way(
              draft.hydrosol,
              named,
              (hydrosol) => ({ hydrosol: hydrosol as PlanDraft["hydrosol"] }),
              false,
            );
      case "settling":
        return way(
          draft.settling,
          named,
          (settling) => ({ settling: settling as PlanDraft["settling"] }),
          false,
        );
      case "copper":
        return way(
          draft.copper,
          named,
          (copper) => ({ copper: copper as PlanDraft["copper"] }),
          false,
        );
    }
  });
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
