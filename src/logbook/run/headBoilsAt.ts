import { boilsWithItsOil } from "@/core/forecast/runModel";
import type { RunPlan } from "@/records/run";
import { knownRequest } from "./knownRequest";

const known = new WeakMap<RunPlan, number>();

/**
 * The coolest that a head can be while all is well, °C: where this oil and water boil together. An oil
 * of pinene boils some 4 K under water without any fault.
 */
export function headBoilsAt(plan: RunPlan): number {
  const before = known.get(plan);
  if (before !== undefined) return before;
  const request = knownRequest(plan);
  const found = request ? boilsWithItsOil(request) : plan.forecast.boilC;
  known.set(plan, found);
  return found;
}
