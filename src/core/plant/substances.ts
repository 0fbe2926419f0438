import type { Caution } from "./cautions";
import type { Composition } from "./oil";

/** What is known to do harm in an oil or its water, whichever plant it is of. */
export interface Substance {
  /** Its forms among the compounds: their shares are added. */
  members: readonly string[];
  /** Usual most on skin, % of the finished product. Safety handbooks of essential oils. */
  skinMostPercent?: number;
  /** Usual most in a drink, mg/L: by law for drinks in Europe, or by what a grown person may take in a day. */
  drinkMostMgPerL?: number;
  /** Where that figure is from. */
  drinkBasis?: "law" | "dailyIntake";
  /** Above that it is not to be drunk at all; else by the spoonful in a dish up to ten times as much. */
  notBySpoon?: true;
  /** From this share of an oil on it is not for skin at all. */
  notOnSkinFrom?: number;
  /** Water that holds so much of it is not for skin either, mg/L. */
  waterNotOnSkinFromMgPerL?: number;
  /** What an oil is warned of, each from its share on, 0 to 1. */
  warns?: Partial<Record<Caution, number>>;
}

/*
 * Most on skin as a careful handbook has them (Tisserand and Young 2014), from memory; most in drinks by Regulation
 * (EC) 1334/2008, annex III, where it has one. Usual limits, to be checked. Shares from which an oil is warned of are
 * judged so that the book's own plants keep the cautions that handbooks give them.
 */
export const substances = {
  pulegone: {
    members: ["pulegone"],
    skinMostPercent: 1.2,
    drinkMostMgPerL: 100,
    drinkBasis: "law",
    notBySpoon: true,
    notOnSkinFrom: 0.3,
    warns: { liver: 0.1, pregnancy: 0.1, poison: 0.3 },
  },
  menthofuran: { members: ["menthofuran"], skinMostPercent: 0.2, warns: { liver: 0.1 } },
  thujone: {
    members: ["alphaThujone", "betaThujone"],
    skinMostPercent: 0.25,
    drinkMostMgPerL: 10,
    drinkBasis: "law",
    warns: { convulsant: 0.05, pregnancy: 0.05, poison: 0.4 },
  },
  pinocamphone: {
    members: ["pinocamphone", "isopinocamphone"],
    skinMostPercent: 0.14,
    warns: { convulsant: 0.05, pregnancy: 0.1 },
  },
  chrysanthenylAcetate: { members: ["chrysanthenylAcetate"], warns: { convulsant: 0.1 } },
  camphor: {
    members: ["camphor"],
    skinMostPercent: 4.5,
    /* Two milligrams a kilogram of a grown person, in a litre (European Food Safety Authority 2008). */
    drinkMostMgPerL: 120,
    drinkBasis: "dailyIntake",
    warns: { convulsant: 0.17, youngChildren: 0.1 },
  },
  cineole: { members: ["cineole"], warns: { youngChildren: 0.3, asthma: 0.45 } },
  menthol: { members: ["menthol"], warns: { youngChildren: 0.2, asthma: 0.3 } },
  methylSalicylate: {
    members: ["methylSalicylate"],
    skinMostPercent: 2.4,
    /* Half a milligram a kilogram of a grown person, in a litre (joint WHO and FAO committee). */
    drinkMostMgPerL: 30,
    drinkBasis: "dailyIntake",
    notBySpoon: true,
    notOnSkinFrom: 0.1,
    warns: { pregnancy: 0.05, youngChildren: 0.05, poison: 0.3, cats: 0.05, dogs: 0.05 },
  },
  estragole: {
    members: ["estragole"],
    skinMostPercent: 0.12,
    drinkMostMgPerL: 10,
    drinkBasis: "law",
    warns: { carcinogenic: 0.02 },
  },
  methylEugenol: {
    members: ["methylEugenol"],
    skinMostPercent: 0.02,
    drinkMostMgPerL: 1,
    drinkBasis: "law",
    warns: { carcinogenic: 0.005 },
  },
  safrole: {
    members: ["safrole"],
    skinMostPercent: 0.05,
    drinkMostMgPerL: 1,
    drinkBasis: "law",
    warns: { carcinogenic: 0.005 },
  },
  coumarin: { members: ["coumarin"], drinkMostMgPerL: 2, drinkBasis: "law", warns: { liver: 0.1 } },
  myristicin: { members: ["myristicin"], warns: { pregnancy: 0.05 } },
  apiole: { members: ["apiole"], warns: { pregnancy: 0.05, liver: 0.05 } },
  cinnamaldehyde: {
    members: ["cinnamaldehyde"],
    skinMostPercent: 0.05,
    warns: { sensitises: 0.02 },
  },
  eugenol: { members: ["eugenol"], skinMostPercent: 0.5, warns: { sensitises: 0.2 } },
  citral: { members: ["geranial"], skinMostPercent: 0.6, warns: { sensitises: 0.2 } },
  carvone: { members: ["carvone"], skinMostPercent: 1.2, warns: { sensitises: 0.3 } },
  carvacrol: { members: ["carvacrol"], skinMostPercent: 1, warns: { sensitises: 0.3 } },
  perillaldehyde: {
    members: ["perillaldehyde"],
    skinMostPercent: 0.1,
    warns: { sensitises: 0.05 },
  },
  umbellulone: {
    members: ["umbellulone"],
    warns: { asthma: 0.2, youngChildren: 0.2, sensitises: 0.2 },
  },
  /* Of all plants' substances one of those that skins bear least. */
  alantolactone: {
    members: ["alantolactone"],
    notOnSkinFrom: 0.1,
    waterNotOnSkinFromMgPerL: 1,
    warns: { sensitises: 0.02 },
  },
  ledol: { members: ["ledol"], warns: { convulsant: 0.1 } },
  nepetalactone: { members: ["nepetalactone"], warns: { sensitises: 0.3 } },
  anethole: { members: ["transAnethole"], skinMostPercent: 2.4, warns: { pregnancy: 0.5 } },
  geraniol: { members: ["geraniol"], skinMostPercent: 5.3 },
  /* What air turns into something that irritates. */
  oxidising: {
    members: [
      "limonene",
      "alphaPinene",
      "betaPinene",
      "delta3Carene",
      "alphaPhellandrene",
      "betaPhellandrene",
      "gammaTerpinene",
      "terpinolene",
      "sabinene",
      "myrcene",
    ],
    warns: { oxidises: 0.6 },
  },
} as const satisfies Record<string, Substance>;
export type SubstanceName = keyof typeof substances;

/** Every substance with its name. */
export const substanceList = Object.entries(substances) as [SubstanceName, Substance][];

/** Share of a substance in an oil, by mass, all its forms together. */
export function shareOf({ members }: Substance, composition: Composition): number {
  return members.reduce((sum, id) => sum + (composition[id] ?? 0), 0);
}

/** What an oil is warned of by what it is made of. */
export function warnedOf(composition: Composition): Caution[] {
  return substanceList.flatMap(([, substance]) => {
    const share = shareOf(substance, composition);
    return Object.entries(substance.warns ?? {}).flatMap(([caution, from]) =>
      share >= from - 1e-9 ? [caution as Caution] : [],
    );
  });
}

/** Usual most of an oil on skin, %, by what it is made of; Infinity where nothing in it is limited, "none" where it is not for skin. */
export function skinMostByContent(composition: Composition): number | "none" {
  let most = Infinity;
  for (const [, substance] of substanceList) {
    const share = shareOf(substance, composition);
    if (share >= (substance.notOnSkinFrom ?? Infinity)) return "none";
    if (share > 0 && substance.skinMostPercent !== undefined)
      most = Math.min(most, substance.skinMostPercent / share);
  }
  return most;
}
