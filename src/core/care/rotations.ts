import type { Band } from "./bands";

/*
 * Optical rotation of the oil at 20 °C in a decimetre tube, degrees, as international standards and handbooks give it
 * for the usual trade oil; rounded outwards, from memory: usual limits, to be checked. Which hand a compound has goes
 * by the plant, so that this cannot follow from the composition.
 */
export const rotationBands: Readonly<Record<string, Band>> = {
  anise: [-2, 2],
  baylaurel: [-19, -8],
  bergamotzest: [15, 32],
  bitterfennel: [10, 24],
  blackpepper: [-23, 4],
  caraway: [65, 81],
  cardamom: [22, 41],
  carrotseed: [-30, -4],
  cassia: [-1, 6],
  celeryseed: [48, 78],
  cinnamonleaf: [-3, 2],
  citronella: [-5, 2],
  clarysage: [-26, -6],
  clove: [-2, 0],
  coriander: [7, 13],
  cornmint: [-42, -20],
  cypress: [12, 32],
  eucalyptus: [0, 10],
  grapefruitzest: [91, 97],
  juniperberry: [-17, 2],
  lavandin: [-7, 0],
  lavender: [-13, -6],
  lemongrass: [-4, 2],
  lemonzest: [56, 66],
  limezest: [34, 53],
  mandarinzest: [63, 79],
  mountainpine: [-15, 0],
  neroli: [1, 12],
  nutmeg: [8, 25],
  orangezest: [94, 100],
  oregano: [-5, 3],
  palmarosa: [0, 4],
  patchouli: [-66, -38],
  peppermint: [-30, -10],
  peppermintgum: [-6, 8],
  redcedarwood: [-36, -16],
  rose: [-6, -1],
  rosegeranium: [-15, -7],
  rosemary: [-5, 10],
  sage: [1, 30],
  sandalwood: [-22, -12],
  spearmint: [-60, -45],
  spikelavender: [-7, 3],
  staranise: [-2, 2],
  sweetfennel: [5, 25],
  tarragon: [0, 9],
  teatree: [5, 15],
  vetiver: [12, 32],
  wintergreen: [-2, 0],
  ylang: [-68, -20],
};

/* Freezing point of the oil, °C, where it is one of its marks: same sources. */
export const freezingBands: Readonly<Record<string, Band>> = {
  anise: [15, 19.5],
  bitterfennel: [3, 12],
  rose: [16, 24],
  staranise: [14, 19],
};
