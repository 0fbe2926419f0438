import type { BarePlant, Plant, PlantState, StateFigures, Tissue } from "../plant";

/**
 * How a tissue lets its oil go: free share and release per minute. Starting values of the
 * washing-then-diffusion picture; a person's own runs narrow the oil content beside them.
 */
const tissues: Record<Tissue, { freeShare: number; releasePerMinute: number }> = {
  surfaceGlands: { freeShare: 0.85, releasePerMinute: 0.03 },
  innerGlands: { freeShare: 0.4, releasePerMinute: 0.015 },
  zest: { freeShare: 0.8, releasePerMinute: 0.03 },
  crushedSeed: { freeShare: 0.5, releasePerMinute: 0.012 },
  needles: { freeShare: 0.45, releasePerMinute: 0.012 },
  rootWoodBark: { freeShare: 0.2, releasePerMinute: 0.004 },
  resin: { freeShare: 0.3, releasePerMinute: 0.006 },
  petals: { freeShare: 0.5, releasePerMinute: 0.03 },
  fruit: { freeShare: 0.7, releasePerMinute: 0.03 },
};

/* Water per gram of plant that swims, mL/g: what a swimming charge needs to move, and to soak. */
const usualWater: Record<Tissue, Plant["waterMlPerG"]> = {
  surfaceGlands: { fresh: 5, dried: 9 },
  innerGlands: { fresh: 5, dried: 9 },
  needles: { fresh: 5, dried: 9 },
  petals: { fresh: 5, dried: 9 },
  fruit: { fresh: 1.5, dried: 5 },
  zest: { fresh: 5, dried: 9 },
  crushedSeed: { fresh: 5, dried: 5 },
  rootWoodBark: { fresh: 6, dried: 6 },
  resin: { fresh: 4, dried: 4 },
};

/** Oil low and high (mL/kg), water share, and how much of it fills a litre (g). */
type StateRow = readonly [low: number, high: number, moisture: number, packing: number];

type Description = Omit<
  BarePlant,
  "states" | "freeShare" | "releasePerMinute" | "froths" | "waterMlPerG"
> & {
  states: Partial<Record<PlantState, StateRow>>;
  froths?: boolean;
  waterMlPerG?: Plant["waterMlPerG"];
};

/** A plant from a short description: its tissue stands for how it lets its oil go. */
export function describe({
  tissue,
  states,
  froths = false,
  waterMlPerG,
  ...rest
}: Description): BarePlant {
  const figures = Object.entries(states).map(
    ([state, [low, high, moisture, packingGPerL]]): [string, StateFigures] => [
      state,
      { oilMlPerKg: { low, high }, moisture, packingGPerL },
    ],
  );
  return {
    ...rest,
    tissue,
    ...tissues[tissue],
    froths,
    waterMlPerG: waterMlPerG ?? usualWater[tissue],
    states: Object.fromEntries(figures),
  };
}
