import { extraction } from "../plant/usualRelease";
import { dissolve } from "../extraction/dissolve";
import type { Draw } from "./draws";
import type { RunModel } from "./runModel";

/** Where a distilled oil is: in the water, as fine drops, or to be seen. */
export interface OilBalance {
  dissolvedG: number;
  /** Fine drops, of which the haze never settles. */
  suspendedMl: number;
  /** To be seen once the fine drops have settled. */
  visibleMl: number;
  /** To be seen before. */
  visibleAtOnceMl: number;
  /** Drops that never settle, and what stays on the tubes, mL. */
  hazeMl: number;
  onTubesMl: number;
  /** What each jar shows once it has settled, mL: the first wets the tubes, the others find them wet. */
  inJarsMl: number[];
}

/** One jar: what came over into it, g by compound, and how much water with it, mL. */
export interface Jar {
  grams: Float64Array;
  distillateMl: number;
}

/**
 * Where so much distilled oil is, jar by jar: each jar's water is balanced with the oil in it alone,
 * and the first dissolves the most of the alcohols. Where the hydrosol flows back it keeps no oil,
 * since boiling strips it again: only the receiver's own water dissolves any or holds haze. What stays
 * on the tubes is never seen.
 */
export function oilBalance(
  model: RunModel,
  jars: readonly Jar[],
  draw: Pick<Draw, "waterSaturation" | "suspendedShare" | "hazeMlPerL">,
): OilBalance & { dissolved: Float64Array } {
  const { parts } = model.material;
  const dissolved = new Float64Array(parts.ids.length);
  let suspendedMl = 0;
  let settledMl = 0;
  let atOnceMl = 0;
  let hazeAllMl = 0;
  let onTubesMl = model.request.still.holdUpMl ?? 0;
  const inJarsMl: number[] = [];
  for (const { grams, distillateMl } of jars) {
    const litres = (model.returns ? Math.min(model.armMl, distillateMl) : distillateMl) / 1000;
    const inWater = dissolve(parts, grams, litres, draw.waterSaturation);
    let undissolvedMl = 0;
    for (let i = 0; i < inWater.length; i += 1) {
      dissolved[i]! += inWater[i]!;
      undissolvedMl += (grams[i]! - inWater[i]!) / parts.compounds[i]!.densityGPerMl;
    }
    const hazeMl = Math.min(draw.hazeMlPerL * litres, extraction.hazeMost * undissolvedMl);
    const fineMl = Math.max(hazeMl, draw.suspendedShare * undissolvedMl);
    suspendedMl += fineMl;
    hazeAllMl += hazeMl;
    settledMl += undissolvedMl - hazeMl;
    const wetsMl = Math.min(onTubesMl, undissolvedMl - hazeMl);
    onTubesMl -= wetsMl;
    inJarsMl.push(undissolvedMl - hazeMl - wetsMl);
    atOnceMl += undissolvedMl - fineMl;
  }
  const holdUpMl = model.request.still.holdUpMl ?? 0;
  return {
    dissolved,
    dissolvedG: dissolved.reduce((sum, grams) => sum + grams, 0),
    suspendedMl,
    visibleMl: Math.max(0, settledMl - holdUpMl),
    visibleAtOnceMl: Math.max(0, atOnceMl - holdUpMl),
    hazeMl: hazeAllMl,
    onTubesMl: Math.min(holdUpMl, settledMl),
    inJarsMl,
  };
}
