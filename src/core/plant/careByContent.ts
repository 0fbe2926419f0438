import { cautions, usualSkinMost, type Care } from "./cautions";
import type { Composition } from "./oil";
import { skinMostByContent, warnedOf } from "./substances";

/** What is warned of, and the most on skin. */
export type Warned = Pick<Care, "cautions" | "skinMostPercent">;

/** What is told of an oil, and what its make-up adds: more cautions, and a stricter maximum on skin. */
export function careByContent(told: Warned, composition: Composition): Warned {
  const found = new Set([...told.cautions, ...warnedOf(composition)]);
  const most = strictest(told.skinMostPercent, skinMostByContent(composition));
  return {
    cautions: cautions.filter((caution) => found.has(caution)),
    ...(most === undefined ? {} : { skinMostPercent: most }),
  };
}

/* Above the usual ceiling only what is told is worth telling. */
function strictest(
  told: Warned["skinMostPercent"],
  byContent: number | "none",
): Warned["skinMostPercent"] {
  if (told === "none" || byContent === "none") return "none";
  if (byContent >= usualSkinMost.body) return told;
  return Number(Math.min(told ?? Infinity, byContent).toPrecision(2));
}

/** What is warned of several plants together: all that is warned of any, and the strictest maximum on skin. */
export function careOfAll(plants: readonly Warned[]): Warned {
  const found = new Set(plants.flatMap((plant) => plant.cautions));
  const mosts = plants.flatMap(({ skinMostPercent }) => skinMostPercent ?? []);
  const most = mosts.includes("none")
    ? ("none" as const)
    : mosts.length > 0
      ? Math.min(...(mosts as number[]))
      : undefined;
  return {
    cautions: cautions.filter((caution) => found.has(caution)),
    ...(most === undefined ? {} : { skinMostPercent: most }),
  };
}
