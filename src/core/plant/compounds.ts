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
  ["menthol", "menthol", 156.27, 0.89, 212, 0.46, "alcohol"],
  ["menthone", "menthone", 154.25, 0.895, 210, 0.69, "polar"],
  ["menthylAcetate", "menthyl acetate", 198.3, 0.922, 227, 0.02, "polar"],
  ["geranial", "citral", 152.23, 0.888, 229, 1.34, "polar"],
  ["thymol", "thymol", 150.22, 0.965, 232.5, 0.98, "alcohol"],
  ["carvacrol", "carvacrol", 150.22, 0.976, 237.7, 1.25, "alcohol"],
  ["transAnethole", "trans-anethole", 148.2, 0.988, 234, 0.11, "polar"],
  ["estragole", "estragole", 148.2, 0.965, 216, 0.18, "polar"],
  ["eugenol", "eugenol", 164.2, 1.067, 253.2, 2.46, "alcohol"],
  ["caryophyllene", "β-caryophyllene", 204.35, 0.905, 256, 0.00005, "hydrocarbon"],
  ["germacreneD", "germacrene D", 204.35, 0.91, 279, 0.00005, "hydrocarbon"],
  ["chamazulene", "chamazulene", 184.28, 0.988, 297, 0.0001, "hydrocarbon"],
  ["sclareol", "sclareol", 308.5, 0.99, 398, 0.0001, "alcohol"],
];

export const compounds: Readonly<Record<string, Compound>> = Object.fromEntries(
  rows.map(([id, name, molarMass, densityGPerMl, boilingC, solubilityGPerL, family]) => [
    id,
    { id, name, molarMass, densityGPerMl, boilingC, solubilityGPerL, family },
  ]),
);
