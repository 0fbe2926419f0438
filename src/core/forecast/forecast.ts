import type { Warning } from "../plan/warning";
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
  /** Where chance and an uncalibrated heat source may take the times and the distillate. */
  ranges: { distillateMl: Percentiles; minutesToFirstDrop: Percentiles; runMinutes: Percentiles };
  oil: {
    distilledMl: Percentiles;
    dissolvedG: Percentiles;
    suspendedMl: Percentiles;
    visibleMl: Percentiles;
  };
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
  curve: { minutes: number; distillateMl: number; oilG: number }[];
  /** Oil distilled so far, mL, over the same minutes. */
  fan: ({ minutes: number } & Percentiles)[];
  warnings: Warning[];
}
