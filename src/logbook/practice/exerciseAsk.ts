import { condensers } from "@/core/cooling/condenser";
import type { ForecastRequest } from "@/core/forecast/request";
import type { ExerciseAsk } from "@/core/practice/exercise";
import type { StillTraits } from "@/core/practice/faults";
import { oilProperties } from "@/core/plant/oil";
import type { Plant } from "@/core/plant/plant";
import { constructionOf } from "@/core/still/constructions";
import { heatSourceOf } from "@/core/still/heatSources";
import { catchesIn, type Method } from "@/core/still/methods";
import type { ExerciseSpec } from "@/records/exercise";
import { catchMl } from "../still/catchMl";

/** What a still with a plant in it is like, as far as what can go wrong depends on it. */
export function traitsOf(
  still: ExerciseSpec["still"],
  plant: Pick<Plant, "composition" | "setsBelowC">,
  method: Method,
): StillTraits {
  const { canShut, holder } = constructionOf(still.construction);
  const { hazard } = heatSourceOf(still.heat.kind);
  return {
    catches: catchesIn(method),
    cooledBy: still.condenser ? condensers[still.condenser.kind].by : "ice",
    flows: still.condenser ? condensers[still.condenser.kind].flows : false,
    flame: hazard === "flame",
    gas: still.heat.kind === "gas",
    steamLine: holder === "vessel" || hazard === "pressure",
    valve: canShut,
    inWater: method !== "steam",
    ...(plant.setsBelowC === undefined ? {} : { setsBelowC: plant.setsBelowC }),
    layer: oilProperties(plant.composition).layer,
    jarMl: catchMl(still),
  };
}

/** What the engine is asked for an exercise whose plan was asked so. */
export function askOf(
  spec: ExerciseSpec,
  plant: Pick<Plant, "composition" | "setsBelowC">,
  request: ForecastRequest,
): ExerciseAsk {
  return {
    request,
    ...(spec.still.condenser ? { condenser: spec.still.condenser } : {}),
    traits: traitsOf(spec.still, plant, spec.method),
    seed: spec.seed,
    faults: spec.faults,
  };
}
