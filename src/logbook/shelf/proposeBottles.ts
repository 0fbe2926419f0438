import type { Product } from "@/core/shelf/products";
import type { Bottle } from "@/records/bottle";
import type { Empty } from "@/records/empty";
import type { UnitSystem } from "@/core/units/units";
import { emptiesLeft } from "./empties";
import { usualBottlesMl } from "./usualBottles";

/** One bottle to be filled. */
export interface Proposed extends Pick<Bottle, "sizeMl" | "filledMl" | "glass" | "closure"> {
  /** The sort of empties it comes from. */
  emptyId?: string;
}

/* Less of a bottle than this is left as it is: air would have the most of it. */
const leastShare = 0.4;
const most = 60;

/**
 * Bottles to fill with so much, the largest full ones first, so that little air stands over any; the last
 * may be the smallest that takes the rest. What is then still left over is told, mL.
 */
export function proposeBottles(
  volumeMl: number,
  product: Product,
  empties: readonly Empty[],
  units: UnitSystem,
): { bottles: Proposed[]; leftMl: number } {
  const own = empties.filter((empty) => emptiesLeft(empty) > 0);
  const sorts = (
    own.length > 0
      ? own.map(({ id, sizeMl, glass, closure, ...told }) => ({
          emptyId: id,
          sizeMl,
          glass,
          closure,
          count: emptiesLeft(told),
        }))
      : usualBottlesMl(product, units).map((sizeMl) => ({
          sizeMl,
          glass: "amber" as const,
          closure: product === "oil" ? ("dropper" as const) : ("cap" as const),
          count: Infinity,
        }))
  ).sort((a, b) => b.sizeMl - a.sizeMl);
  const bottles: Proposed[] = [];
  let leftMl = volumeMl;
  const fill = ({ count: _count, ...sort }: (typeof sorts)[number], filledMl: number) => {
    bottles.push({ ...sort, filledMl });
    leftMl -= filledMl;
  };
  for (const sort of sorts)
    while (sort.count > 0 && leftMl >= sort.sizeMl - 1e-9 && bottles.length < most) {
      sort.count -= 1;
      fill(sort, sort.sizeMl);
    }
  const last = [...sorts]
    .reverse()
    .find(({ sizeMl, count }) => count > 0 && sizeMl >= leftMl && leftMl >= sizeMl * leastShare);
  if (last && leftMl > 0) fill(last, leftMl);
  return { bottles, leftMl: Math.max(0, leftMl < 1e-9 ? 0 : leftMl) };
}
