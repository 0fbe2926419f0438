/** An ester that boiling water breaks: the alcohol it becomes, and whether it is one of the quick ones. */
interface Ester {
  alcohol: string;
  quick: boolean;
}

/**
 * Esters of essential oils whose alcohol is in the book. Acetates of tertiary and allylic alcohols
 * break ten times as fast as the others (kinetics of lavender and clary in boiling water).
 */
export const esters: Readonly<Record<string, Ester>> = {
  linalylAcetate: { alcohol: "linalool", quick: true },
  geranylAcetate: { alcohol: "geraniol", quick: true },
  nerylAcetate: { alcohol: "nerol", quick: true },
  alphaTerpinylAcetate: { alcohol: "alphaTerpineol", quick: true },
  lavandulylAcetate: { alcohol: "lavandulol", quick: true },
  bornylAcetate: { alcohol: "borneol", quick: false },
  menthylAcetate: { alcohol: "menthol", quick: false },
  eugenylAcetate: { alcohol: "eugenol", quick: false },
  citronellylFormate: { alcohol: "citronellol", quick: false },
};
