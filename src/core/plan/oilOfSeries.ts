import type { Forecast } from "../forecast/forecast";

/**
 * Oil to be seen of several charges of one kind one after the other, mL, middle run. What stays on the tubes is left
 * there once: the next charge finds them wetted.
 * @param holdUpMl what the tubes keep, 0 or more
 */
export function oilOfSeries(
  { oil, onTubesMl }: Pick<Forecast, "oil" | "onTubesMl">,
  charges: number,
  holdUpMl = 0,
): number {
  const settledMl = oil.visibleMl.p50 + onTubesMl;
  return Math.max(0, charges * settledMl - Math.min(holdUpMl, charges * settledMl));
}
