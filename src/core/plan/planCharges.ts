import { planCooling, type CoolingPlan } from "../cooling/condenser";
import { forecastRun, type Forecast } from "../forecast/forecastRun";
import type { ForecastRequest } from "../forecast/request";
import { receiverFit, type ReceiverFit } from "../separation/receiver";
import {
  fillLimits,
  mostWaterMl,
  type Fill,
  type FillLimits,
  type Method,
} from "../still/fillLimits";
import { lossWPerK, vesselJPerK } from "../still/stillFigures";
import { pressureAtAltitudePa } from "../water/atmosphere";
import { boilingPointC } from "../water/saturation";
import { chargeLevels, type ChargeLevels } from "./chargeLevels";
import { chargeMaterial, type ChargeMaterial } from "./chargeMaterial";
import { runPowerW } from "./pace";
import type { PlanInput } from "./planInput";
import { planWarnings } from "./planWarnings";
import type { Warning } from "./warning";
import { waterByRule, waterWithReserve } from "./wantedWater";

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
  figures: ChargeMaterial;
  request: ForecastRequest;
  /** The middle run of one charge, without ranges. */
  forecast: Forecast;
  /** Cooling of one charge, where the condenser is known. */
  cooling?: CoolingPlan;
  /** How the middle run's oil gets on in the receiver, where that is known. */
  receiver?: ReceiverFit;
  warnings: Warning[];
}

/**
 * Shares a harvest out over charges and fills the still for one of them.
 * @throws RangeError naming the field when a figure is out of range or the plant has no such state
 */
export function planCharges(input: PlanInput): ChargePlan {
  const { still, plant, state, massG, method } = input;
  if (!(massG > 0 && Number.isFinite(massG)))
    throw new RangeError(`massG must be above 0, got ${massG}`);
  const figures = chargeMaterial(input);
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
  const request = chargeRequest(input, figures, chargeG);
  const most = mostWaterMl(still.shape, fill, chargeG);
  const wantedWaterMl = waterWithReserve(request, waterByRule(input, fill, chargeG, most));
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
    ...(input.condenser
      ? {
          cooling: planCooling(input.condenser, {
            ...forecast,
            coolingInC: input.site.coolingInC,
          }),
        }
      : {}),
    ...(input.receiver
      ? {
          receiver: receiverFit(
            input.receiver,
            { layer: forecast.oilLayer, densityGPerMl: forecast.oilDensityGPerMl },
            forecast.oil.visibleMl.p50,
          ),
        }
      : {}),
  };
  return { ...plan, warnings: planWarnings(input, plan, needed) };
}

function middleOil({ low, high }: ChargeMaterial["oilMlPerKg"]): number {
  return Math.sqrt(low * high);
}

function chargeRequest(
  { still, plant, method, site, stop, worthShare, pace = "brisk" }: PlanInput,
  figures: ChargeMaterial,
  massG: number,
): ForecastRequest {
  const boilC = boilingPointC(pressureAtAltitudePa(site.altitudeM));
  const { oilMlPerKg, freeShare, releasePerMinute, moisture } = figures;
  const request: ForecastRequest = {
    method,
    material: {
      oilMlPerKg,
      composition: plant.composition,
      freeShare,
      releasePerMinute,
      moisture,
    },
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
    stop:
      worthShare !== undefined && stop.worthMlPer10Min === undefined
        ? { ...stop, worthMlPer10Min: (worthShare * middleOil(oilMlPerKg) * massG) / 1000 }
        : stop,
  };
  const turnedDown = runPowerW(request, pace);
  if (turnedDown !== undefined) request.still.heat.runPowerW = turnedDown;
  return request;
}
