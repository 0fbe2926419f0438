import { differenceInCalendarDays } from "date-fns/differenceInCalendarDays";
import { isoDay, noonOf } from "@/core/units/dates";
import type { KeepingRule } from "@/core/shelf/bestBy";
import { type Move, movedBestBy } from "@/core/shelf/movedBestBy";
import type { Bottle, Use } from "@/records/bottle";
import type { Check } from "@/records/check";
import type { Lot } from "@/records/lot";
import type { PlantBook } from "../plant/plantBook";
import { judgedChecks, type Judged } from "./lotChecks";
import { lotName } from "./lotName";

/** What of the logbook stands on the shelf. */
export interface Stock {
  bottles: readonly Bottle[];
  lots: readonly Lot[];
  uses: readonly Use[];
  checks: readonly Check[];
  /** By what a best-by is reckoned, as the person will have it. */
  rule: KeepingRule;
}

/** A bottle with what it takes to show it. */
export interface Shelved {
  bottle: Bottle;
  lot: Lot;
  /** The lot's own name, or its plant's. */
  name: string;
  leftMl: number;
  /** Its best-by as it stands now. */
  bestBy: string;
  /** What moved it since it was filled, and why. */
  moves: Move[];
  /** Its latest check. */
  judged: Judged | undefined;
  /** Days until its best-by; negative when it is past. */
  daysLeft: number;
  /** When it, its lot, a use or a check of it was changed last. */
  changedAt: string;
  /** Soon past, past, or found wanting, and not empty. */
  due: boolean;
}

/* A month is enough to use up or give away what is due. */
const dueDays = 30;

/** Bottles that are not empty with their lots, what is due first. */
export function shelved(
  { bottles, lots, uses, checks, rule }: Stock,
  today: Date,
  book: PlantBook,
): Shelved[] {
  const lotById = new Map(lots.map((lot) => [lot.id, lot]));
  const usesOf = groupBy(uses, ({ bottleId }) => bottleId);
  const checksOf = groupBy(checks, ({ lotId }) => lotId);
  const judgedOf = new Map<string, Judged[]>();
  const judge = (lot: Lot) => {
    const known = judgedOf.get(lot.id) ?? judgedChecks(lot, checksOf.get(lot.id) ?? []);
    judgedOf.set(lot.id, known);
    return known;
  };
  return bottles
    .flatMap((bottle): Shelved[] => {
      const lot = lotById.get(bottle.lotId);
      const taken = usesOf.get(bottle.id) ?? [];
      const leftMl = bottle.filledMl - taken.reduce((sum, { amountMl }) => sum + amountMl, 0);
      if (!lot || leftMl <= 1e-9) return [];
      const judged = judge(lot).filter(
        ({ check }) => check.bottleId === undefined || check.bottleId === bottle.id,
      );
      const { day, moves } = movedBestBy(
        {
          product: lot.product,
          bestBy: bottle.bestBy,
          sizeMl: bottle.sizeMl,
          filledMl: bottle.filledMl,
          ...(bottle.openedAt ? { openedOn: isoDay(new Date(bottle.openedAt)) } : {}),
          taken: taken.map(({ at, amountMl }) => ({ on: isoDay(new Date(at)), amountMl })),
          checks: judged,
        },
        rule,
      );
      /* By the calendar where the device is: on its last day a bottle is not past it yet. */
      const daysLeft = differenceInCalendarDays(noonOf(day), today);
      return [
        {
          bottle,
          lot,
          name: lotName(lot, book),
          leftMl,
          bestBy: day,
          moves,
          judged: judged.at(-1),
          daysLeft,
          changedAt: [bottle, lot, ...taken, ...judged.map(({ check }) => check)].reduce(
            (latest, { updatedAt }) => (updatedAt > latest ? updatedAt : latest),
            "",
          ),
          due: daysLeft <= dueDays,
        },
      ];
    })
    .sort((a, b) => a.daysLeft - b.daysLeft);
}

/** Things by what they belong to; those that belong to nothing are left out. */
export function groupBy<T>(
  all: readonly T[],
  key: (each: T) => string | undefined,
): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const each of all) {
    const name = key(each);
    if (name === undefined) continue;
    const before = groups.get(name);
    if (before) before.push(each);
    else groups.set(name, [each]);
  }
  return groups;
}

/** Bottles out of which more was taken than was in them, as two tabs at once can do. */
export function overdrawn(
  bottles: readonly Bottle[],
  uses: readonly Use[],
): { bottle: Bottle; takenMl: number }[] {
  const usesOf = groupBy(uses, ({ bottleId }) => bottleId);
  return bottles.flatMap((bottle) => {
    const takenMl = (usesOf.get(bottle.id) ?? []).reduce((sum, { amountMl }) => sum + amountMl, 0);
    return takenMl > bottle.filledMl * 1.001 ? [{ bottle, takenMl }] : [];
  });
}

/** Codes that stand on more than one bottle or lot, as two devices that met can bring about. */
export function codesTwice(stock: Pick<Stock, "bottles" | "lots">): (Bottle | Lot)[][] {
  const byCode = groupBy<Bottle | Lot>([...stock.bottles, ...stock.lots], ({ code }) => code);
  return [...byCode.values()].filter((those) => those.length > 1);
}

/** Lots that nobody has bottled anything of yet, with what waits, mL. */
export function notBottled({
  bottles,
  lots,
  uses,
}: Pick<Stock, "bottles" | "lots" | "uses">): { lot: Lot; openMl: number }[] {
  const bottled = new Set(bottles.map(({ lotId }) => lotId));
  const taken = groupBy(uses, ({ lotId, bottleId }) =>
    bottleId === undefined ? lotId : undefined,
  );
  return lots.flatMap((lot) => {
    if (bottled.has(lot.id)) return [];
    const out = (taken.get(lot.id) ?? []).reduce((sum, { amountMl }) => sum + amountMl, 0);
    const openMl = lot.volumeMl - out;
    return openMl > leastMl ? [{ lot, openMl }] : [];
  });
}

/* What stays on the glass is not worth a bottle. */
const leastMl = 0.05;
