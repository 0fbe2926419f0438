import { isoDay } from "@/core/units/dates";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { cutsOfPlan } from "@/core/plan/cuts";
import type { Guessed } from "@/core/plan/stillTakes";
import type { PlantState } from "@/core/plant/plant";
import { noteCutsOf } from "./noteCuts";
import { asRunPlan } from "../still/asRunPlan";
import { newRecord } from "@/records/base";
import type { Harvest } from "@/records/harvest";
import { withoutRun, withRun } from "../trial/trialPlace";
import { harvestOfItsOwn } from "../harvest/harvestLeft";
import type { PlanDraft } from "@/records/planDraft";
import type { AnyRecord } from "@/records/record";
import { nextRunNumber, type Run } from "@/records/run";
import type { Still } from "@/records/still";
import type { Trial } from "@/records/trial";
import type { ForecastRanges } from "@/messages/forecastMessages";

export interface Ready {
  plan: ChargePlan;
  ranges: ForecastRanges;
  plantId: string;
  state: PlantState;
  still: Still;
  preparation: string;
  agedMonths?: number;
  /** Schools that were followed, by question. */
  schools: Record<string, string>;
  /** Stops about craft that were gone past, and why. */
  reasons?: Record<string, string>;
  /** The mass is a guess from a volume or from filling the still. */
  guessed?: Guessed;
  /** The harvest this charge is of; a new one is written down where there is none yet. */
  harvest?: Harvest;
  counted?: Harvest["counted"];
  runs: readonly Run[];
  harvests: readonly Harvest[];
  /** Trials that are open: the draft's takes the run in, any other lets it go. */
  trials: readonly Trial[];
  /** What stands in the plan's fields. */
  draft: PlanDraft;
  now: Date;
}

/** The records of a charge made ready: its run with the plan as it stands now, and its harvest. */
export function makeReady({
  plan,
  ranges,
  plantId,
  state,
  still,
  preparation,
  agedMonths,
  schools,
  reasons = {},
  guessed,
  harvest,
  counted,
  runs,
  harvests,
  trials,
  draft,
  now,
}: Ready): { run: Run; records: AnyRecord[] } {
  /* A run that was made ready from this plan and is not lit is planned anew, and stays the same run. */
  const replaced = runs.find(({ id, entries }) => id === draft.runId && entries.length === 0);
  const others = runs.filter(({ id }) => id !== replaced?.id);
  /* A harvest that only the run planned anew is of changes with it. */
  const own = replaced && !harvest ? harvestOfItsOwn(replaced, harvests, runs) : undefined;
  const fromHarvest: Harvest = harvest ?? {
    ...(own ?? newRecord("harvest", now)),
    plantId,
    state,
    massG: plan.chargeG * plan.charges,
    cutOn: own?.cutOn ?? isoDay(now),
    ...(counted ? { counted } : {}),
  };
  const before = others.filter(({ harvestId }) => harvestId === fromHarvest.id).length;
  const run: Run = {
    ...(replaced ?? newRecord("run", now)),
    number: replaced?.number ?? nextRunNumber(runs),
    stillId: still.id,
    stillName: still.name,
    harvestId: fromHarvest.id,
    plantId,
    state,
    checked: [],
    entries: [],
    draft: { ...draft, runId: "" },
    plan: asRunPlan({
      plan,
      oil: ranges.oil,
      still,
      charge: before + 1,
      charges: before + plan.charges,
      preparation,
      ...(agedMonths === undefined ? {} : { agedMonths }),
      schools,
      ...(Object.keys(reasons).length > 0 ? { reasons } : {}),
      ...filledOf(draft, guessed, plan.charges),
      cuts: cutsOfPlan(plan, schools.hydrosol ?? "all", noteCutsOf(draft)),
    }),
  };
  const pair = Number(draft.trialPair) || undefined;
  const place = { runId: run.id, side: draft.trialSide, ...(pair === undefined ? {} : { pair }) };
  return {
    run,
    records: [
      ...(harvest ? [] : [fromHarvest]),
      run,
      ...trials.flatMap((trial) => {
        if (trial.id === draft.trialId) return [withRun(trial, place)];
        return trial.runs.some(({ runId }) => runId === run.id) ? [withoutRun(trial, run.id)] : [];
      }),
    ],
  };
}

/** Whether the still was filled rather than weighed, and what one charge then weighs. */
function filledOf(
  { massBy, massText }: PlanDraft,
  guessed: Guessed | undefined,
  charges: number,
): Pick<Run["plan"], "filled" | "chargeBetweenG"> {
  const between = guessed && {
    chargeBetweenG: { low: guessed.low / charges, high: guessed.high / charges },
  };
  if (massBy !== "still") return between ?? {};
  return massText.trim() ? { filled: "weighed" } : { filled: "guessed", ...between };
}
