import type { Composition } from "../plant/oil";
import type { PlantState } from "../plant/plant";
import type { HeatKind } from "../still/heatSources";
import type { Method } from "../still/methods";
import type { StopRule } from "./stopRules";

/** A plant from the catalogue, or its figures given in place. */
type ForecastMaterial =
  | { plantId: string; state?: PlantState }
  | {
      /** Oil in the plant as charged, mL/kg; 8 in 10 lie between. Equal ends: a run without chance. */
      oilMlPerKg: { low: number; high: number };
      /** Mass fractions by compound id. */
      composition: Composition;
      /** Share of the oil the first steam reaches, 0 to 1. */
      freeShare: number;
      /** Release of the bound share, per minute. */
      releasePerMinute: number;
      /** κ of the washing law; 3 unless told. */
      washing?: number;
      /** Water share of the plant, 0 to below 1. */
      moisture: number;
    };

/** All that one run's forecast depends on. */
export interface ForecastRequest {
  method: Method;
  material: ForecastMaterial;
  massG: number;
  still: {
    heat: {
      powerW: number;
      /** Power once the first drop has come; as before where absent. */
      runPowerW?: number;
      kind?: HeatKind;
      efficiency?: number;
      calibrated?: boolean;
    };
    lossWPerK?: number;
    vesselJPerK?: number;
    dryLineMl?: number;
    holdUpMl?: number;
  };
  waterMl: number;
  site?: {
    altitudeM?: number;
    /** A barometer's reading; beats the altitude. */
    pressurePa?: number;
    airC?: number;
    waterC?: number;
    coolingInC?: number;
    coolingOutC?: number;
  };
  stop: StopRule;
  /** Share of the undissolved oil that arrives as fine droplets, 0 to 1. */
  suspendedShare?: number;
}
