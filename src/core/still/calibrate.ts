import { boilingPointC } from "../water/saturation";
import { latentHeat, waterHeatCapacity } from "../water/properties";
import { firstWhere } from "../numeric/firstWhere";
import { Refusal } from "../refusal";
import { minutesToHeat } from "./heatUp";

/** What was seen when a still ran with water alone. */
export interface WaterRun {
  /** Water in the pot at the start, mL. */
  waterMl: number;
  /** Water and still at the start, °C. */
  startC: number;
  airC: number;
  pressurePa: number;
  powerW: number;
  /** Heat capacity of the empty still, J/K. */
  vesselJPerK: number;
  /** From heat on to a full boil, min. */
  minutesToBoil: number;
  /** Distillate once it runs steadily, mL/min. */
  rateMlPerMin: number;
}

/** Which reading of a run with water cannot be. */
export type CalibrationProblem =
  | { code: "startNotBelowBoil"; startC: number; boilC: number }
  /** Later than this drip rate allows even without any loss. */
  | { code: "boilsTooLate"; minutesToBoil: number; slowestMinutes: number }
  | { code: "takesMorePower"; minutesToBoil: number; rateMlPerMin: number; powerW: number }
  | { code: "dripsTakeMore"; rateMlPerMin: number; neededW: number; powerW: number };

export class CalibrationRefusal extends Refusal<CalibrationProblem> {}

/** A still's own heat: what reaches the pot, and what the pot gives to the room. */
export interface Calibration {
  efficiency: number;
  lossWPerK: number;
}

/**
 * Solves efficiency and loss from a run with water: the drip rate tells what is left for boiling,
 * the heat-up time tells how much more there was on the way. The loss falls out of
 * `t = C / loss · ln(1 + loss (T − T₀) / net)`, which has one root, found by halving.
 * @throws CalibrationRefusal saying which reading cannot be; RangeError where one is not above 0
 */
export function calibrate(run: WaterRun): Calibration {
  const { waterMl, startC, airC, powerW, vesselJPerK, minutesToBoil, rateMlPerMin } = run;
  const positive = { waterMl, powerW, minutesToBoil, rateMlPerMin };
  for (const [name, value] of Object.entries(positive)) {
    if (!(value > 0 && Number.isFinite(value)))
      throw new RangeError(`${name} must be above 0, got ${value}`);
  }
  const boilC = boilingPointC(run.pressurePa);
  if (startC >= boilC) throw new CalibrationRefusal({ code: "startNotBelowBoil", startC, boilC });
  const netW = (rateMlPerMin * latentHeat(boilC)) / 60;
  const capacityJPerK = waterMl * waterHeatCapacity + vesselJPerK;
  const powerFor = (lossWPerK: number) => netW + lossWPerK * (boilC - airC);
  const minutes = (lossWPerK: number) =>
    minutesToHeat({ powerW: powerFor(lossWPerK), lossWPerK, capacityJPerK, airC }, startC, boilC);
  const slowest = minutes(0);
  if (minutesToBoil > slowest * 1.001) {
    throw new CalibrationRefusal({ code: "boilsTooLate", minutesToBoil, slowestMinutes: slowest });
  }
  const mostLoss = powerW / (boilC - airC);
  if (minutes(mostLoss) > minutesToBoil) {
    throw new CalibrationRefusal({ code: "takesMorePower", minutesToBoil, rateMlPerMin, powerW });
  }
  const lossWPerK = firstWhere([0, mostLoss], (loss) => minutes(loss) <= minutesToBoil, {
    halvings: 60,
  });
  const efficiency = powerFor(lossWPerK) / powerW;
  if (efficiency > 1) {
    throw new CalibrationRefusal({
      code: "dripsTakeMore",
      rateMlPerMin,
      neededW: powerFor(lossWPerK),
      powerW,
    });
  }
  return { efficiency, lossWPerK };
}
