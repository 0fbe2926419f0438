import type { PlantProse } from "@/core/plant/plantProse";
import type { KnownPlant } from "./plantBook";

/** What the book says of each of its plants, by id. */
export type ProseBook = (id: string) => PlantProse;

/** A plant with what is told of it: in the person's own words where they wrote some, in the book's elsewhere. */
export function withProse<Known extends KnownPlant>(
  plant: Known,
  book: ProseBook,
): Known & PlantProse {
  return { ...plant, ...book(plant.like), ...plant.ownProse };
}
