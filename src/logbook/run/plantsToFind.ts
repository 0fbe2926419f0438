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
      ? t`Favourites`
      : recent.includes(id)
        ? t`Of late`
        : own
          ? t`Your own`
          : t`The book`;
  const order = [t`Favourites`, t`Of late`, t`Your own`, t`The book`];
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
        (a.group === "Of late" ? recent.indexOf(a.value) - recent.indexOf(b.value) : 0),
    );
}
