import { steamAtPower } from "@/core/forecast/runModel";
import { knownRequest } from "./knownRequest";
import type { Run } from "@/records/run";
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
  const litAt = state.litAt ?? now;
  const boil = warmingTakes(minutesToBoil, plan, state, litAt);
  const boilsAt = state.boilingAt ?? litAt + boil * minute;
  const warming = warmingTakes(minutesToFirstDrop - minutesToBoil, plan, state, boilsAt);
  return { minutesToBoil: boil, minutesToFirstDrop: boil + warming };
}

/** How long what takes so many minutes at the planned heat takes from a moment on, minutes. */
function warmingTakes(planned: number, plan: Run["plan"], state: RunState, from: number): number {
  const full = steamShare(plan, plan.powerW);
  const share = (powerW = plan.powerW) =>
    full > 0 ? Math.max(leastHeat, steamShare(plan, powerW) / full) : 1;
  let [left, at] = [planned, from];
  let heat = share(state.heat.findLast((change) => change.at <= from)?.powerW);
  for (const change of state.heat.filter((later) => later.at > from)) {
    const warmed = ((change.at - at) / minute) * heat;
    if (warmed >= left) break;
    left -= warmed;
    [at, heat] = [change.at, share(change.powerW)];
  }
  return (at - from) / minute + left / heat;
}

/** What of a heat warms and does not leave through the walls, in any one unit. */
function steamShare(plan: Run["plan"], powerW: number): number {
  const { powerW: fullW } = plan;
  const request = knownRequest(plan);
  return request ? steamAtPower(request, powerW) : powerW / fullW;
}
