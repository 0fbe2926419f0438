import { keysOf } from "../keysOf";

/** How clean a water was caught and filled, from the least to the most. */
export const fillings = ["open", "rinsed", "boiled", "hot"] as const;
export type Filling = (typeof fillings)[number];

/** Through what it was filtered: paper takes dust and wax; 0.2 µm takes what lives in it. */
export const filterings = ["paper", "fine"] as const;
export type Filtering = (typeof filterings)[number];

interface Preservative {
  /** Usual share of the water by mass, in spirit by volume, %. */
  percent: readonly [low: number, high: number];
  /** Above this pH it does nothing; absent where pH does not matter. */
  mostPh?: number;
}

/*
 * What small makers use, with the usual shares and the pH that it needs, by makers' sheets and rules for cosmetics. What
 * is allowed, and in what, is for local rules to say.
 */
export const preservatives = {
  sorbate: { percent: [0.1, 0.3], mostPh: 5.5 },
  benzoate: { percent: [0.1, 0.5], mostPh: 5 },
  sorbateAndBenzoate: { percent: [0.2, 0.6], mostPh: 5.5 },
  benzylAlcoholAcid: { percent: [0.2, 1], mostPh: 6 },
  spirit: { percent: [15, 25] },
} as const satisfies Record<string, Preservative>;
export type PreservativeName = keyof typeof preservatives;
export const preservativeNames = keysOf(preservatives) as [PreservativeName, ...PreservativeName[]];

/** What was added to keep a water, and how much of it, %. */
export interface Preserved {
  with: PreservativeName;
  percent: number;
}

/** Whether what was added can work: enough of it, at a pH that it needs; "phUnknown" where none is known. */
export function preservedHow(
  { with: name, percent }: Preserved,
  ph: number | undefined,
): "works" | "tooLittle" | "notSour" | "phUnknown" {
  const { percent: usual, mostPh }: Preservative = preservatives[name];
  if (percent < usual[0]) return "tooLittle";
  if (mostPh === undefined) return "works";
  if (ph === undefined) return "phUnknown";
  return ph <= mostPh ? "works" : "notSour";
}

/** What of a water hinders life in it: mg/L of phenols and aldehydes, which are strong, and of alcohols. */
export interface Guards {
  phenolsMgPerL: number;
  alcoholsMgPerL: number;
}

const phenols = ["thymol", "carvacrol", "eugenol", "cinnamaldehyde", "cuminaldehyde", "geranial"];
const alcohols = [
  "linalool",
  "geraniol",
  "nerol",
  "citronellol",
  "terpinen4ol",
  "alphaTerpineol",
  "menthol",
  "borneol",
  "phenethylAlcohol",
  "cineole",
  "camphor",
];

/** What of a water's content hinders life in it. */
export function guardsOf(content: Readonly<Record<string, number>>): Guards {
  const sum = (ids: readonly string[]) => ids.reduce((all, id) => all + (content[id] ?? 0), 0);
  return { phenolsMgPerL: sum(phenols), alcoholsMgPerL: sum(alcohols) };
}

/** The figures of the rule for waters; a person may change each. */
export interface WaterRule {
  /** Cold, closed, in a rinsed bottle, neither sour nor strong, months. */
  waterMonths: number;
  waterCellar: number;
  waterRoom: number;
  /** As sour as they come, pH 3.6 and less, so many times. */
  waterSour: number;
  /** Rich in phenols or alcohols, so many times. */
  waterStrong: number;
  /** Into a bottle that was boiled, so many times; hot into one just boiled; through 0.2 µm into one. */
  waterBoiled: number;
  waterHot: number;
  waterFine: number;
  /** Caught in an open bowl and not handled cleanly after, days. */
  openDays: number;
  /** A preserved one, cold, months. */
  preservedMonths: number;
  liquorDays: number;
}

/*
 * Judged from what small makers see and from plate counts in teaching texts on hydrosols: unpreserved and simply bottled
 * three to six months in the cold, weeks in a room; sour or strong and filled hot into sterile glass a year and more;
 * a bowl under a lid ten days.
 */
export const usualWaterRule: WaterRule = {
  waterMonths: 4,
  waterCellar: 0.5,
  waterRoom: 0.2,
  waterSour: 2,
  waterStrong: 1.5,
  waterBoiled: 1.4,
  waterHot: 2,
  waterFine: 2.5,
  openDays: 10,
  preservedMonths: 12,
  liquorDays: 4,
};

/* Between these a water is more sour the lower; above the upper end it is nearly neutral, and lives more easily. */
const sourPh = { most: 3.6, none: 5 } as const;
const neutralPh = 6;
const neutralStays = 0.7;
/* As much of the one or the other is strong: in plate counts phenols hinder from a few hundred mg/L on. */
const strong = { phenolsMgPerL: 300, alcoholsMgPerL: 900 } as const;
const mostMonths = 24;
const daysPerMonth = 30.4;

/** How a water was made and is kept. */
export interface WaterKept {
  place: "fridge" | "cellar" | "room";
  ph?: number | undefined;
  guards?: Guards | undefined;
  filling?: Filling | undefined;
  filtering?: Filtering | undefined;
  preserved?: Preserved | undefined;
}

/** Months that a closed hydrosol keeps; a rule and no promise: look, smell and pH decide. */
export function waterMonths(kept: WaterKept, rule: WaterRule = usualWaterRule): number {
  const { place, ph, guards, filling = "rinsed", filtering, preserved } = kept;
  const stays = { fridge: 1, cellar: rule.waterCellar, room: rule.waterRoom }[place];
  if (preserved && preservedHow(preserved, ph) === "works")
    return rule.preservedMonths * Math.sqrt(stays);
  if (filling === "open") return (rule.openDays / daysPerMonth) * stays;
  const months =
    rule.waterMonths *
    bySourness(ph, rule.waterSour) *
    (1 + (rule.waterStrong - 1) * strength(guards)) *
    clean(filling, filtering, rule);
  return Math.min(mostMonths, months) * stays;
}

function bySourness(ph: number | undefined, most: number): number {
  if (ph === undefined) return 1;
  if (ph >= neutralPh) return neutralStays;
  const share = (sourPh.none - ph) / (sourPh.none - sourPh.most);
  return 1 + (most - 1) * Math.max(0, Math.min(1, share));
}

function strength(guards: Guards | undefined): number {
  if (!guards) return 0;
  return Math.min(
    1,
    guards.phenolsMgPerL / strong.phenolsMgPerL + guards.alcoholsMgPerL / strong.alcoholsMgPerL,
  );
}

/* A fine filter is worth what it is only into a clean bottle. */
function clean(filling: Filling, filtering: Filtering | undefined, rule: WaterRule): number {
  if (filling === "rinsed") return 1;
  const byFilling = filling === "hot" ? rule.waterHot : rule.waterBoiled;
  return filtering === "fine" ? Math.max(byFilling, rule.waterFine) : byFilling;
}
