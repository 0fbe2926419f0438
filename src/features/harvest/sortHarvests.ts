import { t } from "@/language/t";
import type { PlantBook } from "@/logbook/plant/plantBook";
import type { Harvest } from "@/records/harvest";

export type HarvestFilter = "all" | "here" | "used";
export const harvestFilters: { value: HarvestFilter; label: string }[] = [
  { value: "all", label: t`All` },
  { value: "here", label: t`Still here` },
  { value: "used", label: t`All used` },
];

export type HarvestSort = "day" | "plant" | "weight" | "left";
export const harvestSorts: { value: HarvestSort; label: string }[] = [
  { value: "day", label: t`Latest first` },
  { value: "plant", label: t`Plant` },
  { value: "weight", label: t`Heaviest` },
  { value: "left", label: t`Most left` },
];

/** Harvests in one order, among equals the latest first. */
export function sortHarvests(
  harvests: readonly Harvest[],
  sort: HarvestSort,
  { book, leftOf }: { book: PlantBook; leftOf: ReadonlyMap<string, number> },
): Harvest[] {
  const nameOf = ({ plantId }: Harvest) => book.byId(plantId)?.name ?? plantId;
  const left = ({ id }: Harvest) => leftOf.get(id) ?? 0;
  const orders: Record<HarvestSort, (a: Harvest, b: Harvest) => number> = {
    day: () => 0,
    plant: (a, b) => nameOf(a).localeCompare(nameOf(b)),
    weight: (a, b) => b.massG - a.massG,
    left: (a, b) => left(b) - left(a),
  };
  return [...harvests].sort((a, b) => orders[sort](a, b) || b.cutOn.localeCompare(a.cutOn));
}
