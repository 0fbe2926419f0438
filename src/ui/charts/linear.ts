/** A straight scale: the two ends of a quantity onto the two ends of a drawing. */
export function linear(
  [from, to]: readonly [number, number],
  [start, end]: readonly [number, number],
): (value: number) => number {
  const perUnit = (end - start) / (to - from || 1);
  return (value) => start + (value - from) * perUnit;
}
