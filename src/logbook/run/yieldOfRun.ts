import { type Yield, yieldOf } from "@/core/yield/yield";
import type { Run } from "@/records/run";
import type { RunState } from "./runState";

/** A finished run's yield on every basis; undefined while its oil is not measured. */
export function yieldOfRun(run: Run, state: RunState, pieces?: number): Yield | undefined {
  if (state.result?.oilMl === undefined) return undefined;
  return yieldOf({
    chargeG: run.plan.chargeG,
    moisture: run.plan.moisture,
    oilMl: state.result.oilMl,
    oilDensityGPerMl: state.result.oilDensityGPerMl ?? run.plan.forecast.oilDensityGPerMl,
    hydrosolMl: state.result.hydrosolMl,
    pieces,
  });
}
