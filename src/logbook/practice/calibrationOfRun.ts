import { calibrate, type Calibration } from "@/core/still/calibrate";
import { heatSources } from "@/core/still/heatSources";
import { pressureAtAltitudePa } from "@/core/water/atmosphere";
import { usualTapC } from "@/core/water/properties";
import type { Run } from "@/records/run";
import { runState } from "../run/runState";

/* As the plan takes it where nobody says, °C. */
const usualAirC = 18;
const minute = 60_000;

/** What the notes of a run with water say of the still, beside what its plan took. */
export interface NotedCalibration extends Calibration {
  plannedEfficiency: number;
}

/**
 * What a run with hardly any plant tells of its still: how much of the heat reaches the pot, and what it loses. Undefined
 * while the boil or two readings of the jar are not noted, where the heat was changed between, or where the notes
 * cannot be true together.
 */
export function calibrationOfRun({ plan, entries }: Run): NotedCalibration | undefined {
  const { litAt, boilingAt, readings, heat } = runState(entries);
  const jar = readings.flatMap(({ at, distillateMl }) =>
    distillateMl === undefined ? [] : [{ at: Date.parse(at), distillateMl }],
  );
  const [first, last] = [jar[0], jar.at(-1)];
  const { request } = plan;
  if (litAt === undefined || boilingAt === undefined || !request || heat.length > 0)
    return undefined;
  if (!first || !last || last.at <= first.at) return undefined;
  const { site = {}, still } = request;
  try {
    return {
      ...calibrate({
        waterMl: request.waterMl,
        startC: site.waterC ?? usualTapC,
        airC: site.airC ?? usualAirC,
        pressurePa: site.pressurePa ?? pressureAtAltitudePa(site.altitudeM ?? 0),
        powerW: still.heat.powerW,
        vesselJPerK: still.vesselJPerK ?? 0,
        minutesToBoil: (boilingAt - litAt) / minute,
        rateMlPerMin: ((last.distillateMl - first.distillateMl) / (last.at - first.at)) * minute,
      }),
      plannedEfficiency:
        still.heat.efficiency ?? heatSources[still.heat.kind ?? "plate"].usualEfficiency,
    };
  } catch (error) {
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}
