/**
 * A whole shared out by weights: the shares sum to the whole to the last digit that matters, the last
 * taking what rounding left. Equal shares where no weight is above 0.
 * @param total 0 or more
 * @param weights one a share, 0 or more
 * @throws RangeError when there is nobody to share with
 */
export function shareOut(total: number, weights: readonly number[]): number[] {
  if (weights.length === 0) throw new RangeError("weights: there is nobody to share with");
  const sum = weights.reduce((all, weight) => all + Math.max(0, weight), 0);
  const shares = weights.map((weight) =>
    sum > 0 ? (total * Math.max(0, weight)) / sum : total / weights.length,
  );
  const before = shares.slice(0, -1).reduce((all, share) => all + share, 0);
  shares[shares.length - 1] = Math.max(0, total - before);
  return shares;
}
