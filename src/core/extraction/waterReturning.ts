import type { OilParts } from "../plant/oilParts";

/** An arm in which the distillate lies under its oil before its water runs back. */
export interface Returns {
  /** φ: how far the water comes on its way to what the layer would saturate it with, 0 to 1. */
  waterSaturation: number;
}

/* The layer's size is looked for until it moves by less than this share of itself. */
const layerPrecision = 1e-3;
const mostRounds = 40;
/* Less than this share of all there is, in moles, is no layer yet to begin from. */
const hardlyAny = 1e-3;
const leastMoles = 1e-12;

/**
 * What goes over from the pot and what runs back to it, in place: a compound arrives dissolved as far as its water
 * holds it, the rest as oil, and leaves the arm with `c_in + φ (x S − c_in)`. Layer and pot are worked out together at
 * the step's end, so that a layer that is just forming is no trouble: for a given size of the layer each compound has
 * a closed answer, and the size is found by turns.
 * @param volatilities K of each compound over the pot's water
 * @param steam g/min, above 0
 * @returns carries a charge's state on (free, bound, over, in the pot, each by compound, g) by some minutes over so much water in the pot, g
 */
export function waterReturning(
  { compounds }: OilParts,
  volatilities: readonly number[],
  { waterSaturation: phi }: Returns,
  steam: number,
): (state: Float64Array, minutes: number, potG: number) => void {
  const count = compounds.length;
  const [over, inPot] = [2 * count, 3 * count];
  /* What of each the arriving water holds at most, g/min, and moles in a gram. */
  const holds = compounds.map(({ solubilityGPerL }) => (steam / 1000) * solubilityGPerL);
  const moles = compounds.map(({ molarMass }) => 1 / molarMass);
  const layers = new Float64Array(count);

  function settle(state: Float64Array, layerMoles: number, minutes: number, perVolatility: number) {
    let sum = 0;
    for (let i = 0; i < count; i += 1) {
      const layer = state[over + i]!;
      const both = layer + state[inPot + i]!;
      if (both <= 0) {
        layers[i] = 0;
        continue;
      }
      const off = volatilities[i]! * perVolatility;
      const back = (holds[i]! * moles[i]!) / layerMoles;
      let next = (layer + minutes * phi * off * both) / (1 + minutes * phi * (off + back));
      /* Where more comes than its water holds, the rest is oil at once. */
      if (off * (both - next) > holds[i]!) {
        const held = (1 - phi) * holds[i]!;
        next = (layer + minutes * (off * both - held)) / (1 + minutes * (off + phi * back));
        next = Math.min(both, Math.max(0, next));
      }
      layers[i] = next;
      sum += next * moles[i]!;
    }
    return sum;
  }

  return (state, minutes, potG) => {
    let guess = 0;
    let inAll = 0;
    for (let i = 0; i < count; i += 1) {
      guess += state[over + i]! * moles[i]!;
      inAll += state[inPot + i]! * moles[i]!;
    }
    inAll += guess;
    if (!(inAll > 0)) return;
    /* What lies there already is near to what will; where nothing does, all may. */
    if (guess < hardlyAny * inAll) guess = inAll;
    for (let round = 0; round < mostRounds; round += 1) {
      const next = settle(state, guess, minutes, steam / potG);
      const settled = Math.abs(next - guess) <= layerPrecision * guess;
      guess = Math.max(next, leastMoles);
      if (settled) break;
    }
    for (let i = 0; i < count; i += 1) {
      state[inPot + i]! += state[over + i]! - layers[i]!;
      state[over + i] = layers[i]!;
    }
  };
}
