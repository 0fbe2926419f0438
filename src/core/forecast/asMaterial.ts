import type { Plant } from "../plant/plant";
import type { PreparedFigures } from "../plant/preparation";
import { soakOf } from "../plant/soaking";
import type { ForecastRequest } from "./request";

/** Prepared figures as a forecast is asked with. */
export function asMaterial(
  { oilMlPerKg, freeShare, releasePerMinute, washing, hydrodiffusion, moisture }: PreparedFigures,
  plant: Pick<Plant, "id" | "tissue" | "composition">,
): ForecastRequest["material"] {
  return {
    oilMlPerKg,
    composition: plant.composition,
    freeShare,
    releasePerMinute,
    washing,
    hydrodiffusion,
    moisture,
    soakGPerGDry: soakOf(plant),
  };
}
