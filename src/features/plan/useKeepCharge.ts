import { useRouter } from "expo-router";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { schoolsFollowed, type Way } from "@/words/waysOfWorking";
import type { ForecastRanges } from "@/messages/forecastMessages";
import type { Still } from "@/records/still";
import { makeChargeReady } from "@/store/acts/makeChargeReady";
import { beginPlan } from "@/store/beginPlan";
import { useAppDispatch } from "@/store/hooks";
import { countedIn, reasonsOf } from "./planned";
import type { PlanWork } from "./usePlanDraft";

/** An answer that is to become a run. */
interface Charge {
  work: PlanWork;
  plan: ChargePlan;
  ranges: ForecastRanges;
  still: Still;
  ways: readonly Way[];
}

/** Keeps an answered plan as a run, clears the fields for the next and goes to its checklist. */
export function useKeepCharge(): (charge: Charge) => void {
  const dispatch = useAppDispatch();
  const router = useRouter();
  return ({ work, plan, ranges, still, ways }) => {
    const { draft, read } = work;
    const { runId } = dispatch(
      makeChargeReady({
        plan,
        ranges,
        plantId: read.plant.id,
        state: read.state,
        stillId: still.id,
        preparation: read.preparation.id,
        agedMonths: read.agedMonths,
        schools: schoolsFollowed(ways),
        reasons: reasonsOf(plan.warnings, draft),
        guessed: read.guessed,
        counted: countedIn(work),
        draft,
      }),
    );
    if (!runId) return;
    dispatch(beginPlan({ plantId: draft.plantId, state: draft.state }));
    router.push(`/runs/${runId}/ready`);
  };
}
