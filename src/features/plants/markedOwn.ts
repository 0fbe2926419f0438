import { t } from "@/language/t";
import type { KnownPlant } from "@/logbook/plant/plantBook";

/** Says of a plant's figure that it is the person's own, where it is; a mixture's are its parts'. */
export function markedOwn(plant: KnownPlant): (figure: string, text: string) => string {
  return (figure, text) =>
    plant.ownFigures.includes(figure) && !plant.mixOf ? t`${text} (yours)` : text;
}
