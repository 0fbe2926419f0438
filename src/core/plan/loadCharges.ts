import { extraction } from "../plant/usualRelease";
import { middleRun } from "../forecast/forecastRun";
import { receivers } from "../separation/receivers";
import { plantVesselShare } from "../still/geometry";
import type { ForecastRequest } from "../forecast/request";
import { fillLimits, mostWaterMl, type Fill } from "../still/fillLimits";
import { lossWPerK, vesselJPerK } from "../still/stillFigures";
import { pressureAtAltitudePa } from "../water/atmosphere";
import { boilingPointC } from "../water/saturation";
import { asMaterial } from "../forecast/asMaterial";
import { chargeMaterial, type ChargeMaterial } from "./chargeMaterial";
import { runPowerW } from "../forecast/pace";
import type { PlanInput } from "./planInput";
import { plentyOfWaterMl, usualWorthMl } from "./usualWorth";
import { waterByRule, waterWithReserve } from "./wantedWater";

/**
 * How a harvest is shared out and one charge is loaded, before it is forecast.
 * @throws RangeError when the plant has no such state
 */
export function loadCharges(input: PlanInput) {
  const { still, massG } = input;
  const figures = chargeMaterial(input);
  const fill = fillOf(input, figures);
  const limits = fillLimits(still.shape, fill);
  const needed = limits.chargeG > 0 ? Math.max(1, Math.ceil(massG / limits.chargeG - 1e-9)) : 1;
  const charges = input.charges ?? needed;
  const chargeG = massG / charges;
  const request = chargeRequest(input, figures, chargeG);
  const most = mostWaterMl(still.shape, fill, chargeG);
  const wantedWaterMl = waterWithReserve(request, waterByRule(input, fill, chargeG, most));
  const waterMl = input.waterMl ?? Math.max(0, Math.min(wantedWaterMl, most));
  const filled = { ...request, waterMl };
  return {
    figures: { ...figures, packingGPerL: fill.packingGPerL },
    limits,
    needed,
    charges,
    chargeG,
    filled,
    waterMl,
    wantedWaterMl,
    most,
  };
}

/** What the still's limits depend on: the book's packing and the craft's fill, or this person's own. */
export function fillOf(
  { method, plant, state, ownFill }: Pick<PlanInput, "method" | "plant" | "state" | "ownFill">,
  { packingGPerL }: Pick<ChargeMaterial, "packingGPerL">,
): Fill {
  return {
    method,
    packingGPerL: ownFill?.packingGPerL ?? packingGPerL,
    fillShare: ownFill?.fillShare,
    waterMlPerG: state === "dried" ? plant.waterMlPerG.dried : plant.waterMlPerG.fresh,
    froths: plant.froths,
  };
}

function chargeRequest(
  {
    still,
    plant,
    method,
    site,
    stop,
    worthShare,
    keepPerKg,
    keepFirst,
    receiver,
    pace = "brisk",
    rateMlPerMin,
  }: PlanInput,
  figures: ChargeMaterial,
  massG: number,
): ForecastRequest {
  const boilC = boilingPointC(pressureAtAltitudePa(site.altitudeM));
  const loss = lossWPerK(still, boilC, site.airC);
  const request: ForecastRequest = {
    method,
    material: asMaterial(figures, plant),
    massG,
    still: {
      heat: { ...still.heat, calibrated: still.heat.efficiency !== undefined },
      lossWPerK: loss,
      ...(still.shape.vessel ? { plantVesselLossWPerK: loss * plantVesselShare(still.shape) } : {}),
      vesselJPerK: vesselJPerK(still),
      dryLineMl: still.shape.dryLineMl,
      holdUpMl: still.holdUpMl,
    },
    waterMl: 0,
    ...(receiver && receivers[receiver.kind].flows
      ? { waterSaturation: extraction.waterSaturationFlowing.usual }
      : {}),
    site: {
      altitudeM: site.altitudeM,
      airC: site.airC,
      waterC: site.waterC,
      coolingInC: site.coolingInC,
    },
    stop,
  };
  const turnedDown = runPowerW(request, pace, rateMlPerMin);
  if (turnedDown !== undefined) request.still.heat.runPowerW = turnedDown;
  if (worthShare !== undefined && stop.worthMlPer10Min === undefined)
    request.stop = {
      ...stop,
      worthMlPer10Min: usualWorthMl(request, figures.oilMlPerKg, worthShare),
    };
  /* Where the oil is done before the hydrosol is, the hydrosol ends the run. */
  if (keepFirst && keepPerKg !== undefined) {
    const { distillateMl } = middleRun({ ...request, waterMl: plentyOfWaterMl });
    if (distillateMl < keepPerKg * massG) request.stop = { perKg: keepPerKg };
  }
  return request;
}
