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
  /* Written so that no loss and a hair of loss are the same case. */
  const lost = (lossWPerK * (toC - fromC)) / netAtEnd;
  const slowing = lost > 1e-12 ? Math.log1p(lost) / lost : 1;
  return ((capacityJPerK * (toC - fromC)) / netAtEnd / 60) * slowing;
}
