import type { Product } from "./products";
import { usualWaterRule, waterMonths, type WaterKept, type WaterRule } from "./waterKeeping";

/** How long an oil keeps: by how fast its main compounds take up oxygen. */
export const keepingClasses = ["short", "middling", "long"] as const;
export type KeepingClass = (typeof keepingClasses)[number];

/** Where a bottle stands. */
type StoragePlace = "fridge" | "cellar" | "room";
type Glass = "amber" | "blue" | "green" | "clear" | "metal" | "plastic";

/**
 * The rule by which a best-by is reckoned; the person may change each figure. Months are those of a dark,
 * full, closed bottle in the cold, the others what of them, or of what is left of them, stays.
 */
export interface KeepingRule extends WaterRule {
  shortMonths: number;
  middlingMonths: number;
  longMonths: number;
  cellar: number;
  room: number;
  clearGlass: number;
  plastic: number;
  /** Air over a third of the bottle and more, as it was filled or since. */
  air: number;
  openedOil: number;
  openedHydrosol: number;
}

/*
 * Usual guidance among growers and aromatic-trade bodies: monoterpene-rich oils (citrus, conifers) a year
 * or two, most herbs two to three, woods and sesquiterpene-rich oils four; cold slows oxidation, a warm
 * room, light and air hasten it. Waters have their own rule beside it.
 */
export const usualKeepingRule: KeepingRule = {
  shortMonths: 12,
  middlingMonths: 24,
  longMonths: 48,
  cellar: 0.85,
  room: 0.5,
  clearGlass: 0.7,
  plastic: 0.6,
  air: 0.7,
  openedOil: 0.8,
  openedHydrosol: 0.5,
  ...usualWaterRule,
};

/* From here on air is more than headspace, share of the bottle. */
export const muchAir = 1 / 3;

/** How a bottle is kept. */
export interface KeptHow {
  place: StoragePlace;
  glass?: Glass;
  /** Air above what was filled, share of the bottle, 0 to 1. */
  airShare?: number;
  /** Of a hydrosol: how sour and strong it is, how clean it was made. */
  water?: Omit<WaterKept, "place">;
}

/** Months a product keeps, a plain rule and not a promise: smell and look decide. */
export function keepingMonths(
  product: Product,
  plant: { keeping: KeepingClass },
  { place, glass = "amber", airShare = 0, water = {} }: KeptHow,
  rule: KeepingRule = usualKeepingRule,
): number {
  const byVessel =
    (glass === "clear" ? rule.clearGlass : glass === "plastic" ? rule.plastic : 1) *
    (airShare >= muchAir ? rule.air : 1);
  if (product === "hydrosol") return waterMonths({ place, ...water }, rule) * byVessel;
  const months =
    product === "oil"
      ? {
          short: rule.shortMonths,
          middling: rule.middlingMonths,
          long: rule.longMonths,
        }[plant.keeping]
      : rule.liquorDays / daysPerMonth;
  return months * byVessel * (place === "cellar" ? rule.cellar : place === "room" ? rule.room : 1);
}

/** The date by which a product is best used, `YYYY-MM-DD`, from the date it was made; months may be broken. */
export function bestBy(madeOn: string, months: number): string {
  const [year = 0, month = 1, day = 1] = madeOn.split("-").map(Number);
  const whole = Math.floor(months);
  const target = new Date(Date.UTC(year, month - 1 + whole, 1));
  const lastDay = new Date(
    Date.UTC(target.getUTCFullYear(), target.getUTCMonth() + 1, 0),
  ).getUTCDate();
  target.setUTCDate(Math.min(day, lastDay) + Math.round((months - whole) * daysPerMonth));
  return target.toISOString().slice(0, 10);
}

const daysPerMonth = 30.4;
