import type { Warning } from "./warning";
import type { Percentiles } from "../statistics/chance";
import type { StoppedBy } from "./simulate";

/** What a run will be like. Times are minutes, null where they never come. */
export interface Forecast {
  boilC: number;
  minutesToBoil: number | null;
  minutesToFirstDrop: number | null;
  /** From the first drop to the stop. */
  runMinutes: number;
  stoppedBy: StoppedBy;
  /** Distillate, mL/min. */
  rateMlPerMin: number;
  distillateMl: number;
  /** What the cooling condenses for it, mL: more than the distillate where some runs back from a lid. */
  condensedMl: number;
  /** Where chance and an uncalibrated heat source may take the times and the distillate. */
  ranges: { distillateMl: Percentiles; minutesToFirstDrop: Percentiles; runMinutes: Percentiles };
  oil: {
    distilledMl: Percentiles;
    dissolvedG: Percentiles;
    suspendedMl: Percentiles;
    /** To be seen once the fine drops have settled. */
    visibleMl: Percentiles;
    /** To be seen before. */
    visibleAtOnceMl: Percentiles;
  };
  /** Of each compound, the middle run: distilled and, of that, dissolved, g. */
  compounds: Record<string, { distilledG: number; dissolvedG: number; potG: number }>;
  /** The jars of the middle run, by the request's cuts: its oil, what of it can be seen, what is in it. */
  cuts: {
    fromMl: number;
    toMl: number;
    oilG: number;
    visibleMl: number;
    /** Mass fractions of the oil that came over into it. */
    composition: Record<string, number>;
  }[];
  /** Dissolved in the pot's water at the end, out of the plant and not over, middle run, g. */
  potOilG: number;
  /** Of what settled, left on the tubes and never seen, middle run, mL. */
  onTubesMl: number;
  /** What lies in the receiver as oil, the whole middle run's, and what it is made of, mass fractions. */
  layer: { oilG: number; visibleMl: number; composition: Record<string, number> };
  /** Distilled oil as a share of what was in the plant, middle run. */
  recovery: number;
  /** Liquid left in the pot outside the plant, mL. */
  potLeftMl: number;
  /** Minutes from the first drop until the pot is at its dry line, null when no steam comes. */
  minutesToDryLine: number | null;
  saturationRatio: number;
  oilDensityGPerMl: number;
  oilLayer: "floats" | "sinks" | "hangs";
  cooling: { litres: number | null; iceKg: number };
  /** Energy drawn by the heat source, kWh. */
  energyKWh: number;
  /** The middle run: minutes from the first drop, distillate and oil so far. */
  curve: { minutes: number; distillateMl: number; oilG: number; headC: number }[];
  /** Oil distilled so far, mL, over the same minutes. */
  fan: ({ minutes: number } & Percentiles)[];
  warnings: Warning[];
}
