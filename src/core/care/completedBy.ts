import type { Composition } from "../plant/oil";

/**
 * A chromatogram with what it does not name: the rest is taken to hold what else the plant's oil usually has, so that
 * a peak under another name hides no caution.
 * @param named mass fractions that were measured, together at most 1
 * @param usual the plant's own
 */
export function completedBy(named: Composition, usual: Composition): Composition {
  const rest = Math.max(0, 1 - sum(Object.values(named)));
  const others = Object.entries(usual).filter(([id]) => !(id in named));
  const whole = sum(others.map(([, share]) => share));
  const most = whole > 0 ? Math.min(1, rest / whole) : 0;
  return { ...named, ...Object.fromEntries(others.map(([id, share]) => [id, share * most])) };
}

function sum(shares: readonly number[]): number {
  return shares.reduce((all, share) => all + share, 0);
}
