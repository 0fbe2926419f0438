import { sisters } from "../kinds";
import type { PlantProse } from "../../plantProse";
import { evergreens } from "./evergreens";
import { gardenAndSpice } from "./gardenAndSpice";
import { gardenHerbs } from "./gardenHerbs";
import { herbs } from "./herbs";
import { kinds } from "./kinds";
import { moreHerbs } from "./moreHerbs";
import { moreTrees } from "./moreTrees";
import { rootsWoodsPetals } from "./rootsWoodsPetals";
import { seedsAndSpices } from "./seedsAndSpices";
import { seedsTreesZests } from "./seedsTreesZests";
import { sourceOf } from "./sources";
import { treesAndZests } from "./treesAndZests";
import { waters } from "./waters";

const described: Readonly<Record<string, PlantProse>> = {
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
};

/**
 * What the book says of one of its plants; another kind of a plant is told as that plant is, but for what differs.
 * @throws RangeError for an id that is not in the book
 */
export function proseById(id: string): PlantProse {
  const prose = described[id] ?? described[sisters[id] ?? ""];
  if (!prose) throw new RangeError(`id: the book says nothing of ${id}`);
  const told = { ...prose, ...kinds[id] };
  return { ...told, source: sourceOf(id, told.source) };
}
