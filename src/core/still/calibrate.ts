import { boilingPointC } from "../water/saturation";
import { latentHeat, waterHeatCapacity } from "../water/properties";
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

/** A still's own heat: what reaches the pot, and what the pot gives to the room. */
export interface Calibration {
  efficiency: number;
  lossWPerK: number;
}

/**
 * Solves efficiency and loss from a run with water: the drip rate tells what is left for boiling,
 * the heat-up time tells how much more there was on the way. The loss falls out of
 * `t = C / loss · ln(1 + loss (T − T₀) / net)`, which has one root, found by halving.
 * @throws RangeError naming the reading that cannot be and what to do
 */
export function calibrate(run: WaterRun): Calibration {
  const { waterMl, startC, airC, powerW, vesselJPerK, minutesToBoil, rateMlPerMin } = run;
  const positive = { waterMl, powerW, minutesToBoil, rateMlPerMin };
  for (const [name, value] of Object.entries(positive)) {
    if (!(value > 0 && Number.isFinite(value)))
      throw new RangeError(`${name} must be above 0, got ${value}`);
  }
  const boilC = boilingPointC(run.pressurePa);
  if (startC >= boilC) throw new RangeError(`startC: ${startC} °C is not below the boil`);
  const netW = (rateMlPerMin * latentHeat(boilC)) / 60;
  const capacityJPerK = waterMl * waterHeatCapacity + vesselJPerK;
  const powerFor = (lossWPerK: number) => netW + lossWPerK * (boilC - airC);
  const minutes = (lossWPerK: number) =>
    minutesToHeat({ powerW: powerFor(lossWPerK), lossWPerK, capacityJPerK, airC }, startC, boilC);
  const slowest = minutes(0);
  if (minutesToBoil > slowest * 1.001) {
    throw new RangeError(
      `minutesToBoil: ${minutesToBoil.toFixed(0)} min is longer than the ${slowest.toFixed(0)} min that this drip rate allows even without any loss. Was the heat turned up after the boil, or the water more than said?`,
    );
  }
  let [low, high] = [0, powerW / (boilC - airC)];
  if (minutes(high) > minutesToBoil) {
    throw new RangeError(
      `minutesToBoil: to boil in ${minutesToBoil.toFixed(0)} min and then give ${rateMlPerMin.toFixed(1)} mL/min takes more than ${powerW.toFixed(0)} W. Check the power, or count the drips again at the same heat.`,
    );
  }
  for (let step = 0; step < 60; step += 1) {
    const middle = (low + high) / 2;
    if (minutes(middle) > minutesToBoil) low = middle;
    else high = middle;
  }
  const lossWPerK = (low + high) / 2;
  const efficiency = powerFor(lossWPerK) / powerW;
  if (efficiency > 1) {
    throw new RangeError(
      `rateMlPerMin: ${rateMlPerMin.toFixed(1)} mL/min takes ${powerFor(lossWPerK).toFixed(0)} W, more than the ${powerW.toFixed(0)} W that are said to go in. Check the power.`,
    );
  }
  return { efficiency, lossWPerK };
}
