import type { OilParts } from "../plant/oilParts";

/**
 * What of a distilled oil its water takes up, g of each compound. Balanced over all of them: with n mol
 * distilled into V litres and `c = φ S V / M`, the oil that stays an oil has N mol where
 * `Σ n / (N + c) = 1`, and `n c / (N + c)` is dissolved; all of it when `Σ n / c ≤ 1` (Raoult's law for
 * an oil that gives its alcohols to the water). Newton from below, where the sum is convex.
 * @param grams distilled, by the parts' order
 * @param litres of water, 0 or more
 * @param saturation φ, how near to saturated the water comes, 0 to 1
 */
export function dissolve(
  { compounds }: OilParts,
  grams: ArrayLike<number>,
  litres: number,
  saturation: number,
): Float64Array {
  const count = compounds.length;
  const dissolved = new Float64Array(count);
  if (!(litres > 0) || !(saturation > 0)) return dissolved;
  const moles = new Float64Array(count);
  const holds = new Float64Array(count);
  let fitting = 0;
  let stays = 0;
  for (let i = 0; i < count; i += 1) {
    const { molarMass, solubilityGPerL } = compounds[i]!;
    const n = grams[i]! / molarMass;
    const c = (saturation * solubilityGPerL * litres) / molarMass;
    moles[i] = n;
    holds[i] = c;
    if (n > 0) fitting += c > 0 ? n / c : Infinity;
    stays += Math.max(0, n - c);
  }
  if (fitting <= 1) {
    for (let i = 0; i < count; i += 1) dissolved[i] = grams[i]!;
    return dissolved;
  }
  for (let step = 0; step < 60; step += 1) {
    let value = -1;
    let slope = 0;
    for (let i = 0; i < count; i += 1) {
      if (moles[i] === 0) continue;
      const part = moles[i]! / (stays + holds[i]!);
      value += part;
      slope -= part / (stays + holds[i]!);
    }
    if (value <= 1e-9) break;
    stays -= value / slope;
  }
  for (let i = 0; i < count; i += 1)
    dissolved[i] = (grams[i]! * holds[i]!) / (stays + holds[i]! || 1);
  return dissolved;
}
