import { forecastRun, type Forecast } from "../forecast/forecastRun";
import type { ForecastRequest, StopRule } from "../forecast/request";
import { runModel } from "../forecast/runModel";
import type { Plant, PlantState, StateFigures } from "../plant/plant";
import {
  fillLimits,
  mostWaterMl,
  type Fill,
  type FillLimits,
  type Method,
} from "../still/fillLimits";
import { lossWPerK, vesselJPerK, type StillFigures } from "../still/stillFigures";
import { pressureAtAltitudePa } from "../water/atmosphere";
import { boilingPointC } from "../water/saturation";
import { chargeLevels, type ChargeLevels } from "./chargeLevels";
import { planWarnings } from "./planWarnings";
import type { Warning } from "./warning";

/** Where the still stands. */
export interface Site {
  altitudeM: number;
  airC: number;
  waterC: number;
  coolingInC: number;
}

/** What a person has and wants of it. */
export interface PlanInput {
  still: StillFigures;
  plant: Plant;
  state: PlantState;
  /** All the plant there is, g. */
  massG: number;
  method: Method;
  stop: StopRule;
  site: Site;
  /** The person's own number of charges; as many as the still needs where absent. */
  charges?: number;
  /** The person's own water for a charge, mL; enough with reserve where absent. */
  waterMl?: number;
}

/** One harvest shared out over equal charges, and what each will be like. */
export interface ChargePlan {
  method: Method;
  charges: number;
  chargeG: number;
  waterMl: number;
  /** Water that the run spends and keeps: what the plan would choose. */
  wantedWaterMl: number;
  limits: FillLimits;
  /** Most water beside this charge, mL. */
  mostWaterMl: number;
  levels: ChargeLevels;
  figures: StateFigures;
  request: ForecastRequest;
  /** The middle run of one charge, without ranges. */
  forecast: Forecast;
  warnings: Warning[];
}

/* The school's rule for steam: enough for the run and a quarter more, above the dry line. */
const reserveFactor = 1.25;

/**
 * Shares a harvest out over charges and fills the still for one of them.
 * @throws RangeError naming the field when a figure is out of range or the plant has no such state
 */
export function planCharges(input: PlanInput): ChargePlan {
  const { still, plant, state, massG, method } = input;
  if (!(massG > 0 && Number.isFinite(massG)))
    throw new RangeError(`massG must be above 0, got ${massG}`);
  const figures = plant.states[state];
  if (!figures) throw new RangeError(`state: ${plant.name} has no figures for ${state} plant`);
  const fill: Fill = {
    method,
    packingGPerL: figures.packingGPerL,
    waterMlPerG: state === "dried" ? plant.waterMlPerG.dried : plant.waterMlPerG.fresh,
    froths: plant.froths,
  };
  const limits = fillLimits(still.shape, fill);
  const needed = limits.chargeG > 0 ? Math.max(1, Math.ceil(massG / limits.chargeG - 1e-9)) : 1;
  const charges = input.charges ?? needed;
  const chargeG = massG / charges;
  const request = chargeRequest(input, chargeG);
  const most = mostWaterMl(still.shape, fill, chargeG);
  const wantedWaterMl = wantedWater(request, method === "hydro" ? fill.waterMlPerG * chargeG : 0);
  const waterMl = input.waterMl ?? Math.max(0, Math.min(wantedWaterMl, most));
  const filled = { ...request, waterMl };
  const forecast = forecastRun(filled, { samples: 1 });
  const levels = chargeLevels(still.shape, {
    method,
    waterMl,
    chargeG,
    packingGPerL: figures.packingGPerL,
  });
  const plan = {
    method,
    charges,
    chargeG,
    waterMl,
    wantedWaterMl,
    limits,
    mostWaterMl: most,
    levels,
    figures,
    request: filled,
    forecast,
  };
  return { ...plan, warnings: planWarnings(input, plan, needed) };
}

function chargeRequest(
  { still, plant, state, method, site, stop }: PlanInput,
  massG: number,
): ForecastRequest {
  const boilC = boilingPointC(pressureAtAltitudePa(site.altitudeM));
  return {
    method,
    material: { plantId: plant.id, state },
    massG,
    still: {
      heat: { ...still.heat, calibrated: still.heat.efficiency !== undefined },
      lossWPerK: lossWPerK(still, boilC, site.airC),
      vesselJPerK: vesselJPerK(still),
      dryLineMl: still.shape.dryLineMl,
      holdUpMl: still.holdUpMl,
    },
    waterMl: 0,
    site: {
      altitudeM: site.altitudeM,
      airC: site.airC,
      waterC: site.waterC,
      coolingInC: site.coolingInC,
    },
    stop,
  };
}

/** Water for the run and its reserve above the dry line, never less than the ratio asks, to 50 mL. */
function wantedWater(request: ForecastRequest, byRatioMl: number): number {
  const plenty = 1e7;
  const ample = { ...request, waterMl: plenty };
  const model = runModel(ample);
  const spent = forecastRun(ample, { samples: 1 }).distillateMl;
  const heldByPlant = plenty - model.freeWaterMl;
  const wanted = Math.max(
    byRatioMl,
    (request.still.dryLineMl ?? 0) + heldByPlant + reserveFactor * spent,
  );
  return Math.ceil(wanted / 50) * 50;
}
