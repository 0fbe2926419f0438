import { t } from "@/language/t";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import type { Run } from "@/records/run";

export type PlantSort = "name" | "lately" | "oil" | "minutes";
export const plantSorts: { value: PlantSort; label: string }[] = [
  { value: "name", label: t`The book` },
  { value: "lately", label: t`Last distilled` },
  { value: "oil", label: t`Most oil` },
  { value: "minutes", label: t`Shortest run` },
];

/** When each plant was last planned into a still, as an ISO moment, by its id. */
export function lastRunOfPlants(runs: readonly Pick<Run, "plantId" | "createdAt">[]) {
  const last = new Map<string, string>();
  for (const { plantId, createdAt } of runs)
    if (createdAt > (last.get(plantId) ?? "")) last.set(plantId, createdAt);
  return last;
}

/** Favourites before the others, each in their order. */
export function favouritesFirst<P extends Pick<KnownPlant, "id">>(
  plants: readonly P[],
  favourites: readonly string[],
): P[] {
  const first = plants.filter(({ id }) => favourites.includes(id));
  return [...first, ...plants.filter((plant) => !first.includes(plant))];
}

/** Plants in one order; what is not known of a plant puts it last. */
export function sortPlants(
  plants: readonly KnownPlant[],
  sort: PlantSort,
  lastRun: ReadonlyMap<string, string>,
): KnownPlant[] {
  const most = ({ states }: KnownPlant) =>
    (states.fresh ?? states.wilted ?? states.dried)?.oilMlPerKg.high ?? 0;
  const orders: Record<PlantSort, (a: KnownPlant, b: KnownPlant) => number> = {
    name: () => 0,
    lately: (a, b) => (lastRun.get(b.id) ?? "").localeCompare(lastRun.get(a.id) ?? ""),
    oil: (a, b) => most(b) - most(a),
    minutes: (a, b) => a.usualMinutes - b.usualMinutes,
  };
  return [...plants].sort(orders[sort]);
}
