import { newRecord } from "@/records/base";
import type { Material } from "@/records/material";
import { keepUndoable, type Kept } from "../changes";
import type { Thunk } from "../store";

/**
 * Changes the person's own figures of a plant as they are by now; where there are none yet they begin with the
 * book's.
 * @param plant the plant's id, and the id of the record of own figures where there is one
 */
export function changeFigures(
  plant: { id: string; materialId?: string },
  change: (own: Material["own"]) => Material["own"],
  label: string,
): Thunk<Kept> {
  return (dispatch, getState, { now }) => {
    const before = plant.materialId ? getState().material.entities[plant.materialId] : undefined;
    const material: Material = before ?? {
      ...newRecord("material", now()),
      plantId: plant.id,
      like: plant.id,
      own: {},
    };
    return dispatch(keepUndoable(label, [{ ...material, own: change(material.own) }]));
  };
}
