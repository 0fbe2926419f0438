import type { ChargePlan } from "./chargePlan";
import { planCooling } from "../cooling/condenser";
import { forecastRun } from "../forecast/forecastRun";
import { receiverFit } from "../separation/receiver";
import { chargeLevels } from "./chargeLevels";
import { loadCharges } from "./loadCharges";
import type { PlanInput } from "./planInput";
import { planWarnings } from "./planWarnings";

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
    ...(input.keepPerKg === undefined ? {} : { keepMl: input.keepPerKg * chargeG }),
    ...(input.condenser
      ? {
          cooling: planCooling(input.condenser, {
            ...forecast,
            distillateMl: forecast.condensedMl,
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
