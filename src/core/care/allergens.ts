import type { Composition } from "../plant/oil";

/*
 * Fragrance allergens that European cosmetics rules ask to be named, after Regulation (EU) 2023/1545, as far as they are
 * among the book's compounds; from memory: usual limits, check yours.
 */
const allergenMembers = {
  anethole: ["transAnethole"],
  anisylAlcoholKin: ["anisaldehyde"],
  benzylBenzoate: ["benzylBenzoate"],
  camphor: ["camphor"],
  caryophyllene: ["caryophyllene"],
  carvone: ["carvone"],
  cinnamal: ["cinnamaldehyde"],
  citral: ["geranial"],
  citronellol: ["citronellol"],
  coumarin: ["coumarin"],
  eugenol: ["eugenol"],
  eugenylAcetate: ["eugenylAcetate"],
  geraniol: ["geraniol"],
  geranylAcetate: ["geranylAcetate"],
  limonene: ["limonene"],
  linalool: ["linalool"],
  linalylAcetate: ["linalylAcetate"],
  menthol: ["menthol"],
  methylSalicylate: ["methylSalicylate"],
  pinene: ["alphaPinene", "betaPinene"],
  santalol: ["santalol"],
  terpineol: ["alphaTerpineol", "terpinen4ol"],
  terpinolene: ["terpinolene"],
} as const satisfies Record<string, readonly string[]>;
export type Allergen = keyof typeof allergenMembers;

/** From which share of the finished product on an allergen is named, %: where it stays on skin, where it is washed off. */
export const namedFromPercent = { leftOn: 0.001, washedOff: 0.01 } as const;
export type SkinUse = keyof typeof namedFromPercent;

/** An allergen and its share of the product, %. */
export interface AllergenIn {
  allergen: Allergen;
  percent: number;
}

/**
 * Which allergens a product has to be named with, the most first.
 * @param shares mass fractions of the whole product: of an oil its make-up, of a water what is dissolved over 1,000,000 mg/L
 */
export function allergensIn(shares: Composition, use: SkinUse): AllergenIn[] {
  return (Object.entries(allergenMembers) as [Allergen, readonly string[]][])
    .map(([allergen, members]) => ({
      allergen,
      percent: 100 * members.reduce((sum, id) => sum + (shares[id] ?? 0), 0),
    }))
    .filter(({ percent }) => percent >= namedFromPercent[use])
    .sort((a, b) => b.percent - a.percent);
}
