import type { ForecastRequest } from "@/core/forecast/request";
import type { ExerciseAsk, PlannedFault } from "@/core/practice/exercise";
import type { StillTraits } from "@/core/practice/faults";

/** Seven hundred grams of fresh lavender over steam, on a gas flame that is known. */
export const practiceRequest: ForecastRequest = {
  method: "steam",
  material: { plantId: "lavender", state: "fresh" },
  massG: 700,
  still: {
    heat: { powerW: 2000, kind: "gas", efficiency: 0.6 },
    lossWPerK: 1.5,
    vesselJPerK: 2000,
    dryLineMl: 500,
  },
  waterMl: 3500,
  stop: { perKg: 1 },
};

/** A pot on gas with a coil in a tub and a jar of a litre. */
export const practiceTraits: StillTraits = {
  catches: "jar",
  cooledBy: "tub",
  flows: false,
  flame: true,
  gas: true,
  steamLine: false,
  valve: false,
  inWater: false,
  layer: "floats",
  jarMl: 1000,
};

/** What an exercise on that still is asked, with what goes wrong. */
export function practiceAsk(
  faults: readonly PlannedFault[],
  part: Partial<ExerciseAsk> = {},
): ExerciseAsk {
  return {
    request: practiceRequest,
    condenser: { kind: "tubCoil", tubL: 20, iceKg: 2 },
    traits: practiceTraits,
    seed: 5,
    faults,
    ...part,
  };
}
