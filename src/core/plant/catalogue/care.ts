import { cautions, usualSkinMost, type Care, type Caution } from "../cautions";
import type { BarePlant } from "../plant";
import { skinMostByContent, warnedOf } from "../substances";

/*
 * Cautions by what they are. Handbooks of safety and monographs agree on most; where they differ the
 * stricter one is taken. Maxima on skin as a careful handbook has them (Tisserand and Young 2014), from
 * memory: the usual cautious maximum, to be checked before use.
 */
const cautionsById: Readonly<Record<string, readonly Caution[]>> = {
  allspice: ["carcinogenic", "sensitises", "cats"],
  angelica: ["pregnancy", "phototoxic", "lookAlike"],
  anise: ["pregnancy", "carcinogenic", "lookAlike"],
  atlascedar: ["overHarvested"],
  balsamfir: ["oxidises", "cats", "lookAlike"],
  basil: ["carcinogenic", "pregnancy"],
  basilestragole: ["carcinogenic"],
  baylaurel: ["carcinogenic", "youngChildren", "sensitises", "lookAlike"],
  bergamotzest: ["oxidises", "cats", "phototoxic"],
  bitterfennel: ["pregnancy", "carcinogenic", "youngChildren", "lookAlike"],
  blackspruce: ["oxidises", "cats", "lookAlike"],
  bluemallee: ["youngChildren", "asthma", "cats"],
  caraway: ["sensitises", "lookAlike"],
  cardamom: ["youngChildren"],
  carrotseed: ["lookAlike", "pregnancy"],
  celeryseed: ["pregnancy", "lookAlike"],
  cinnamonbark: ["pregnancy", "sensitises", "cats"],
  citronella: ["sensitises"],
  clarysage: ["pregnancy"],
  clove: ["sensitises", "cats"],
  coriander: ["lookAlike"],
  cumin: ["phototoxic", "lookAlike"],
  cypress: ["oxidises"],
  dill: ["sensitises", "lookAlike"],
  douglasfir: ["oxidises", "cats", "lookAlike"],
  elderflower: ["lookAlike"],
  eucalyptus: ["youngChildren", "asthma", "cats"],
  frankincense: ["oxidises", "overHarvested"],
  germanchamomile: ["sensitises"],
  grapefruitzest: ["oxidises", "cats", "phototoxic"],
  hops: ["oxidises", "sensitises"],
  hyssop: ["convulsant", "pregnancy", "youngChildren"],
  immortelle: ["sensitises"],
  juniperberry: ["oxidises", "pregnancy", "lookAlike"],
  lemonbalm: ["sensitises"],
  lemongrass: ["sensitises"],
  lemongum: ["sensitises"],
  lemonmyrtle: ["sensitises"],
  lemonverbena: ["sensitises"],
  lemonzest: ["oxidises", "cats", "phototoxic"],
  limezest: ["oxidises", "cats", "phototoxic"],
  lovageroot: ["pregnancy", "phototoxic", "lookAlike"],
  makrut: ["sensitises"],
  mandarinzest: ["oxidises", "cats"],
  monarda: ["sensitises", "cats"],
  mugwort: ["convulsant", "pregnancy", "sensitises"],
  myrrh: ["pregnancy"],
  myrtle: ["carcinogenic", "youngChildren"],
  niaouli: ["youngChildren", "asthma", "cats"],
  norwayspruce: ["oxidises", "cats", "lookAlike"],
  nutmeg: ["pregnancy", "carcinogenic"],
  orangezest: ["oxidises", "cats"],
  oregano: ["sensitises", "cats"],
  palmarosa: ["sensitises"],
  parsleyseed: ["pregnancy", "liver"],
  pennyroyal: ["pregnancy", "cats", "dogs", "liver", "poison"],
  peppermint: ["youngChildren", "asthma", "cats", "pregnancy"],
  romanchamomile: ["sensitises"],
  rose: ["carcinogenic"],
  rosegeranium: ["sensitises"],
  rosemary: ["youngChildren", "asthma", "pregnancy", "convulsant"],
  rosemarycamphor: ["convulsant", "youngChildren", "pregnancy"],
  rosemaryverbenone: ["youngChildren", "pregnancy", "convulsant"],
  sage: ["convulsant", "pregnancy", "youngChildren"],
  sandalwood: ["overHarvested"],
  scotspine: ["oxidises", "cats", "lookAlike"],
  silverfir: ["oxidises", "cats", "lookAlike"],
  spearmint: ["youngChildren", "sensitises", "cats"],
  spikelavender: ["convulsant", "youngChildren"],
  staranise: ["pregnancy", "carcinogenic", "lookAlike"],
  sweetfennel: ["pregnancy", "carcinogenic", "youngChildren", "lookAlike"],
  tarragon: ["carcinogenic", "pregnancy"],
  teatree: ["oxidises", "sensitises", "cats", "dogs"],
  thyme: ["cats", "sensitises"],
  tulsi: ["pregnancy", "carcinogenic", "sensitises", "cats"],
  whitecedar: ["convulsant", "pregnancy", "poison"],
  wintergreen: ["pregnancy", "youngChildren", "cats", "dogs", "poison"],
  wintersavory: ["sensitises", "cats"],
  wormwood: ["convulsant", "pregnancy"],
  yarrow: ["pregnancy", "lookAlike", "sensitises"],
  yarrowcamphor: ["convulsant"],
  ylang: ["sensitises"],
  yuzu: ["oxidises", "cats"],
};

const skinMost: Readonly<Record<string, number | "none">> = {
  allspice: 0.15,
  angelica: 0.8,
  anise: 2.4,
  basil: 3.3,
  basilestragole: 0.1,
  baylaurel: 0.5,
  bitterfennel: 1.5,
  cinnamonbark: 0.07,
  clove: 0.5,
  cumin: 0.4,
  hyssop: 0.3,
  lemonbalm: 0.9,
  lemongrass: 0.7,
  lemonmyrtle: 0.7,
  lemonverbena: "none",
  monarda: 1.1,
  mugwort: 1,
  nutmeg: 0.8,
  oregano: 1.1,
  palmarosa: 6.5,
  parsleyseed: "none",
  pennyroyal: "none",
  peppermint: 5.4,
  rose: 0.6,
  sage: 0.4,
  spearmint: 1.7,
  staranise: 1.75,
  sweetfennel: 2.5,
  tarragon: 0.1,
  teatree: 15,
  thyme: 1.3,
  tulsi: 0.5,
  whitecedar: "none",
  wintergreen: "none",
  wintersavory: 1.2,
  wormwood: "none",
  wormwoodchrysanthenyl: "none",
  ylang: 0.8,
};

/* Usual pH of the fresh hydrosol, 0.3 either way: what makers measure. */
const hydrosolPh: Readonly<Record<string, readonly [number, number]>> = {
  baylaurel: [4.9, 5.2],
  eucalyptus: [4.2, 4.2],
  geraniumwater: [4.9, 5.2],
  immortelle: [3.5, 3.8],
  juniperberry: [3.3, 3.6],
  lavender: [5.6, 5.9],
  lemonbalm: [4.8, 5.0],
  neroli: [3.8, 4.5],
  peppermint: [6.1, 6.3],
  romanchamomile: [3.0, 3.3],
  rose: [4.1, 4.4],
  rosegeranium: [4.9, 5.2],
  rosemary: [4.2, 4.6],
  sage: [3.9, 4.2],
  teatree: [4.0, 4.0],
  yarrow: [3.6, 3.9],
};

/* Months a hydrosol keeps, closed and cold, where that is not a year: half once opened. */
const hydrosolMonths: Readonly<Record<string, number>> = {
  bergamotzest: 6,
  clove: 18,
  elderflower: 6,
  germanchamomile: 6,
  grapefruitzest: 6,
  lemonbalm: 6,
  lemonzest: 6,
  limezest: 6,
  linden: 6,
  mandarinzest: 6,
  neroli: 18,
  orangezest: 6,
  oregano: 18,
  romanchamomile: 6,
  rose: 18,
  spearmint: 6,
  thyme: 18,
  thymegeraniol: 18,
  thymelinalool: 18,
  wintersavory: 18,
  yuzu: 6,
};
const usualHydrosolMonths = 12;

/**
 * What a careful person wants to know of a plant's products: what handbooks say of it, what its oil's make-up adds,
 * and, of a kind of a plant, what that plant is warned of.
 * @param sister the plant that it is a kind of
 */
export function careOf(
  { id, composition }: Pick<BarePlant, "id" | "composition">,
  sister?: Pick<BarePlant, "id">,
): Care {
  const told = new Set([
    ...(cautionsById[id] ?? []),
    ...(sister ? (cautionsById[sister.id] ?? []) : []),
    ...warnedOf(composition),
  ]);
  const most = strictest(skinMost[id], skinMostByContent(composition));
  const ph = hydrosolPh[id];
  return {
    cautions: cautions.filter((caution) => told.has(caution)),
    ...(most === undefined ? {} : { skinMostPercent: most }),
    hydrosol: { months: hydrosolMonths[id] ?? usualHydrosolMonths, ...(ph ? { ph } : {}) },
  };
}

/* Above the usual ceiling only what a handbook names is worth telling. */
function strictest(
  told: number | "none" | undefined,
  byContent: number | "none",
): number | "none" | undefined {
  if (told === "none" || byContent === "none") return "none";
  if (byContent >= usualSkinMost.body) return told;
  return Number(Math.min(told ?? Infinity, byContent).toPrecision(2));
}

/** Every plant that anything is said of here: a test holds these against the book. */
export const caredFor: readonly string[] = [
  ...new Set([cautionsById, skinMost, hydrosolPh, hydrosolMonths].flatMap(Object.keys)),
];
