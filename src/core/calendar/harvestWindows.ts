/** Where somebody cuts: what the plants' calendar shifts by. */
export interface Garden {
  /** North of the equator above 0; undefined where it is not told. */
  latitude?: number;
  altitudeM: number;
}

/** A stretch of the year in days from 1 January, 0 to below 365; `to` below `from` goes over the new year. */
export interface Window {
  from: number;
  to: number;
}

/*
 * When such a plant is usually cut for the still in a garden at 45° north near the sea, in months: 6.5 is the
 * middle of June. Herbals and growers' calendars of the temperate north give such months; for plants of warm
 * countries the months in which they are cut under glass or in the mild south. What is bought dry, or cut at
 * any time, has none.
 */
const months: Record<string, readonly [from: number, to: number]> = {
  angelica: [9, 11],
  anise: [8, 9],
  balsamfir: [11, 15],
  basilestragole: [7, 9.5],
  baylaurel: [8, 10],
  bergamotzest: [11, 14],
  bitterfennel: [8.5, 10],
  blackspruce: [11, 15],
  eucalyptus: [7, 9.5],
  caraway: [6.5, 7.5],
  carrotseed: [8, 9.5],
  celeryseed: [8, 9],
  citronella: [7, 10],
  clarysage: [6.5, 8],
  coriander: [7, 8.5],
  cornflower: [5.5, 7],
  cumin: [7, 8.5],
  cypress: [7, 10],
  rose: [5.5, 6.5],
  dill: [8, 9.5],
  douglasfir: [4.5, 6.5],
  elderflower: [5.5, 6.5],
  sage: [5, 6.5],
  thyme: [5.5, 7],
  germanchamomile: [5.5, 7],
  tulsi: [7, 9.5],
  hops: [8.5, 9.5],
  hyssop: [6.5, 8],
  immortelle: [6, 7.5],
  juniperberry: [9, 11.5],
  lavandin: [7, 8],
  lemonbalm: [5.5, 7],
  lemonverbena: [7, 9],
  lemonzest: [11, 15],
  lemongrass: [7, 10],
  linden: [6, 7],
  lovageroot: [9.5, 11],
  mandarinzest: [11, 14],
  manuka: [7, 9],
  mugwort: [7, 8.5],
  myrtle: [6, 9],
  norwayspruce: [2, 6.5],
  neroli: [4.5, 6],
  oregano: [6.5, 8],
  orangezest: [11, 15],
  parsleyseed: [8, 9],
  peppermint: [6.5, 8],
  petitgrain: [6, 9],
  romanchamomile: [6, 7.5],
  rosegeranium: [7.5, 10],
  geraniumwater: [7.5, 10.5],
  rosemary: [4, 6.5],
  rosemarycamphor: [4, 6.5],
  rosemaryverbenone: [4, 6.5],
  scotspine: [2, 6.5],
  silverfir: [2, 4],
  spearmint: [6.5, 8],
  spikelavender: [7.5, 8.5],
  basil: [7, 9.5],
  sweetfennel: [8.5, 10],
  marjoram: [6.5, 8],
  tarragon: [5.5, 7],
  teatree: [6, 9.5],
  thymegeraniol: [5.5, 7],
  thymelinalool: [5.5, 7],
  lavender: [6.5, 7.5],
  monarda: [7, 8.5],
  pennyroyal: [7, 8.5],
  wintersavory: [7, 9],
  wintergreen: [9, 11.5],
  witchhazel: [10, 12],
  wormwood: [7, 8.5],
  wormwoodchrysanthenyl: [7, 8.5],
  yarrow: [6, 7.5],
  yarrowcamphor: [6, 7.5],
  catnip: [6.5, 9],
  perilla: [8, 9.5],
  anisehyssop: [7, 9],
  summersavory: [7.5, 9],
  cornmint: [7, 8.5],
  applemint: [7, 8.5],
  lemonthyme: [5.5, 7.5],
  frenchlavender: [4.5, 6],
  sweetannie: [8, 9.5],
  southernwood: [6.5, 8.5],
  feverfew: [6.5, 8],
  goldenrod: [8, 9.5],
  bogmyrtle: [7.5, 9.5],
  labradortea: [7.5, 9.5],
  cistus: [6.5, 9],
  californiabay: [8, 10],
  whitepine: [2, 5],
  mountainpine: [6, 8],
  grandfir: [11, 15],
  hemlockspruce: [11, 15],
  larch: [6, 9],
  juniperbranch: [8, 11],
  peppermintgum: [7, 9.5],
  kanuka: [7, 9],
  valerian: [9.5, 11],
  elecampane: [9.5, 11],
  cucumber: [7, 9],
  violet: [3, 4.5],
  lilac: [5, 6],
  yuzu: [11, 13],
};

/* What is grown and cut between the tropics, in the dry months: leaves hold most oil and dry well, bark and root are clean. */
const tropicPlants: ReadonlySet<string> = new Set([
  "allspice",
  "basil",
  "basilestragole",
  "blackpepper",
  "bluemallee",
  "cardamom",
  "cassia",
  "cinnamonbark",
  "cinnamonleaf",
  "citronella",
  "clove",
  "cornmint",
  "eucalyptus",
  "ginger",
  "grapefruitzest",
  "lemongrass",
  "lemongum",
  "lemonmyrtle",
  "lemonzest",
  "limezest",
  "makrut",
  "mandarinzest",
  "niaouli",
  "nutmeg",
  "orangezest",
  "palmarosa",
  "patchouli",
  "peppermintgum",
  "rosegeranium",
  "sandalwood",
  "teatree",
  "tulsi",
  "turmeric",
  "vetiver",
  "ylang",
]);
/* The dry half of the year in savanna climates, in months, north of the equator; half a year later south of it. */
const dryMonths: readonly [from: number, to: number] = [11.5, 16];

/** The plants that have a season. */
export const seasonalPlants: readonly string[] = Object.keys(months);

const yearDays = 365;
const monthDays = yearDays / 12;
const baseLatitude = 45;
/* Plants come four days later with each degree towards the pole, and a day with each thirty metres up. */
const daysPerDegree = 4;
const metresPerDay = 30;
/* What ripens in autumn is held together by the days growing short: half as much. */
const autumnFrom = 8.5;
const mostShift = 45;
/* Nearer to the equator than this a year has no such seasons. */
const tropic = 23.4;

/** Whether the year has a summer and a winter where somebody cuts; between the tropics it is dry and wet. */
export function hasSeasons({ latitude = baseLatitude }: Garden): boolean {
  return Math.abs(latitude) > tropic;
}

/**
 * When a plant is usually cut in such a garden; undefined where it has no season of its own. Between the tropics what
 * grows there has the dry months, and nothing else has any.
 */
export function harvestWindow(plantId: string, garden: Garden): Window | undefined {
  const { latitude = baseLatitude, altitudeM } = garden;
  if (!hasSeasons(garden)) {
    if (!tropicPlants.has(plantId)) return undefined;
    const half = latitude < 0 ? 6 : 0;
    return {
      from: dayIn((dryMonths[0] - 1 + half) * monthDays),
      to: dayIn((dryMonths[1] - 1 + half) * monthDays),
    };
  }
  const own = Object.hasOwn(months, plantId) ? months[plantId] : undefined;
  if (!own) return undefined;
  const [from, to] = own;
  const late =
    (Math.abs(latitude) - baseLatitude) * daysPerDegree + Math.max(0, altitudeM) / metresPerDay;
  const shift =
    Math.max(-mostShift, Math.min(mostShift, late)) * (from >= autumnFrom ? 0.5 : 1) +
    (latitude < 0 ? yearDays / 2 : 0);
  return {
    from: dayIn((from - 1) * monthDays + shift),
    to: dayIn((to - 1) * monthDays + shift),
  };
}

function dayIn(day: number): number {
  return ((day % yearDays) + yearDays) % yearDays;
}

/** The day of a year, 0 to 364; a leap day counts as the one before it. */
export function dayOfYear(at: Date): number {
  const start = Date.UTC(at.getFullYear(), 0, 1);
  const now = Date.UTC(at.getFullYear(), at.getMonth(), at.getDate());
  return Math.min(yearDays - 1, Math.round((now - start) / 86400e3));
}

/** Days until a window opens; 0 while it is open. */
export function daysUntilOpen({ from, to }: Window, day: number): number {
  const length = dayIn(to - from);
  return dayIn(day - from) <= length ? 0 : Math.ceil(dayIn(from - day));
}
