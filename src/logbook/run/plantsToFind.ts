import { t } from "@/language/t";
import type { RunSummary } from "./runSummary";
import type { PlantBook } from "../plant/plantBook";

/** A plant as a list of plants offers it, under the heading where it stands while nothing is typed. */
interface PlantToFind {
  value: string;
  label: string;
  short: string;
  detail: string;
  group: string;
}

/* As many as a hand has fingers: of these one is most likely meant. */
const mostRecent = 5;

/* What they stand under, in this order. */
const groups = {
  favourite: t`Favourites`,
  late: t`Of late`,
  own: t`Your own`,
  book: t`The book`,
};

/** All plants to choose from, those of late first, then the person's own, then the book's, by name. */
export function plantsToFind(
  book: PlantBook,
  summaries: readonly RunSummary[],
  favourites: readonly string[] = [],
): PlantToFind[] {
  const latestFirst = [...summaries].sort((a, b) => b.at - a.at).map(({ run }) => run.plantId);
  const recent = [...new Set(latestFirst)].slice(0, mostRecent);
  const groupOf = (id: string, own: boolean) =>
    favourites.includes(id)
      ? groups.favourite
      : recent.includes(id)
        ? groups.late
        : own
          ? groups.own
          : groups.book;
  const order = Object.values(groups);
  return book.all
    .map((plant) => ({
      value: plant.id,
      label: `${plant.name}, ${plant.part}`,
      short: plant.name,
      detail: plant.botanicalName,
      group: groupOf(plant.id, plant.ownFigures.length > 0),
    }))
    .sort(
      (a, b) =>
        order.indexOf(a.group) - order.indexOf(b.group) ||
        (a.group === groups.late ? recent.indexOf(a.value) - recent.indexOf(b.value) : 0),
    );
}
