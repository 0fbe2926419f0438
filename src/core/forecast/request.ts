import type { Composition } from "../plant/oil";
import type { PlantState } from "../plant/plant";
import type { HeatKind } from "../still/heatSources";
import type { Method } from "../still/methods";
import type { StopRule } from "./stopRules";

/** How a material's oil lets go, where it is told; the plant's own or the usual (`defaults.ts`) where not. */
interface Letting {
  /** n: by which power of their vapour pressure compounds come, 0 to 2. */
  volatility?: number;
  /** q: by which power of their solubility they are released, 0 to 2. */
  hydrodiffusion?: number;
  /** η: how near to saturated with oil the steam leaves, 0 to 1. */
  steamSaturation?: number;
  /** Of the five acetates that boiling breaks, a minute; 0: none breaks. */
  esterLossPerMinute?: number;
  /** Water that its dry matter holds when it lies in water, g/g. */
  soakGPerGDry?: number;
}

/** What a plant of the book is like this time, where that was measured. */
interface Measured {
  /** Water share as charged, 0 to below 1: its oil lies in the same dry matter. */
  moisture?: number;
}

/** A plant from the catalogue, or its figures given in place. */
type ForecastMaterial =
  | ({ plantId: string; state?: PlantState } & Measured & Letting)
  | ({
      /** Oil in the plant as charged, mL/kg; 8 in 10 lie between. Equal ends: a run without chance. */
      oilMlPerKg: { low: number; high: number };
      /** Mass fractions by compound id. */
      composition: Composition;
      /** Share of the oil the first steam reaches, 0 to 1. */
      freeShare: number;
      /** Release of the bound share, per minute. */
      releasePerMinute: number;
      /** κ of the washing law. */
      washing?: number;
      /** Water share of the plant, 0 to below 1. */
      moisture: number;
    } & Letting);

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
    /** Loss of the whole still to the room, W/K. */
    lossWPerK?: number;
    /** Of that, what a plant vessel of its own loses: what condenses there never comes back to the boiler. */
    plantVesselLossWPerK?: number;
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
  /** φ: how near to saturated the water comes under its oil, 0 to 1. */
  waterSaturation?: number;
  /** Drops too fine ever to settle, mL a litre of distillate. */
  hazeMlPerL?: number;
  /** Water in a receiver whose hydrosol flows back, mL. */
  armMl?: number;
  /** Where jars are swapped, mL of distillate; each jar is balanced by itself. */
  cutsMl?: number[];
}
