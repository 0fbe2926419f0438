/** A label that wants to stand at a height. */
export interface Wanting {
  y: number;
}

/**
 * Moves labels apart so that none overlap, as little as needed, keeping their order.
 * @param gap least distance between neighbours
 * @param bottom lowest place for the last one
 */
export function spreadLabels<T extends Wanting>(
  labels: readonly T[],
  gap: number,
  bottom: number,
): (T & { at: number })[] {
  const placed = [...labels].sort((a, b) => a.y - b.y).map((label) => ({ ...label, at: label.y }));
  for (let i = 1; i < placed.length; i += 1) {
    placed[i]!.at = Math.max(placed[i]!.at, placed[i - 1]!.at + gap);
  }
  for (let i = placed.length - 1; i >= 0; i -= 1) {
    const limit = i === placed.length - 1 ? bottom : placed[i + 1]!.at - gap;
    placed[i]!.at = Math.min(placed[i]!.at, limit);
  }
  return placed;
}
