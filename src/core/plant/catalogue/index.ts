import type { Plant } from "../plant";
import { herbs } from "./herbs";
import { moreHerbs } from "./moreHerbs";
import { seedsSpicesRoots } from "./seedsSpicesRoots";
import { seedsTreesZests } from "./seedsTreesZests";
import { treesAndZests } from "./treesAndZests";

/** All plant materials that come with Sereno, by name. */
export const plants: readonly Plant[] = [
  ...herbs,
  ...moreHerbs,
  ...seedsTreesZests,
  ...seedsSpicesRoots,
  ...treesAndZests,
].sort((a, b) => a.name.localeCompare(b.name, "en"));

const byId = new Map(plants.map((plant) => [plant.id, plant]));

/** The plant with that id, or undefined. */
export function plantById(id: string): Plant | undefined {
  return byId.get(id);
}
