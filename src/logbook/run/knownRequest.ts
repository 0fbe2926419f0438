import type { ForecastRequest } from "@/core/forecast/request";
import { steamAtPower } from "@/core/forecast/runModel";
import type { RunPlan } from "@/records/run";

const known = new WeakMap<ForecastRequest, boolean>();

/**
 * What a plan's forecast was asked, where this Sereno can ask it again. A file from another one may
 * name a plant or a compound that is not known here: then the plan's own figures have to do.
 */
export function knownRequest({ request }: Pick<RunPlan, "request">): ForecastRequest | undefined {
  if (!request) return undefined;
  const before = known.get(request) ?? canBeAsked(request);
  known.set(request, before);
  return before ? request : undefined;
}

function canBeAsked(request: ForecastRequest): boolean {
  try {
    steamAtPower(request, request.still.heat.powerW);
    return true;
  } catch (error) {
    if (error instanceof RangeError) return false;
    throw error;
  }
}
