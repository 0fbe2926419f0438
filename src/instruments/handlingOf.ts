import type { Run } from "@/records/run";
import type { RunState } from "@/logbook/run/runState";
import type { StillHandling } from "./instrumentLine";

/** What has been done to a run's still, as its log has it. */
export function handlingOf({ plan }: Pick<Run, "plan">, state: RunState): StillHandling {
  return {
    powerW: state.heatOffAt !== undefined ? 0 : (state.heat.at(-1)?.powerW ?? plan.powerW),
    iceAddedKg: state.iceAdded.reduce((sum, { massG }) => sum + massG, 0) / 1000,
    waterAddedMl: state.waterAddedMl,
  };
}
