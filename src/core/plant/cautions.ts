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
  };
}

/** Usual ceilings where nothing stricter stands, % of oil: on the body, on the face, for children of two to six. */
export const usualSkinMost = { body: 2, face: 1, child: 1 } as const;

/** Whose skin a dilution is for. */
export type Whose = keyof typeof usualSkinMost;

/** Whether a plant's oil is a poison: it is told so, or not for skin at all and does harm inside. */
export function isPoisonous({ cautions: told, skinMostPercent }: Omit<Care, "hydrosol">): boolean {
  const inside = told.includes("convulsant") || told.includes("liver");
  return told.includes("poison") || (skinMostPercent === "none" && inside);
}
