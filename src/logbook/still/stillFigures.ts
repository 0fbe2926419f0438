import { jarDiameterMm } from "@/core/separation/receiver";
import type { Receiver } from "@/core/separation/receivers";
import { constructionOf } from "@/core/still/constructions";
import type { StillShape } from "@/core/still/geometry";
import type { StillFigures } from "@/core/still/stillFigures";
import type { BareStill, Still } from "@/records/still";

/** A still's record as the computation takes it. */
export function stillFigures(still: Still): StillFigures {
  return {
    shape: stillShape(still),
    metal: still.metal,
    emptyMassG: still.emptyMassG,
    heat: still.heat,
    lossWPerK: still.lossWPerK,
    holdUpMl: still.holdUpMl,
    tube: still.tube,
    ventsFreely: still.ventsFreely,
    trapKeeps: still.trapKeeps,
  };
}

/** The inside of a still; parts that its construction does not have are left out. */
export function stillShape(still: BareStill): StillShape {
  const { construction, potVolumeMl, potDiameterMm, dryLineMl } = still;
  const { holder } = constructionOf(construction);
  return {
    construction,
    potVolumeMl,
    potDiameterMm,
    dryLineMl,
    ...(holder !== "none" && still[holder] ? { [holder]: still[holder] } : {}),
  };
}

/** What stands under a still's outlet: its own receivers, then the usual jar. */
export function receiversOf({ receivers = [], jarMl }: Still): Receiver[] {
  return [...receivers, { kind: "jar", diameterMm: jarDiameterMm(jarMl), volumeMl: jarMl }];
}
