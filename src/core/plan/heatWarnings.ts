import type { BarePlan } from "./chargePlan";
import type { PlanInput } from "./planInput";
import type { Warning } from "./warning";

/* A rate that is taken over from another run is rounded. */
const rounding = 1.01;

/** Whether the heat can give the rate that a person wishes for. */
export function heatWarnings(
  { rateMlPerMin: wishedMlPerMin }: PlanInput,
  { forecast: { rateMlPerMin: mostMlPerMin } }: BarePlan,
): Warning[] {
  if (wishedMlPerMin === undefined || !(mostMlPerMin > 0)) return [];
  if (wishedMlPerMin <= mostMlPerMin * rounding) return [];
  return [{ code: "rateBeyondHeat", severity: "note", wishedMlPerMin, mostMlPerMin }];
}
