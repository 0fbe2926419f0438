import { steamAtPower } from "@/core";
import type { Run } from "./run";
import type { RunState } from "./runState";

const minute = 60000;
/* A knob has no numbers: this near to the planned heat it is turned down. */
const turnedDownShare = 1.15;
/* A flame that is out for a moment: what is to come moves far away, but not to never. */
const leastHeat = 0.02;

/** The plan turns the heat down after the first drop, and it still stands well above that. */
export function turnDownDue({ plan }: Run, state: RunState, powerW: number): boolean {
  if (plan.runPowerW === undefined || state.firstDropAt === undefined) return false;
  const chosen = state.heat.some(({ at }) => at >= state.firstDropAt!);
  return !chosen && powerW > plan.runPowerW * turnedDownShare;
}

/**
 * Minutes from heat on to the boil and to the first drop, when the heat is what the log says and not
 * the plan's: what has warmed so far counts, the rest comes at the heat as it stands.
 */
export function timesAtHeat({ plan }: Run, state: RunState, now: number) {
  const { minutesToBoil, minutesToFirstDrop } = plan.forecast;
  const full = steamShare(plan, plan.powerW);
  const share = (powerW: number) => Math.max(leastHeat, steamShare(plan, powerW) / full);
  const until = state.boilingAt ?? now;
  let [warmed, at, heat] = [0, state.litAt ?? now, 1];
  for (const change of state.heat.filter(({ at: moment }) => moment <= until)) {
    warmed += (Math.max(0, change.at - at) / minute) * heat;
    [at, heat] = [Math.max(at, change.at), share(change.powerW)];
  }
  const soFar = (at - (state.litAt ?? now)) / minute;
  const boil = soFar + Math.max(0, minutesToBoil - warmed) / heat;
  return {
    minutesToBoil: boil,
    minutesToFirstDrop: boil + (minutesToFirstDrop - minutesToBoil) / heat,
  };
}

/** What of a heat warms and does not leave through the walls, in any one unit. */
function steamShare({ request, powerW: fullW }: Run["plan"], powerW: number): number {
  return request ? steamAtPower(request, powerW) : powerW / fullW;
}
