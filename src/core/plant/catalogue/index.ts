import type { Plant } from "../plant";
import { careOf } from "./care";
import { evergreens } from "./evergreens";
import { gardenAndSpice } from "./gardenAndSpice";
import { gardenHerbs } from "./gardenHerbs";
import { herbs } from "./herbs";
import { kindsOf, sisters } from "./kinds";
import { moreHerbs } from "./moreHerbs";
import { moreTrees } from "./moreTrees";
import { rootsWoodsPetals } from "./rootsWoodsPetals";
import { seedsAndSpices } from "./seedsAndSpices";
import { seedsTreesZests } from "./seedsTreesZests";
import { treesAndZests } from "./treesAndZests";
import { waters } from "./waters";

const described = [
  ...herbs,
  ...moreHerbs,
  ...seedsTreesZests,
  ...seedsAndSpices,
  ...rootsWoodsPetals,
  ...treesAndZests,
  ...evergreens,
  ...gardenAndSpice,
  ...gardenHerbs,
  ...moreTrees,
  ...waters,
];

/** All plant materials that come with Sereno, other kinds of one plant among them, by name. */
export const plants: readonly Plant[] = [...described, ...kindsOf(described)]
  .map((plant) => ({
    ...plant,
    ...careOf(
      plant,
      described.find(({ id }) => id === sisters[plant.id]),
    ),
  }))
  .sort((a, b) => a.name.localeCompare(b.name, "en"));

const byId = new Map(plants.map((plant) => [plant.id, plant]));

/** The plant with that id, or undefined. */
export function plantById(id: string): Plant | undefined {
  return byId.get(id);
}
