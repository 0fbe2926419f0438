import type { CondenserTube } from "../cooling/capacity";
import { hotSurfaceMm2, potHeightMm, type StillShape } from "./geometry";
import { type HeatKind } from "./heatSources";
import { metals, type Metal } from "./metal";
import { surfaceLossWPerK } from "./surfaceLoss";
import type { TrapKeeps } from "./traps";

/** A still as the computation needs it. */
export interface StillFigures {
  shape: StillShape;
  metal: Metal;
  /** The empty still on a scale, g. */
  emptyMassG: number;
  heat: { kind: HeatKind; powerW: number; efficiency?: number };
  /** Measured loss, W/K; estimated from surface and metal where absent. */
  lossWPerK?: number;
  /** Oil that stays on the tubes, mL. */
  holdUpMl: number;
  /** The condenser's tube, where it was measured. */
  tube?: CondenserTube;
  /** Of a pot that locks: nothing shuts it while it distils. */
  ventsFreely?: true;
  /** Of a trap whose water runs back: which oils it keeps; those that float where absent. */
  trapKeeps?: TrapKeeps;
}

/** Heat capacity of the empty still, J/K. */
export function vesselJPerK({ emptyMassG, metal }: StillFigures): number {
  return emptyMassG * metals[metal].heatCapacity;
}

/** The still's loss to the room, W/K: as measured, or estimated for a bare still at the boil. */
export function lossWPerK(still: StillFigures, boilC: number, airC: number): number {
  return (
    still.lossWPerK ??
    surfaceLossWPerK(hotSurfaceMm2(still.shape), potHeightMm(still.shape), still.metal, boilC, airC)
  );
}
