import { minutesToPart } from "@/core/separation/parting";
import type { Setting } from "@/records/setting";
import type { Run } from "@/records/run";
import type { PlantBook } from "../plant/plantBook";
import { partingOfRun } from "./partingOfRun";
import { runNow } from "./runClock";
import type { RunState } from "./runState";
import { settlingTime, type SettlingTime } from "./settlingTime";

/* What has parted by then pays for the wait. */
const worthwhile = 0.95;

/**
 * How a run's distillate settles, and the minutes that are left; below 0 when it is ready. In the vessel
 * it was set in, from when it was; else by its plan's school, from heat off.
 */
export function settlingLeft(
  run: Run,
  state: RunState,
  site: Setting["site"],
  wallNow: number,
  book: PlantBook,
): SettlingTime & { leftMinutes: number } {
  const { forecast, schools } = run.plan;
  const { heatOffAt, settling } = state;
  const now = runNow(run, wallNow);
  const since = (at: number) => (now - at) / 60000;
  if (settling) {
    const parting = partingOfRun(run, state, settling.vessel, settling, book);
    const minutes = minutesToPart(parting, worthwhile);
    return { minutes, share: worthwhile, leftMinutes: minutes - since(Date.parse(settling.at)) };
  }
  const bySchool = settlingTime(forecast.oilDensityGPerMl, site.airC, schools?.settling);
  return { ...bySchool, leftMinutes: bySchool.minutes - since(heatOffAt ?? now) };
}
