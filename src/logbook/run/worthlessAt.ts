import { stopAlone } from "@/core/plan/stopChoices";
import { knownRequest } from "./knownRequest";
import type { RunPlan } from "@/records/run";

const known = new WeakMap<RunPlan, number | undefined>();

/**
 * When ten more minutes earn less than a plan asks for, by its middle run, minutes from the first drop.
 * Undefined where the plan does not ask, or cannot be asked.
 */
export function worthlessAt(plan: RunPlan): number | undefined {
  if (!known.has(plan)) known.set(plan, computed(plan));
  return known.get(plan);
}

function computed(plan: RunPlan): number | undefined {
  const { worthMlPer10Min } = plan.stop;
  const request = knownRequest(plan);
  return worthMlPer10Min === undefined || !request
    ? undefined
    : stopAlone(request, { worthMlPer10Min });
}
