/** What can be the matter with an oil, each as labels and the shelf can use it. */
export const cautions = [
  "phototoxic",
  "sensitises",
  "convulsant",
  "liver",
  "carcinogenic",
  "pregnancy",
  "youngChildren",
  "cats",
  "dogs",
  "asthma",
  "poison",
  "oxidises",
  "overHarvested",
  "lookAlike",
] as const;
export type Caution = (typeof cautions)[number];

/** What a careful person wants to know of a plant's products before using them. */
export interface Care {
  cautions: readonly Caution[];
  /** Usual cautious maximum on skin, % of oil; "none": not on skin at all. Absent: nothing stricter than the usual. */
  skinMostPercent?: number | "none";
  hydrosol: {
    /** pH as it comes, where it is known, either way by 0.3. */
    ph?: readonly [low: number, high: number];
    /** How long it keeps, closed and cold, months. */
    months: number;
  };
}

/** Usual ceilings where nothing stricter stands, % of oil: on the body, on the face, for children of two to six. */
export const usualSkinMost = { body: 2, face: 1, child: 1 } as const;

/** Whose skin a dilution is for. */
export type Whose = keyof typeof usualSkinMost;

/* An oil that is not for young children is not for their skin either, however thin. */
const notUnderSix: readonly Caution[] = ["youngChildren", "convulsant"];

/** Most of an oil on such skin, %; 0 where it must not be used on skin. */
export function mostOnSkin(
  { skinMostPercent, cautions: told = [] }: Partial<Care>,
  whose: Whose,
): number {
  if (skinMostPercent === "none" || isKeptFrom(told, whose)) return 0;
  return Math.min(usualSkinMost[whose], skinMostPercent ?? Infinity);
}

/**
 * Most of a blend on such skin, % of the whole blend: the usual ceiling, and each part held to its own
 * plant's; 0 where one of them must not be on skin at all.
 * @param parts each plant's care with its share of the blend, 0 to 1
 */
export function mostOnSkinOf(
  parts: readonly { care: Partial<Pick<Care, "cautions" | "skinMostPercent">>; share: number }[],
  whose: Whose,
): number {
  return parts.reduce<number>((most, { care: { skinMostPercent, cautions: told = [] }, share }) => {
    if (skinMostPercent === "none" || isKeptFrom(told, whose)) return 0;
    return share > 0 ? Math.min(most, (skinMostPercent ?? Infinity) / share) : most;
  }, usualSkinMost[whose]);
}

function isKeptFrom(told: readonly Caution[], whose: Whose): boolean {
  return whose === "child" && told.some((caution) => notUnderSix.includes(caution));
}
