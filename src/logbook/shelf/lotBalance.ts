import type { Bottle, Use } from "@/records/bottle";
import type { Lot } from "@/records/lot";

/** Where a lot's volume is, mL: `madeMl + overMl` is `bottledMl + takenMl + openMl`. */
export interface LotBalance {
  madeMl: number;
  bottledMl: number;
  /** Taken of what was in no bottle: into a blend, used at once, lost. */
  takenMl: number;
  /** In no bottle yet. */
  openMl: number;
  /** Bottled and taken beyond what was made, by the measures; kept as a difference. */
  overMl: number;
}

/** Balances a lot against its bottles and what was taken of it. */
export function lotBalance(lot: Lot, bottles: readonly Bottle[], uses: readonly Use[]): LotBalance {
  const bottledMl = bottles
    .filter(({ lotId, deletedAt }) => lotId === lot.id && !deletedAt)
    .reduce((sum, { filledMl }) => sum + filledMl, 0);
  const takenMl = uses
    .filter(
      ({ lotId, bottleId, deletedAt }) => lotId === lot.id && bottleId === undefined && !deletedAt,
    )
    .reduce((sum, { amountMl }) => sum + amountMl, 0);
  const rest = lot.volumeMl - bottledMl - takenMl;
  return {
    madeMl: lot.volumeMl,
    bottledMl,
    takenMl,
    openMl: Math.max(0, rest),
    overMl: Math.max(0, -rest),
  };
}
