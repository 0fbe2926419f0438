/** What a lot is. */
export type Product = "oil" | "hydrosol";

/** How long an oil keeps: by how fast its main compounds take up oxygen. */
export const keepingClasses = ["short", "middling", "long"] as const;
export type KeepingClass = (typeof keepingClasses)[number];

/** Where a bottle stands. */
export type StoragePlace = "fridge" | "cellar" | "room";

/*
 * Months from the run, closed bottle, dark glass. Usual guidance among growers and aromatic-trade
 * bodies: monoterpene-rich oils (citrus, conifers) a year or two, most herbs two to three, woods and
 * sesquiterpene-rich oils four; cold slows oxidation, a warm room hastens it. Hydrosols without a
 * preservative: as the plant's own figure has it, half of that in a warm room.
 */
const oilMonths: Record<KeepingClass, number> = { short: 12, middling: 24, long: 48 };
const placeFactor: Record<StoragePlace, number> = { fridge: 1, cellar: 0.85, room: 0.5 };

/** Months a product keeps, a plain rule and not a promise: smell and look decide. */
export function keepingMonths(
  product: Product,
  plant: { keeping: KeepingClass; hydrosol: { months: number } },
  place: StoragePlace,
): number {
  const months = product === "oil" ? oilMonths[plant.keeping] : plant.hydrosol.months;
  return Math.round(months * placeFactor[place]);
}

/** The date by which a product is best used, `YYYY-MM-DD`, from the date it was made. */
export function bestBy(madeOn: string, months: number): string {
  const [year = 0, month = 1, day = 1] = madeOn.split("-").map(Number);
  const target = new Date(Date.UTC(year, month - 1 + months, 1));
  const lastDay = new Date(
    Date.UTC(target.getUTCFullYear(), target.getUTCMonth() + 1, 0),
  ).getUTCDate();
  target.setUTCDate(Math.min(day, lastDay));
  return target.toISOString().slice(0, 10);
}
