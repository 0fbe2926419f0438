/** How closely the place is wanted: so many halvings, or down to a width. */
type Closeness = { halvings: number } | { width: number };

/**
 * Where a yes begins: the place between two ends from which on `holds` answers true, found by halving.
 * `holds` must be false at first and true from some place on; where it never is, that is the high end.
 * The place given lies within the last half on the true side.
 */
export function firstWhere(
  [from, to]: readonly [low: number, high: number],
  holds: (x: number) => boolean,
  closeness: Closeness = { halvings: 50 },
): number {
  let [low, high] = [from, to];
  const enough = (step: number) =>
    "width" in closeness ? high - low <= closeness.width : step >= closeness.halvings;
  for (let step = 0; !enough(step); step += 1) {
    const middle = (low + high) / 2;
    if (holds(middle)) high = middle;
    else low = middle;
  }
  return high;
}
