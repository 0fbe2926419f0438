import { chargeLevels } from "@/core/plan/chargeLevels";
import { fillLimits, methodsOf } from "@/core/still/fillLimits";
import type { BareStill } from "@/records/still";
import { catchMl } from "./catchMl";
import { stillShape } from "./stillFigures";

/* A middling herb, to have something to draw. */
const herb = { packingGPerL: 200, waterMlPerG: 5, froths: false };

/** A still with as much as it takes of a middling herb: what there is to draw of it. */
export function sketchOf(still: BareStill) {
  const shape = stillShape(still);
  const method = methodsOf(shape)[0] ?? "steam";
  const limits = fillLimits(shape, { method, ...herb });
  const waterMl = Math.max(0, limits.waterMl);
  return {
    shape,
    hydro: method !== "steam",
    waterMl,
    levels: chargeLevels(shape, {
      method,
      waterMl,
      chargeG: limits.chargeG,
      packingGPerL: herb.packingGPerL,
    }),
    jar: { sizeMl: catchMl(still), hydrosolMl: catchMl(still) / 2, oilMl: 0 },
  };
}
