import { createSelector } from "@reduxjs/toolkit";
import { plantBook } from "@/logbook/plant/plantBook";
import { useAppSelector } from "./hooks";
import { selectMaterials } from "./selectors";

/** The catalogue with the person's own plants and figures. Apart from what the first screen asks for: it brings the book. */
export const selectPlantBook = createSelector(selectMaterials, plantBook);

/** The plants this person knows: the catalogue with their own. */
export const usePlantBook = () => useAppSelector(selectPlantBook);
