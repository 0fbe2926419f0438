import type { Picture } from "@/records/picture";
import type { Thunk } from "./store";

/** Keeps pictures. Rejects when the store refuses. */
export function keepPictures(pictures: readonly Picture[]): Thunk<Promise<void>> {
  return (_dispatch, _getState, { pictures: storage }) => storage.keep(pictures);
}

/** Takes one picture away. */
export function dropPicture(picture: Picture): Thunk<Promise<void>> {
  return (_dispatch, _getState, { pictures }) => pictures.drop(picture);
}

/** The pictures of one harvest, or all. */
export function loadPictures(harvestId?: string): Thunk<Promise<Picture[]>> {
  return (_dispatch, _getState, { pictures }) => pictures.load(harvestId);
}

/** How many pictures there are, and how large they are in a file. */
export function sizeOfPictures(): Thunk<Promise<{ count: number; bytes: number }>> {
  return (_dispatch, _getState, { pictures }) => pictures.size();
}
