import type { Caution } from "@/core/plant/cautions";
import { t } from "@/language/t";

/** A caution in a line, for a plant's page, the shelf and a label. */
export const cautionWords: Record<Caution, string> = {
  phototoxic: t`Burns skin in the sun: none on skin for twelve hours before it.`,
  sensitises: t`Can make skin allergic: well diluted, a spot test first.`,
  convulsant: t`Can bring on a fit: never with epilepsy.`,
  liver: t`Hard on the liver: never to be swallowed.`,
  carcinogenic: t`Holds what causes tumours in animals: keep under its maximum on skin.`,
  pregnancy: t`Not in pregnancy, nor while nursing.`,
  youngChildren: t`Not near the face of children under six.`,
  cats: t`Poison to cats: not on them, not in the air they cannot leave.`,
  dogs: t`Not on dogs.`,
  asthma: t`Can tighten the breath of people with asthma.`,
  poison: t`Poisonous: lock it away, name the poison line on the bottle.`,
  oxidises: t`Old, oxidised oil makes skin allergic: cold, dark, full bottles, and throw out the old.`,
  overHarvested: t`Over-harvested in the wild: use what was grown or fell.`,
  lookAlike: t`Has poisonous look-alikes: be sure of the plant.`,
};
