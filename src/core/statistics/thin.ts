/** A series for drawing: moments and values, moments rising. */
export interface Series {
  at: readonly number[];
  value: readonly number[];
}

/**
 * Thins a series for drawing: in each of so many equal stretches of time its first, lowest, highest
 * and last point stay, in their order, so that no spike is lost. For drawing, never for keeping.
 * @param stretches number of stretches, 1 or more; about one a pixel
 */
export function thinned({ at, value }: Series, stretches: number): Series {
  const count = at.length;
  if (count <= stretches * 4) return { at, value };
  const start = at[0]!;
  const span = at[count - 1]! - start || 1;
  const out: { at: number[]; value: number[] } = { at: [], value: [] };
  let from = 0;
  while (from < count) {
    const stretch = Math.min(stretches - 1, Math.floor(((at[from]! - start) / span) * stretches));
    let [low, high, to] = [from, from, from];
    while (
      to < count &&
      Math.min(stretches - 1, Math.floor(((at[to]! - start) / span) * stretches)) === stretch
    ) {
      if (value[to]! < value[low]!) low = to;
      if (value[to]! > value[high]!) high = to;
      to += 1;
    }
    for (const index of new Set([from, Math.min(low, high), Math.max(low, high), to - 1])) {
      out.at.push(at[index]!);
      out.value.push(value[index]!);
    }
    from = to;
  }
  return out;
}
