import type { Caution } from "@/core/plant/cautions";

/** A caution in a line, for a plant's page, the shelf and a label. */
export const cautionWords: Record<Caution, string> = {
  phototoxic: "Burns skin in the sun: none on skin for twelve hours before it.",
  sensitises: "Can make skin allergic: well diluted, a spot test first.",
  convulsant: "Can bring on a fit: never with epilepsy.",
  liver: "Hard on the liver: never to be swallowed.",
  carcinogenic: "Holds what causes tumours in animals: keep under its maximum on skin.",
  pregnancy: "Not in pregnancy, nor while nursing.",
  youngChildren: "Not near the face of children under six.",
  cats: "Poison to cats: not on them, not in the air they cannot leave.",
  dogs: "Not on dogs.",
  asthma: "Can tighten the breath of people with asthma.",
  poison: "Poisonous: lock it away, name the poison line on the bottle.",
  oxidises:
    "Old, oxidised oil makes skin allergic: cold, dark, full bottles, and throw out the old.",
  overHarvested: "Over-harvested in the wild: use what was grown or fell.",
  lookAlike: "Has poisonous look-alikes: be sure of the plant.",
};
