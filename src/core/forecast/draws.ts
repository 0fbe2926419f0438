import { extraction } from "../plant/usualRelease";
import { lognormal, normalStream, p90Deviations } from "../statistics/chance";
import type { RunModel } from "./runModel";

/** What chance decides about one run. */
export interface Draw {
  oilMlPerKg: number;
  freeShare: number;
  releasePerMinute: number;
  washing: number;
  /** n, η and φ of the model (see `defaults.ts`). */
  volatility: number;
  steamSaturation: number;
  waterSaturation: number;
  efficiency: number;
  suspendedShare: number;
  hazeMlPerL: number;
  /** With bowl and lid: share of the steam, and of the oil, that ends in the bowl. */
  bowlWater: number;
  bowlOil: number;
}

/** The run that chance leaves alone. */
export function middleDraw({ material, ...model }: RunModel): Draw {
  const { low, high } = material.oilMlPerKg;
  return {
    oilMlPerKg: low === high ? low : lognormal(low, high, 0),
    freeShare: material.freeShare,
    releasePerMinute: material.releasePerMinute,
    washing: material.washing,
    volatility: material.volatility,
    steamSaturation: material.steamSaturation,
    waterSaturation: model.waterSaturation,
    efficiency: model.efficiency,
    suspendedShare: model.suspendedShare,
    hazeMlPerL: model.hazeMlPerL,
    bowlWater: extraction.bowlWater.usual,
    bowlOil: extraction.bowlOil.usual,
  };
}

/* What `defaults.ts` gives no ends for, as 8-in-10 ranges: k half to double and the free share a tenth
   either way (fits of washing and diffusion to timed yields scatter so); heat 10 % where the still was
   not calibrated and 3 % where it was (what three readings of a run with water leave open). */
const releaseFactor = 2;
const freeDeviation = 0.078;
const heatFactor = { calibrated: 1.03, usual: 1.1 };

/** So many runs by chance: same model, samples and seed, same draws. */
export function draws(model: RunModel, samples: number, seed: number): Draw[] {
  const normal = normalStream(seed);
  const { material } = model;
  const heat = model.request.still.heat.calibrated ? heatFactor.calibrated : heatFactor.usual;
  const spread = (middle: number, factor: number) =>
    lognormal(middle / factor, middle * factor, normal());
  /** About the middle as the ends of a usual range lie about its own, a share kept below 1. */
  const about = (middle: number, { usual, low, high }: Usual) => {
    const deviation = normal();
    if (middle === 0) return 0;
    const factor = deviation < 0 ? usual / low : high / usual;
    return middle * factor ** (deviation / p90Deviations);
  };
  return Array.from({ length: samples }, () => ({
    oilMlPerKg: lognormal(material.oilMlPerKg.low, material.oilMlPerKg.high, normal()),
    freeShare: clamp(material.freeShare + freeDeviation * normal(), 0.02, 0.98),
    releasePerMinute: spread(material.releasePerMinute, releaseFactor),
    washing: clamp(about(material.washing, extraction.washing), 1, 10),
    efficiency: Math.min(1, spread(model.efficiency, heat)),
    suspendedShare: clamp(about(model.suspendedShare, extraction.suspendedShare), 0, 0.6),
    volatility: clamp(about(material.volatility, extraction.volatility), 0, 1.2),
    steamSaturation: Math.min(1, about(material.steamSaturation, extraction.steamSaturation)),
    waterSaturation: Math.min(
      1,
      about(
        model.waterSaturation,
        model.returns ? extraction.waterSaturationFlowing : extraction.waterSaturationJar,
      ),
    ),
    hazeMlPerL: about(model.hazeMlPerL, extraction.hazeMlPerL),
    bowlWater: clamp(about(extraction.bowlWater.usual, extraction.bowlWater), 0.1, 0.95),
    bowlOil: clamp(about(extraction.bowlOil.usual, extraction.bowlOil), 0.05, 0.95),
  }));
}

interface Usual {
  usual: number;
  low: number;
  high: number;
}

function clamp(value: number, low: number, high: number): number {
  return Math.min(high, Math.max(low, value));
}
