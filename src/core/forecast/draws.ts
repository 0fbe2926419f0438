import { lognormal, normalStream } from "../statistics/chance";
import type { RunModel } from "./runModel";
import type { Draw } from "./simulate";

/** The run that chance leaves alone. */
export function middleDraw({ material, efficiency, suspendedShare }: RunModel): Draw {
  const { low, high } = material.oilMlPerKg;
  return {
    oilMlPerKg: low === high ? low : lognormal(low, high, 0),
    freeShare: material.freeShare,
    releasePerMinute: material.releasePerMinute,
    washing: material.washing,
    efficiency,
    suspendedShare,
  };
}

/* How far the rest of the picture may be off: k half to double, κ 2 to 5, the free share by a tenth,
   an uncalibrated heat source by a tenth, the suspended share 5 to 40 %. All as 8-in-10 ranges. */
/** So many runs by chance: same model, samples and seed, same draws. */
export function draws(model: RunModel, samples: number, seed: number): Draw[] {
  const normal = normalStream(seed);
  const { material } = model;
  const heatSpread = model.request.still.heat.calibrated ? 1.03 : 1.1;
  const spread = (middle: number, factor: number) =>
    lognormal(middle / factor, middle * factor, normal());
  return Array.from({ length: samples }, () => ({
    oilMlPerKg: lognormal(material.oilMlPerKg.low, material.oilMlPerKg.high, normal()),
    freeShare: clamp(material.freeShare + 0.078 * normal(), 0.02, 0.98),
    releasePerMinute: spread(material.releasePerMinute, 2),
    washing: clamp(spread(material.washing, 1.4), 1, 8),
    efficiency: Math.min(1, spread(model.efficiency, heatSpread)),
    suspendedShare:
      model.suspendedShare === 0 ? 0 : clamp(spread(model.suspendedShare, 2), 0.05, 0.4),
  }));
}

function clamp(value: number, low: number, high: number): number {
  return Math.min(high, Math.max(low, value));
}
