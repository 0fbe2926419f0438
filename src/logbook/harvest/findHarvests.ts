import type { Harvest } from "@/records/harvest";
import type { PlantBook } from "../plant/plantBook";

/** Harvests in which every word of the query occurs: plant, part, state, place, bushes, whose, day, note. */
export function findHarvests(
  harvests: readonly Harvest[],
  query: string,
  book: PlantBook,
): Harvest[] {
  const wanted = query.toLowerCase().split(/\s+/).filter(Boolean);
  return harvests.filter((harvest) => {
    const plant = book.byId(harvest.plantId);
    const text = [
      plant?.name ?? harvest.plantId,
      plant?.botanicalName,
      plant?.part,
      harvest.state,
      harvest.place,
      harvest.from,
      harvest.whose,
      harvest.cutOn,
      harvest.note,
    ]
      .join(" ")
      .toLowerCase();
    return wanted.every((word) => text.includes(word));
  });
}
