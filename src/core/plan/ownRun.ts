/** What a finished run gave, against what its plan's middle run would have given by then. */
export interface FinishedRun {
  /** Oil drawn off, mL. */
  oilMl: number;
  /** Oil in its hydrosol by the plan, mL. */
  dissolvedMl: number;
  /** Oil on the tubes by the still, mL. */
  holdUpMl: number;
  /** Oil distilled by the plan's middle run after the minutes it really ran, mL. */
  plannedMl: number;
  /** The plan's middle oil content, mL/kg. */
  plannedMlPerKg: number;
}

/**
 * Oil content that a finished run points to, mL/kg: what came over scales with what was in the plant
 * while steam is not its limit. Undefined where the run tells nothing: nothing was planned to come.
 */
export function contentFromRun(run: FinishedRun): number | undefined {
  if (!(run.plannedMl > 0 && run.plannedMlPerKg > 0)) return undefined;
  const cameOver = run.oilMl + run.dissolvedMl + run.holdUpMl;
  const content = (run.plannedMlPerKg * cameOver) / run.plannedMl;
  return content > 0 ? content : undefined;
}
