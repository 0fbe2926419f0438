import { planCooling, type CoolingPlan } from "../cooling/condenser";
import { forecastRun, type Forecast } from "../forecast/forecastRun";
import type { ForecastRequest } from "../forecast/request";
import { receiverFit, type ReceiverFit } from "../separation/receiver";
import type { FillLimits } from "../still/fillLimits";
import type { Method } from "../still/methods";
import { chargeLevels, type ChargeLevels } from "./chargeLevels";
import type { ChargeMaterial } from "./chargeMaterial";
import { loadCharges } from "./loadCharges";
import type { PlanInput } from "./planInput";
import { planWarnings } from "./planWarnings";
import type { Warning } from "./warning";

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
  const { still, massG, method } = input;
  if (!(massG > 0 && Number.isFinite(massG)))
    throw new RangeError(`massG must be above 0, got ${massG}`);
  const { figures, limits, needed, charges, chargeG, filled, waterMl, wantedWaterMl, most } =
    loadCharges(input);
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
