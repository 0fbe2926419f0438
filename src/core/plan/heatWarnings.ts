import { constructionOf } from "../still/constructions";
import type { BarePlan } from "./chargePlan";
import type { PlanInput } from "./planInput";
import type { Warning } from "../forecast/warning";

/* A rate that is taken over from another run is rounded. */
const rounding = 1.01;

/** Whether a pot that locks stands open, and whether the heat can give the rate that a person wishes for. */
export function heatWarnings(
  { rateMlPerMin: wishedMlPerMin, still }: PlanInput,
  { forecast: { rateMlPerMin: mostMlPerMin } }: BarePlan,
): Warning[] {
  const shut: Warning[] =
    constructionOf(still.shape.construction).canShut && !still.ventsFreely
      ? [{ code: "shutPot", severity: "error" }]
      : [];
  return [...shut, ...beyondHeat(wishedMlPerMin, mostMlPerMin)];
}

function beyondHeat(wishedMlPerMin: number | undefined, mostMlPerMin: number): Warning[] {
  if (wishedMlPerMin === undefined || !(mostMlPerMin > 0)) return [];
  if (wishedMlPerMin <= mostMlPerMin * rounding) return [];
  return [{ code: "rateBeyondHeat", severity: "note", wishedMlPerMin, mostMlPerMin }];
}
