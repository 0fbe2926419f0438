import { p90Deviations } from "../statistics/chance";
import { compounds } from "../plant/compounds";
import { refractiveIndices } from "../plant/refractiveIndices";
import type { Composition } from "../plant/oil";

/** From the low to the high end, 8 in 10 between. */
export type Band = [low: number, high: number];

/* Shares of an oil's compounds differ by so much of themselves from one still and year to the next. */
const shareDeviation = 0.25;
/* What handbooks leave open; and how far what is not named by itself may lie from what is. */
const leastDeviation = { density: 0.006, index: 0.0025 };
const unnamedDeviation = { density: 0.06, index: 0.012 };

/** Density of an oil at 20 °C, g/mL, as wide as its make-up usually varies. */
export function densityBand(composition: Composition): Band {
  const band = bandOf(composition, (id) => 1 / compounds[id]!.densityGPerMl, "density");
  return [1 / band[1], 1 / band[0]];
}

/** Refractive index of an oil at 20 °C (by volume, Arago and Biot), as wide as its make-up usually varies. */
export function refractiveBand(composition: Composition): Band {
  const byVolume = Object.fromEntries(
    Object.entries(composition).flatMap(([id, share]) => {
      const compound = compounds[id];
      return compound ? [[id, share / compound.densityGPerMl]] : [];
    }),
  );
  return bandOf(byVolume, (id) => refractiveIndices[id]!, "index", unnamedShare(composition));
}

function unnamedShare(composition: Composition): number {
  return Math.max(0, 1 - Object.values(composition).reduce((sum, share) => sum + share, 0));
}

function bandOf(
  shares: Composition,
  figure: (id: string) => number,
  of: keyof typeof leastDeviation,
  unnamed = unnamedShare(shares),
): Band {
  const named = Object.entries(shares).filter(([id, share]) => share > 0 && compounds[id]);
  const whole = named.reduce((sum, [, share]) => sum + share, 0);
  const middle = named.reduce((sum, [id, share]) => sum + (share / whole) * figure(id), 0);
  const variance = named.reduce(
    (sum, [id, share]) => sum + (shareDeviation * (share / whole) * (figure(id) - middle)) ** 2,
    leastDeviation[of] ** 2 + (unnamed * unnamedDeviation[of]) ** 2,
  );
  const reach = p90Deviations * Math.sqrt(variance);
  return [middle - reach, middle + reach];
}
