import type { RunPlan } from "@/records/run";

/**
 * What a thermometer in the head should show so many minutes after the first drop, °C; undefined for a plan from before
 * that was worked out. After the plan's end it stays where it ended.
 */
export function expectedHeadC(
  { forecast: { curve } }: Pick<RunPlan, "forecast">,
  minutes: number,
): number | undefined {
  const after = curve.findIndex((point) => point.minutes >= minutes);
  const next = after < 0 ? curve.at(-1) : curve[after];
  const before = after > 0 ? curve[after - 1] : next;
  if (next?.headC === undefined || before?.headC === undefined) return undefined;
  const span = next.minutes - before.minutes;
  const share = span > 0 ? Math.min(1, Math.max(0, (minutes - before.minutes) / span)) : 1;
  return before.headC + (next.headC - before.headC) * share;
}
