import { type ChoiceFields, choiceIds, choiceOf } from "@/core/plan/planChoices";
import { type UnitName, type UnitSystem, fromCanonical } from "@/core/units/units";
import { canonicalUnits, emptyDraft, wholeDraft, type PlanDraft } from "@/records/planDraft";
import type { Run } from "@/records/run";

/**
 * The plan of a run as it would stand in the plan's fields: word for word where the run keeps it, else
 * as its figures say.
 */
export function draftOfRun(run: Run, units: UnitSystem): PlanDraft {
  if (run.draft) return wholeDraft(run.draft, units);
  const { plan, plantId, state, stillId } = run;
  const schools = plan.schools ?? {};
  const massUnit: UnitName = units === "metric" ? "g" : "oz";
  const known = wholeDraft({ stopBy: stopOf(plan.stop), ...answered(schools) }, units);
  return {
    ...emptyDraft(units),
    ...known,
    plantId,
    state,
    stillId,
    method: plan.method,
    massText: plain(fromCanonical(plan.chargeG, massUnit)),
    massUnit,
    preparation: plan.preparation ?? "",
    agedText: plan.agedMonths === undefined ? "" : plain(plan.agedMonths),
    ...(plan.stop.perKg === undefined
      ? {}
      : { ratioText: plain(plan.stop.perKg), ratioUnit: canonicalUnits.ratioUnit }),
    minutesText: plan.stop.minutes === undefined ? "" : plain(plan.stop.minutes),
    worthText: plan.stop.worthMlPer10Min === undefined ? "" : plain(plan.stop.worthMlPer10Min),
    chargesText: "1",
  };
}

/** What a run's kept schools say of the plan's fields; an answer of another Sereno that is none here is left out. */
function answered(kept: Readonly<Record<string, string>>): Partial<ChoiceFields> {
  return Object.fromEntries(
    choiceIds.flatMap((id) => {
      const { field, answers } = choiceOf(id);
      const answer = kept[id];
      return answer !== undefined && answers.includes(answer) ? [[field, answer]] : [];
    }),
  );
}

/** What makes the plan of a run that is like another: its plant, still and ways, weighed anew. */
export function againLike(run: Run, units: UnitSystem): PlanDraft {
  return {
    ...draftOfRun(run, units),
    harvestId: "",
    runId: "",
    trialId: "",
    dayId: "",
    dayCharge: "",
    chargesText: "",
  };
}

function stopOf({ minutes, perKg, worthMlPer10Min }: Run["plan"]["stop"]): PlanDraft["stopBy"] {
  if (minutes !== undefined) return "clock";
  if (perKg === undefined) return worthMlPer10Min === undefined ? "tail" : "worth";
  return worthMlPer10Min === undefined ? "ratio" : "least";
}

/** A figure as it is typed, to four digits. */
export function plain(value: number): string {
  return String(Number(value.toPrecision(4)));
}
