import { completedBy } from "@/core/care/completedBy";
import { partOfPlant } from "@/core/care/partOfPlant";
import type { ProductPart } from "@/core/care/productCautions";
import { careByContent, type Warned } from "@/core/plant/careByContent";
import { oilProperties, type Composition } from "@/core/plant/oil";
import type { PlantBook } from "../plant/plantBook";
import type { Lot } from "@/records/lot";
import type { Run } from "@/records/run";
import { measuredShares } from "./measuredShares";
import type { WaterContent } from "@/core/care/usualWater";
import { partsOf, type Shelf } from "./trace";
import { waterOfLot } from "./waterOfLot";

/** A plant's part in an oil or a water. */
export interface OilPart extends ProductPart {
  /** By the book's composition; undefined of a plant that is in no book. */
  densityGPerMl: number | undefined;
}

/** The plants an oil is of with their shares; a blend's parts in turn, down to each plant. */
export function oilParts(
  lot: Lot,
  shelf: Shelf,
  book: PlantBook,
  share = 1,
  seen: readonly string[] = [],
): OilPart[] {
  const parts = seen.includes(lot.id) ? [] : partsOf(lot.id, shelf);
  const whole = parts.reduce((sum, { use }) => sum + use.amountMl, 0);
  if (whole > 0)
    return parts.flatMap((part) =>
      oilParts(part.lot, shelf, book, (share * part.use.amountMl) / whole, [...seen, lot.id]),
    );
  return [ownPart(lot, shelf, book, share)];
}

/* Of one plant: by its own chromatogram where there is one, its water by its own run, else as the book has them. */
function ownPart(lot: Lot, shelf: Shelf, book: PlantBook, share: number): OilPart {
  const plant = book.byId(lot.plantId);
  const named = lot.product === "oil" ? measuredShares(lot.id, shelf.checks) : undefined;
  const measured = named && completedBy(named, plant?.composition ?? {});
  const composition = measured ?? plant?.composition;
  const known = plant ? partOfPlant(plant, lot.product, share) : { care: { cautions: [] }, share };
  const water = waterOfLot(lot, runsById(shelf.runs));
  return {
    ...known,
    ...(measured ? { care: withMeasured(known.care, measured), composition: measured } : {}),
    ...(water ? { water: lot.product === "liquor" ? strongest(water, known.water) : water } : {}),
    densityGPerMl: composition && oilProperties(composition).densityGPerMl,
  };
}

/* What was boiled with the plant holds more than its oil's parts: it is judged no milder than the plant's usual water. */
function strongest(own: WaterContent, usual: WaterContent = {}): WaterContent {
  const ids = new Set([...Object.keys(own), ...Object.keys(usual)]);
  return Object.fromEntries([...ids].map((id) => [id, Math.max(own[id] ?? 0, usual[id] ?? 0)]));
}

function withMeasured({ cautions = [], ...care }: OilPart["care"], measured: Composition): Warned {
  return careByContent({ ...care, cautions }, measured);
}

const byRuns = new WeakMap<readonly Run[], ReadonlyMap<string, Run>>();

function runsById(runs: readonly Run[]): ReadonlyMap<string, Run> {
  const known = byRuns.get(runs) ?? new Map(runs.map((run) => [run.id, run]));
  byRuns.set(runs, known);
  return known;
}

/** What a millilitre of them together weighs, g; undefined where one of them is not known. */
export function densityOfParts(parts: readonly OilPart[]): number | undefined {
  return parts.reduce<number | undefined>(
    (sum, { share, densityGPerMl }) =>
      sum === undefined || densityGPerMl === undefined ? undefined : sum + share * densityGPerMl,
    0,
  );
}
