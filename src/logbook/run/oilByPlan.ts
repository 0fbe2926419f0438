import type { RunPlan } from "@/records/run";

/** Oil so many minutes after the first drop by the plan's middle run, mL: distilled, and to be seen. */
export function oilByPlan(
  { forecast }: RunPlan,
  minutes: number,
): { distilledMl: number; visibleMl: number } {
  const { curve, oilDensityGPerMl } = forecast;
  const next = curve.findIndex((point) => point.minutes >= minutes);
  const after = curve[next] ?? curve.at(-1);
  const before = curve[Math.max(0, next - 1)] ?? after;
  if (!after || !before || minutes <= 0) return { distilledMl: 0, visibleMl: 0 };
  const span = after.minutes - before.minutes;
  const part = span > 0 ? Math.min(1, (minutes - before.minutes) / span) : 1;
  const distilledMl = (before.oilG + part * (after.oilG - before.oilG)) / oilDensityGPerMl;
  const whole = (curve.at(-1)?.oilG ?? 0) / oilDensityGPerMl;
  return { distilledMl, visibleMl: whole > 0 ? (distilledMl / whole) * forecast.visibleMl.p50 : 0 };
}
