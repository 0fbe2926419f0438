import type { KnownPlant } from "@/logbook/plant/plantBook";
import { beginningFirst } from "@/ui/beginningFirst";
import { groupOf, type PlantGroup } from "./plantGroups";
import { favouritesFirst, sortPlants, type PlantSort } from "./sortPlants";

/** Which plants are looked at: those of one kind, with figures of one's own, or what one likes to distil. */
export type Which = PlantGroup | "all" | "own" | "favourites";

interface Wanted {
  find: string;
  group: Which;
  sort: PlantSort;
  /** Plants by id. */
  favourites: readonly string[];
  lastRun: ReadonlyMap<string, string>;
}

/** The plants that a person looks for, in their order: by name, favourites and what begins as it is typed come first. */
export function plantsShown(
  plants: readonly KnownPlant[],
  { find, group, sort, favourites, lastRun }: Wanted,
): KnownPlant[] {
  const wanted = find.trim().toLowerCase();
  const found = plants.filter(
    (plant) =>
      isOfGroup(plant, group, favourites) &&
      [plant.name, plant.botanicalName, plant.part].some((text) =>
        text.toLowerCase().includes(wanted),
      ),
  );
  return sort === "name"
    ? beginningFirst(favouritesFirst(found, favourites), find, ({ name }) => name)
    : sortPlants(found, sort, lastRun);
}

function isOfGroup(plant: KnownPlant, group: Which, favourites: readonly string[]): boolean {
  switch (group) {
    case "all":
      return true;
    case "own":
      return plant.ownFigures.length > 0;
    case "favourites":
      return favourites.includes(plant.id);
    default:
      return groupOf(plant) === group;
  }
}
