import { compoundOdours } from "./compoundOdours";

/** One substance found in essential oils. */
export interface Compound {
  id: string;
  name: string;
  /** g/mol */
  molarMass: number;
  /** Liquid at 20 to 25 °C, g/mL. */
  densityGPerMl: number;
  /** Normal boiling point, °C. */
  boilingC: number;
  /** Solubility in water at 20 to 25 °C, g/L. */
  solubilityGPerL: number;
  /** How far it associates as a liquid: sets the vapour-pressure curve (see vapourPressure.ts). */
  family: "hydrocarbon" | "polar" | "alcohol";
  /** How it smells, in a few words. */
  odour: string;
  /** Where the figures come from. */
  source: string;
}

/*
 * Molar masses from the formulas; densities, boiling points and solubilities from common handbooks
 * of chemistry and published solubility measurements at 25 °C, rounded to what they agree on.
 * Sesquiterpene solubilities are estimates of the order of magnitude: too small to matter.
 */
const rows: [string, string, number, number, number, number, Compound["family"]][] = [
  ["alphaPinene", "α-pinene", 136.23, 0.858, 156.2, 0.0025, "hydrocarbon"],
  ["betaPinene", "β-pinene", 136.23, 0.872, 166, 0.0049, "hydrocarbon"],
  ["camphene", "camphene", 136.23, 0.842, 159.5, 0.0046, "hydrocarbon"],
  ["sabinene", "sabinene", 136.23, 0.844, 163.5, 0.0025, "hydrocarbon"],
  ["myrcene", "myrcene", 136.23, 0.794, 167, 0.0056, "hydrocarbon"],
  ["delta3Carene", "δ-3-carene", 136.23, 0.857, 171, 0.0029, "hydrocarbon"],
  ["limonene", "limonene", 136.23, 0.842, 176, 0.014, "hydrocarbon"],
  ["gammaTerpinene", "γ-terpinene", 136.23, 0.849, 183, 0.0087, "hydrocarbon"],
  ["pCymene", "p-cymene", 134.22, 0.857, 177.1, 0.023, "hydrocarbon"],
  ["cineole", "1,8-cineole", 154.25, 0.922, 176.4, 3.5, "polar"],
  ["linalool", "linalool", 154.25, 0.862, 198, 1.6, "alcohol"],
  ["linalylAcetate", "linalyl acetate", 196.29, 0.895, 220, 0.03, "polar"],
  ["terpinen4ol", "terpinen-4-ol", 154.25, 0.933, 212, 1.5, "alcohol"],
  ["alphaTerpineol", "α-terpineol", 154.25, 0.935, 219, 2.0, "alcohol"],
  ["alphaTerpinylAcetate", "α-terpinyl acetate", 196.29, 0.953, 220, 0.05, "polar"],
  ["borneol", "borneol", 154.25, 1.01, 212, 0.74, "alcohol"],
  ["bornylAcetate", "bornyl acetate", 196.29, 0.986, 225, 0.02, "polar"],
  ["camphor", "camphor", 152.23, 0.99, 209, 1.6, "polar"],
  ["fenchone", "fenchone", 152.23, 0.948, 193.5, 2.15, "polar"],
  ["carvone", "carvone", 150.22, 0.96, 231, 1.3, "polar"],
  ["dihydrocarvone", "dihydrocarvone", 152.23, 0.928, 221, 0.9, "polar"],
  ["menthol", "menthol", 156.27, 0.903, 212, 0.46, "alcohol"],
  ["menthone", "menthone", 154.25, 0.895, 210, 0.69, "polar"],
  ["menthylAcetate", "menthyl acetate", 198.3, 0.922, 227, 0.02, "polar"],
  ["geranial", "citral", 152.23, 0.888, 229, 0.59, "polar"],
  ["thymol", "thymol", 150.22, 0.965, 232.5, 0.98, "alcohol"],
  ["carvacrol", "carvacrol", 150.22, 0.976, 237.7, 1.25, "alcohol"],
  ["transAnethole", "trans-anethole", 148.2, 0.988, 234, 0.11, "polar"],
  ["estragole", "estragole", 148.2, 0.965, 216, 0.18, "polar"],
  ["eugenol", "eugenol", 164.2, 1.067, 253.2, 2.46, "alcohol"],
  ["caryophyllene", "β-caryophyllene", 204.35, 0.905, 256, 0.00005, "hydrocarbon"],
  ["germacreneD", "germacrene D", 204.35, 0.91, 279, 0.00005, "hydrocarbon"],
  ["chamazulene", "chamazulene", 184.28, 0.988, 297, 0.0001, "hydrocarbon"],
  ["sclareol", "sclareol", 308.5, 0.99, 398, 0.0001, "alcohol"],
  ["alphaThujene", "α-thujene", 136.23, 0.83, 152, 0.0025, "hydrocarbon"],
  ["alphaPhellandrene", "α-phellandrene", 136.23, 0.846, 172, 0.0029, "hydrocarbon"],
  ["betaPhellandrene", "β-phellandrene", 136.23, 0.84, 173, 0.003, "hydrocarbon"],
  ["ocimene", "β-ocimene", 136.23, 0.8, 175, 0.006, "hydrocarbon"],
  ["terpinolene", "terpinolene", 136.23, 0.861, 186, 0.0095, "hydrocarbon"],
  ["geraniol", "geraniol", 154.25, 0.889, 230, 0.69, "alcohol"],
  ["lavandulol", "lavandulol", 154.25, 0.878, 203, 0.6, "alcohol"],
  ["nerylAcetate", "neryl acetate", 196.29, 0.91, 240, 0.03, "polar"],
  ["nerol", "nerol", 154.25, 0.876, 225, 0.67, "alcohol"],
  ["citronellol", "citronellol", 156.27, 0.855, 224.5, 0.3, "alcohol"],
  ["citronellal", "citronellal", 154.25, 0.857, 207, 0.09, "polar"],
  ["geranylAcetate", "geranyl acetate", 196.29, 0.916, 240, 0.03, "polar"],
  ["lavandulylAcetate", "lavandulyl acetate", 196.29, 0.91, 229, 0.03, "polar"],
  ["octylAcetate", "octyl acetate", 172.26, 0.87, 211, 0.18, "polar"],
  ["decanal", "decanal", 156.27, 0.83, 208, 0.06, "polar"],
  ["perillaldehyde", "perillaldehyde", 150.22, 0.967, 237, 0.3, "polar"],
  ["pulegone", "pulegone", 152.23, 0.936, 224, 0.3, "polar"],
  ["isomenthone", "isomenthone", 154.25, 0.9, 209, 0.6, "polar"],
  ["alphaThujone", "α-thujone", 152.23, 0.914, 201, 0.41, "polar"],
  ["betaThujone", "β-thujone", 152.23, 0.92, 202, 0.41, "polar"],
  ["verbenone", "verbenone", 150.22, 0.975, 227.5, 0.8, "polar"],
  ["artemisiaKetone", "artemisia ketone", 152.23, 0.87, 182, 0.6, "polar"],
  ["cuminaldehyde", "cuminaldehyde", 148.2, 0.978, 235.5, 0.2, "polar"],
  ["anisaldehyde", "anisaldehyde", 136.15, 1.12, 248, 4.3, "polar"],
  ["cinnamaldehyde", "cinnamaldehyde", 132.16, 1.05, 248, 1.42, "polar"],
  ["cinnamylAcetate", "cinnamyl acetate", 176.21, 1.057, 262, 0.21, "polar"],
  ["eugenylAcetate", "eugenyl acetate", 206.24, 1.08, 281, 0.41, "polar"],
  ["methylEugenol", "methyl eugenol", 178.23, 1.036, 254.7, 0.5, "polar"],
  ["methylSalicylate", "methyl salicylate", 152.15, 1.18, 222, 0.7, "polar"],
  ["benzylAcetate", "benzyl acetate", 150.17, 1.054, 212, 3.1, "polar"],
  ["phenethylAlcohol", "2-phenylethanol", 122.16, 1.02, 219, 22, "alcohol"],
  ["myristicin", "myristicin", 192.21, 1.14, 277, 0.05, "polar"],
  ["dillapiole", "dillapiole", 222.24, 1.16, 294, 0.05, "polar"],
  ["isobutylAngelate", "isobutyl angelate", 156.22, 0.88, 177, 0.3, "polar"],
  ["isoamylAngelate", "isoamyl angelate", 170.25, 0.88, 198, 0.1, "polar"],
  ["sedanolide", "sedanolide", 194.27, 1.04, 320, 0.1, "polar"],
  ["farnesene", "β-farnesene", 204.35, 0.84, 272, 0.00005, "hydrocarbon"],
  ["humulene", "α-humulene", 204.35, 0.889, 266, 0.00005, "hydrocarbon"],
  ["deltaCadinene", "δ-cadinene", 204.35, 0.92, 271, 0.00005, "hydrocarbon"],
  ["cedrene", "α-cedrene", 204.35, 0.93, 262, 0.00005, "hydrocarbon"],
  ["thujopsene", "thujopsene", 204.35, 0.93, 259, 0.00005, "hydrocarbon"],
  ["zingiberene", "zingiberene", 204.35, 0.87, 270, 0.00005, "hydrocarbon"],
  ["arCurcumene", "ar-curcumene", 202.34, 0.88, 270, 0.0001, "hydrocarbon"],
  ["patchoulene", "α-guaiene and patchoulenes", 204.35, 0.92, 267, 0.00005, "hydrocarbon"],
  ["nonadecane", "nonadecane", 268.52, 0.786, 330, 0.000001, "hydrocarbon"],
  ["caryophylleneOxide", "caryophyllene oxide", 220.35, 0.96, 280, 0.002, "polar"],
  ["spathulenol", "spathulenol", 220.35, 0.97, 297, 0.01, "alcohol"],
  ["bisabolol", "α-bisabolol", 222.37, 0.92, 314, 0.002, "alcohol"],
  ["bisabololOxide", "bisabolol oxides", 238.37, 1.02, 330, 0.02, "polar"],
  ["cedrol", "cedrol", 222.37, 0.99, 286, 0.02, "alcohol"],
  ["patchoulol", "patchoulol", 222.37, 1.02, 287, 0.001, "alcohol"],
  ["santalol", "santalols", 220.35, 0.97, 302, 0.004, "alcohol"],
  ["carotol", "carotol", 222.37, 0.96, 295, 0.002, "alcohol"],
  ["khusimol", "khusimol", 220.35, 1.03, 308, 0.01, "alcohol"],
  ["vetivone", "vetivones", 218.33, 1.0, 320, 0.01, "polar"],
  ["turmerone", "turmerones", 218.33, 0.95, 310, 0.01, "polar"],
  ["furanodiene", "furanosesquiterpenes of myrrh", 216.32, 1.01, 290, 0.001, "polar"],
  ["menthofuran", "menthofuran", 150.22, 0.97, 205, 0.3, "polar"],
  ["sabineneHydrate", "sabinene hydrate", 154.25, 0.93, 210, 1.0, "alcohol"],
  ["safrole", "safrole", 162.19, 1.096, 233, 0.12, "polar"],
  ["apiole", "apiole", 222.24, 1.15, 294, 0.05, "polar"],
  ["ligustilide", "ligustilide", 190.24, 1.06, 310, 0.1, "polar"],
  ["himachalene", "himachalenes", 204.35, 0.93, 268, 5e-5, "hydrocarbon"],
  ["citronellylFormate", "citronellyl formate", 184.28, 0.897, 235, 0.05, "polar"],
  ["nepetalactone", "nepetalactone", 166.22, 1.06, 250, 0.4, "polar"],
  ["umbellulone", "umbellulone", 150.22, 0.95, 220, 0.6, "polar"],
  ["pinocamphone", "pinocamphone", 152.23, 0.96, 212, 0.7, "polar"],
  ["isopinocamphone", "isopinocamphone", 152.23, 0.96, 212, 0.7, "polar"],
  ["italidione", "italidiones", 210.27, 0.96, 262, 0.1, "polar"],
  ["zizanoicAcid", "zizanoic acid", 234.33, 1.06, 320, 0.01, "polar"],
  ["isovalencenol", "isovalencenol", 220.35, 0.98, 309, 0.005, "alcohol"],
  ["leptospermone", "leptospermone and its kin", 266.33, 1.05, 295, 0.05, "polar"],
  ["chrysanthenylAcetate", "chrysanthenyl acetate", 194.27, 1.0, 235, 0.05, "polar"],
  ["cresylMethylEther", "p-cresyl methyl ether", 122.16, 0.97, 177, 0.4, "polar"],
  ["benzylBenzoate", "benzyl benzoate", 212.24, 1.118, 323, 0.02, "polar"],
  ["linaloolOxide", "linalool oxides", 170.25, 0.94, 212, 3.0, "alcohol"],
  ["hexenol", "leaf alcohol", 100.16, 0.85, 157, 16, "alcohol"],
  ["selinene", "selinenes", 204.35, 0.92, 268, 5e-5, "hydrocarbon"],
  ["coumarin", "coumarin", 146.14, 0.935, 301, 1.9, "polar"],
  ["alantolactone", "alantolactone", 232.32, 1.12, 330, 0.02, "polar"],
  ["valerenal", "valerenal", 218.33, 0.98, 300, 0.005, "polar"],
  ["bornylIsovalerate", "bornyl isovalerate", 238.37, 0.95, 262, 0.002, "polar"],
  ["isovalericAcid", "isovaleric acid", 102.13, 0.926, 176.5, 25, "alcohol"],
  ["germacrone", "germacrone", 218.33, 0.98, 300, 0.005, "polar"],
  ["ledol", "ledol", 222.37, 0.97, 292, 0.005, "alcohol"],
  ["viridiflorol", "viridiflorol", 222.37, 0.96, 290, 0.005, "alcohol"],
  ["piperitenoneOxide", "piperitenone oxide", 166.22, 1.06, 250, 0.7, "polar"],
  ["piperitone", "piperitone", 152.23, 0.934, 233, 0.6, "polar"],
  ["nonadienal", "cucumber aldehyde", 138.21, 0.86, 199, 0.4, "polar"],
  ["lilacAldehyde", "lilac aldehydes", 168.23, 0.95, 215, 1.2, "polar"],
  ["trimethylcyclohexanone", "2,2,6-trimethylcyclohexanone", 140.22, 0.904, 178, 1.5, "polar"],
  ["methoxycinnamaldehyde", "2-methoxycinnamaldehyde", 162.19, 1.1, 297, 0.5, "polar"],
  ["cyclocolorenone", "cyclocolorenone", 218.33, 1.0, 305, 0.005, "polar"],
  ["nonanal", "nonanal", 142.24, 0.827, 195, 0.096, "polar"],
];

/* Heavier than this, water takes up so little that nobody measured it: a sesquiterpene or a wax. */
const estimatedFromMass = 200;

function sourceOf(molarMass: number): string {
  return molarMass > estimatedFromMass
    ? "Handbook density and boiling point; solubility estimated from its family's order of magnitude."
    : "Handbook density and boiling point; published solubility at 20 to 25 °C.";
}

export const compounds: Readonly<Record<string, Compound>> = Object.fromEntries(
  rows.map(([id, name, molarMass, densityGPerMl, boilingC, solubilityGPerL, family]) => [
    id,
    {
      id,
      name,
      molarMass,
      densityGPerMl,
      boilingC,
      solubilityGPerL,
      family,
      odour: compoundOdours[id] ?? "",
      source: sourceOf(molarMass),
    },
  ]),
);
