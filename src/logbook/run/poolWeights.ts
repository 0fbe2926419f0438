import type { Separated } from "@/records/entry";
import type { Run } from "@/records/run";

/** By what runs that were poured together have their shares: what each was forecast to bring, or its charge. */
export function poolWeights(
  runs: readonly Run[],
  by: NonNullable<Separated["pool"]>["by"],
): number[] {
  return runs.map(({ plan }) => (by === "charge" ? plan.chargeG : plan.forecast.visibleMl.p50));
}
