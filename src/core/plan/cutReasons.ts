/**
 * Why a jar is swapped: the first part of the hydrosol is kept apart, the hydrosol worth keeping is in,
 * or the smell turns.
 */
export const cutReasons = ["firstCut", "keep", "notes"] as const;
export type CutReason = (typeof cutReasons)[number];
