/** A body that is heated at a steady power and loses to the air in proportion. */
export interface HeatUp {
  /** Power that arrives, W. */
  powerW: number;
  /** Loss to the air, W/K. */
  lossWPerK: number;
  /** Heat capacity of all that warms, J/K. */
  capacityJPerK: number;
  airC: number;
}

/**
 * Minutes to bring it from one temperature to another; Infinity when the loss wins before that.
 * Closed solution of `C dT/dt = P − loss (T − air)`.
 */
export function minutesToHeat(
  { powerW, lossWPerK, capacityJPerK, airC }: HeatUp,
  fromC: number,
  toC: number,
): number {
  if (toC <= fromC) return 0;
  const netAtEnd = powerW - lossWPerK * (toC - airC);
  if (netAtEnd <= 0) return Infinity;
  if (lossWPerK === 0) return (capacityJPerK * (toC - fromC)) / powerW / 60;
  const netAtStart = powerW - lossWPerK * (fromC - airC);
  return ((capacityJPerK / lossWPerK) * Math.log(netAtStart / netAtEnd)) / 60;
}
