import { shareOf } from "@/core/plant/substances";
import type { Run } from "@/records/run";
import type { KnownPlant, PlantBook } from "../plant/plantBook";
import { runState } from "../run/runState";
import { momentOfRun } from "../run/runSummary";

/* What clings to seals, wood and corners, and is tasted through a water run. */
const clinging = {
  members: [
    "menthol",
    "carvone",
    "pulegone",
    "eugenol",
    "cinnamaldehyde",
    "camphor",
    "cineole",
    "thymol",
    "carvacrol",
    "transAnethole",
    "estragole",
    "methylSalicylate",
    "patchoulol",
    "nepetalactone",
    "isovalericAcid",
  ],
};
const clingsFrom = 0.25;

/** The plant that was distilled in a run's still before it, where that was another, and whether it tastes through. */
export function lastInStill(
  run: Run,
  runs: readonly Run[],
  book: PlantBook,
): { plant: KnownPlant; clings: boolean } | undefined {
  const before = runs
    .filter(({ id, stillId, entries }) => {
      return id !== run.id && stillId === run.stillId && runState(entries).litAt !== undefined;
    })
    .filter((other) => momentOfRun(other) < momentOfRun(run))
    .sort((a, b) => momentOfRun(b) - momentOfRun(a))[0];
  const plant = before && book.byId(before.plantId);
  if (!plant || plant.id === run.plantId) return undefined;
  return { plant, clings: shareOf(clinging, plant.composition) >= clingsFrom };
}
