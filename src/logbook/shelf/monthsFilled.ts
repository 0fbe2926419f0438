import { partOfPlant } from "@/core/care/partOfPlant";
import { type KeepingRule, keepingMonths } from "@/core/shelf/bestBy";
import { guardsOf, preservedHow, type WaterKept } from "@/core/shelf/waterKeeping";
import type { Bottle } from "@/records/bottle";
import type { Check } from "@/records/check";
import type { Lot } from "@/records/lot";
import type { Run } from "@/records/run";
import type { PlantBook } from "../plant/plantBook";
import { waterOfLot } from "./waterOfLot";

/** A bottle as it is filled. */
export type Filled = Pick<
  Bottle,
  "sizeMl" | "filledMl" | "glass" | "storage" | "filling" | "filtering" | "preserved"
>;

/** What of the logbook says how long a lot keeps. */
export interface KeptBy {
  book: PlantBook;
  rule: KeepingRule;
  runs: readonly Run[];
  checks: readonly Check[];
}

/** How many months from its run a bottle is good as it is filled and kept. */
export function monthsFilled(lot: Lot, filled: Filled, { book, rule, ...by }: KeptBy): number {
  const { sizeMl, filledMl, glass, storage } = filled;
  const plant = book.byId(lot.plantId);
  return keepingMonths(
    lot.product,
    plant ?? { keeping: "middling" },
    {
      place: storage,
      glass,
      airShare: 1 - filledMl / sizeMl,
      ...(lot.product === "hydrosol" ? { water: waterKept(lot, filled, { book, ...by }) } : {}),
    },
    rule,
  );
}

/** What of a hydrosol decides how long it keeps: its pH, its run's or its plant's content, how it was filled. */
function waterKept(
  lot: Lot,
  { filling, filtering, preserved }: Filled,
  { book, runs, checks }: Omit<KeptBy, "rule">,
): Omit<WaterKept, "place"> {
  const plant = book.byId(lot.plantId);
  const content =
    waterOfLot(lot, new Map(runs.map((run) => [run.id, run]))) ??
    (plant && partOfPlant(plant, "hydrosol").water);
  const measuredPh = phOfLot(lot, checks);
  return {
    ph: measuredPh ?? usualPh(plant?.hydrosol.ph),
    guards: content && guardsOf(content),
    filling: filling ?? usualFilling(lot, runs),
    filtering,
    /* What is added works by the pH that was read, not by the one that such a water usually has. */
    preserved: preserved && preservedHow(preserved, measuredPh) === "works" ? preserved : undefined,
  };
}

/** How a lot is taken to have been caught where nobody says: open of a bowl under a lid, else into a rinsed bottle. */
export function usualFilling(lot: Lot, runs: readonly Run[]): "open" | "rinsed" {
  const bowl = runs.some(({ id, plan }) => lot.runIds.includes(id) && plan.method === "bowl");
  return bowl ? "open" : "rinsed";
}

/** A lot's pH as it was read last; undefined where nobody did. */
export function phOfLot(lot: Lot, checks: readonly Check[]): number | undefined {
  return checks
    .filter(({ lotId, ph }) => lotId === lot.id && ph !== undefined)
    .reduce((found, { at, ph }) => (at > found.at ? { at, ph } : found), { at: "", ph: lot.ph }).ph;
}

function usualPh(band: readonly [number, number] | undefined): number | undefined {
  return band && (band[0] + band[1]) / 2;
}
