import { coolingWarnings } from "./coolingWarnings";
import { fillWarnings } from "./fillWarnings";
import { heatWarnings } from "./heatWarnings";
import { materialWarnings } from "./materialWarnings";
import { oilWarnings } from "./oilWarnings";
import type { BarePlan } from "./chargePlan";
import type { PlanInput } from "./planInput";
import type { Warning } from "../forecast/warning";

/** What is wrong with a filled still, the physics' own warnings included, worst first. */
export function planWarnings(input: PlanInput, plan: BarePlan, neededCharges: number): Warning[] {
  const warnings = [
    ...fillWarnings(input, plan, neededCharges),
    ...materialWarnings(input, plan),
    ...heatWarnings(input, plan),
    ...coolingWarnings(input, plan),
    ...oilWarnings(input, plan),
  ];
  const order = { error: 0, caution: 1, note: 2 };
  return warnings.sort((a, b) => order[a.severity] - order[b.severity]);
}
