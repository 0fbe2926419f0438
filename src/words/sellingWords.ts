import type { Allergen, AllergenIn } from "@/core/care/allergens";
import type { HazardDraft, HazardMark, MarkReason } from "@/core/care/hazardMarks";
import { plainNumber } from "@/core/units/format";

/* As lists of ingredients write them. */
const allergenNames: Record<Allergen, string> = {
  anethole: "anethole",
  anisylAlcoholKin: "anise aldehyde",
  benzylBenzoate: "benzyl benzoate",
  camphor: "camphor",
  caryophyllene: "beta-caryophyllene",
  carvone: "carvone",
  cinnamal: "cinnamal",
  citral: "citral",
  citronellol: "citronellol",
  coumarin: "coumarin",
  eugenol: "eugenol",
  eugenylAcetate: "eugenyl acetate",
  geraniol: "geraniol",
  geranylAcetate: "geranyl acetate",
  limonene: "limonene",
  linalool: "linalool",
  linalylAcetate: "linalyl acetate",
  menthol: "menthol",
  methylSalicylate: "methyl salicylate",
  pinene: "pinene",
  santalol: "santalol",
  terpineol: "terpineol",
  terpinolene: "terpinolene",
};

/** "Contains linalyl acetate, linalool." for a label; undefined where nothing has to be named. */
export function containsWords(allergens: readonly AllergenIn[]): string | undefined {
  if (allergens.length === 0) return undefined;
  return `Contains ${allergens.map(({ allergen }) => allergenNames[allergen]).join(", ")}.`;
}

/** "Linalool 34 %". */
export function allergenLine({ allergen, percent }: AllergenIn): string {
  return `${allergenNames[allergen]} ${plainNumber(Number(percent.toPrecision(2)))} %`;
}

const markWords: Record<HazardMark, string> = {
  flame: "flame",
  corrosion: "corrosion",
  exclamation: "exclamation mark",
  health: "health hazard",
  environment: "fish and tree",
};

const reasonWords: Record<MarkReason, string> = {
  flammable: "Burns easily.",
  burnsSkin: "Burns skin and eyes.",
  harmfulSwallowed: "Harmful if swallowed.",
  sensitises: "May cause allergy on skin.",
  irritates: "Irritates skin.",
  lungs: "May kill if it is swallowed and gets into the lungs.",
  tumours: "Suspected of causing tumours.",
  water: "Harms what lives in water.",
};

/** "Danger: flame, health hazard. Burns easily. Harms what lives in water." A draft. */
export function hazardLine({ marks, signal, reasons }: HazardDraft): string {
  if (marks.length === 0) return "None by its make-up.";
  const word = signal === "danger" ? "Danger" : signal === "warning" ? "Warning" : "No signal word";
  const why = reasons.map((reason) => reasonWords[reason]).join(" ");
  return `${word}: ${marks.map((mark) => markWords[mark]).join(", ")}. ${why}`;
}
