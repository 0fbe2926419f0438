import type { Allergen, AllergenIn } from "@/core/care/allergens";
import type { HazardDraft, HazardMark, MarkReason } from "@/core/care/hazardMarks";
import { plainNumber } from "@/core/units/format";
import { t } from "@/language/t";

/* As lists of ingredients write them. */
const allergenNames: Record<Allergen, string> = {
  anethole: t`anethole`,
  anisylAlcoholKin: t`anise aldehyde`,
  benzylBenzoate: t`benzyl benzoate`,
  camphor: t`camphor`,
  caryophyllene: t`beta-caryophyllene`,
  carvone: t`carvone`,
  cinnamal: t`cinnamal`,
  citral: t`citral`,
  citronellol: t`citronellol`,
  coumarin: t`coumarin`,
  eugenol: t`eugenol`,
  eugenylAcetate: t`eugenyl acetate`,
  geraniol: t`geraniol`,
  geranylAcetate: t`geranyl acetate`,
  limonene: t`limonene`,
  linalool: t`linalool`,
  linalylAcetate: t`linalyl acetate`,
  menthol: t`menthol`,
  methylSalicylate: t`methyl salicylate`,
  pinene: t`pinene`,
  santalol: t`santalol`,
  terpineol: t`terpineol`,
  terpinolene: t`terpinolene`,
};

/** "Contains linalyl acetate, linalool." for a label; undefined where nothing has to be named. */
export function containsWords(allergens: readonly AllergenIn[]): string | undefined {
  if (allergens.length === 0) return undefined;
  return t`Contains ${allergens.map(({ allergen }) => allergenNames[allergen]).join(", ")}.`;
}

/** "Linalool 34 %". */
export function allergenLine({ allergen, percent }: AllergenIn): string {
  return `${allergenNames[allergen]} ${plainNumber(Number(percent.toPrecision(2)))} %`;
}

const markWords: Record<HazardMark, string> = {
  flame: t`flame`,
  corrosion: t`corrosion`,
  exclamation: t`exclamation mark`,
  health: t`health hazard`,
  environment: t`fish and tree`,
};

const reasonWords: Record<MarkReason, string> = {
  flammable: t`Burns easily.`,
  burnsSkin: t`Burns skin and eyes.`,
  harmfulSwallowed: t`Harmful if swallowed.`,
  sensitises: t`May cause allergy on skin.`,
  irritates: t`Irritates skin.`,
  lungs: t`May kill if it is swallowed and gets into the lungs.`,
  tumours: t`Suspected of causing tumours.`,
  water: t`Harms what lives in water.`,
};

/** "Danger: flame, health hazard. Burns easily. Harms what lives in water." A draft. */
export function hazardLine({ marks, signal, reasons }: HazardDraft): string {
  if (marks.length === 0) return t`None by its make-up.`;
  const word =
    signal === "danger" ? t`Danger` : signal === "warning" ? t`Warning` : t`No signal word`;
  const why = reasons.map((reason) => reasonWords[reason]).join(" ");
  return `${word}: ${marks.map((mark) => markWords[mark]).join(", ")}. ${why}`;
}
