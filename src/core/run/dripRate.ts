/* Five drops are enough for a rate; more make it steadier. */
export const dropsForRate = 5;

/**
 * Drip rate from the moments at which drops fell, mL/min; undefined while there are too few.
 * @param momentsMs rising, ms
 * @param dropsPerMl above 0
 */
export function dripRateMlPerMin(
  momentsMs: readonly number[],
  dropsPerMl: number,
): number | undefined {
  const spanMs = (momentsMs.at(-1) ?? 0) - (momentsMs[0] ?? 0);
  if (momentsMs.length < dropsForRate || spanMs <= 0) return undefined;
  return (momentsMs.length - 1) / (spanMs / 60000) / dropsPerMl;
}
