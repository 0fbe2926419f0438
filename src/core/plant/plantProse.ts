/** What the book says of a plant in sentences that nothing is computed from; a screen that tells them fetches them. */
export const proseFields = [
  "preparation",
  "methodReason",
  "oilLook",
  "hydrosolLook",
  "hydrosolWorth",
  "source",
] as const;

export interface PlantProse {
  /** What to do with it before it goes in, and why. */
  preparation: string;
  /** Why it is distilled that way. */
  methodReason: string;
  /** Colour and smell to expect. */
  oilLook: string;
  hydrosolLook: string;
  /** Whether the hydrosol is worth keeping, and for what. */
  hydrosolWorth: string;
  /** Where the figures come from. */
  source: string;
}
