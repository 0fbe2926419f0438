import type { ChargePlan } from "@/core/plan/chargePlan";
import type { Way } from "@/words/waysOfWorking";
import type { PlanDraft } from "@/records/planDraft";
import type { Still } from "@/records/still";
import type { RangesState } from "../useForecastRanges";
import type { PlanWork } from "../usePlanDraft";

/** What every sheet behind a figure is given. */
export interface DoorProps {
  /** Undefined while something that was typed is wrong. */
  plan: ChargePlan | undefined;
  state: RangesState;
  work: PlanWork;
  still: Still;
  ways: readonly Way[];
  onChoose: (part: Partial<PlanDraft>, label: string) => void;
}
