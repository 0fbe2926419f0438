import type { Setting } from "@/records/setting";
import type { Run } from "@/records/run";
import { runNow } from "./runClock";
import type { RunState } from "./runState";
import { settlingTime, type SettlingTime } from "./settlingTime";

/** How a run's distillate settles by its plan's school, and the minutes that are left; below 0 when it is ready. */
export function settlingLeft(
  run: Run,
  { heatOffAt }: RunState,
  site: Setting["site"],
  wallNow: number,
): SettlingTime & { leftMinutes: number } {
  const { forecast, schools } = run.plan;
  const settling = settlingTime(forecast.oilDensityGPerMl, site.airC, schools?.settling);
  const now = runNow(run, wallNow);
  return { ...settling, leftMinutes: settling.minutes - (now - (heatOffAt ?? now)) / 60000 };
}
