/* As far as a figure on the screen is rounded: “2.5 mL left” may be 2.46. */
const shownToMl = 0.05;
const shownToShare = 0.01;
/* Less than this is not left in any bottle. */
const nothing = 1e-4;

/**
 * What is taken where so much was typed and so much is left, mL: all of it, where that is meant.
 * @returns undefined where more was typed than is there
 */
export function takeable(typedMl: number, leftMl: number): number | undefined {
  if (typedMl > leftMl + Math.max(shownToMl, leftMl * shownToShare)) return undefined;
  return typedMl > leftMl * (1 - nothing) ? leftMl : typedMl;
}
