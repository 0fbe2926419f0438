import type { Method } from "../still/methods";
import { cylinderHeightMm, levelMm, potHeightMm, type StillShape } from "../still/geometry";

/** Where everything stands in the loaded still, mm above the pot's (or vessel's) floor. */
export interface ChargeLevels {
  potHeightMm: number;
  /** Surface of the water, or of water and plant together in hydro distillation. */
  liquidMm: number;
  dryLineMm: number;
  /** Bottom and top of the plant: in the pot for a basket, in its own vessel else. */
  chargeFromMm: number;
  chargeToMm: number;
  /** Free height above the charge (never below 0), or above the liquid in hydro distillation. */
  headspaceMm: number;
}

/** Levels of one charge in a still. */
export function chargeLevels(
  shape: StillShape,
  charge: { method: Method; waterMl: number; chargeG: number; packingGPerL: number },
): ChargeLevels {
  const height = potHeightMm(shape);
  const dryLineMm = levelMm(shape, shape.dryLineMl);
  const holder = shape.vessel ?? shape.basket;
  if (charge.method !== "steam" || !holder) {
    /* Swimming plant takes about its own mass in volume. */
    const liquidMm = levelMm(shape, charge.waterMl + charge.chargeG);
    return {
      potHeightMm: height,
      liquidMm,
      dryLineMm,
      chargeFromMm: 0,
      chargeToMm: liquidMm,
      headspaceMm: Math.max(0, (shape.bowl?.floorMm ?? height) - liquidMm),
    };
  }
  const floor = shape.vessel ? 0 : (shape.basket?.floorMm ?? 0);
  const chargeMm = cylinderHeightMm(
    (charge.chargeG / charge.packingGPerL) * 1000,
    holder.diameterMm,
  );
  const holderMm = cylinderHeightMm(holder.volumeMl, holder.diameterMm);
  return {
    potHeightMm: height,
    liquidMm: levelMm(shape, charge.waterMl),
    dryLineMm,
    chargeFromMm: floor,
    chargeToMm: floor + chargeMm,
    headspaceMm: Math.max(0, holderMm - chargeMm),
  };
}
