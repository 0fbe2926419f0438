import type { OilProperties } from "../plant/oil";
import { roomWaterDensity } from "../water/properties";
import { layerMm } from "./layer";
import { poursFrom, visibleMm } from "./parting";
import { receivers, usualLipStepMm, type Receiver, type ReceiverRow } from "./receivers";

/** How an oil gets on in a receiver. */
export interface ReceiverFit {
  /** The layer's thickness there, mm. */
  layerMm: number;
  /** Thick enough to see and draw off. */
  shows: boolean;
  /** Whether it keeps this oil at all. */
  suits: boolean;
  /** Two arms: thickness at which it begins to pour, mm; 0 or less: the water would leave by the oil's arm. */
  poursAtMm?: number;
  /** Two arms: this oil never pours there, and leaves with the water in the end. */
  neverPours?: true;
}

/** Which layer lies where in a receiver, and whether it can be won there. */
export function receiverFit(
  receiver: Receiver,
  oil: Pick<OilProperties, "densityGPerMl" | "layer">,
  oilMl: number,
): ReceiverFit {
  const { keeps, pours: arm }: ReceiverRow = receivers[receiver.kind];
  const thickness = layerMm(oilMl, receiver.diameterMm);
  const pours = arm !== undefined && oil.layer === arm;
  const { lipStepMm = usualLipStepMm, armMm = usualArmMm(receiver) } = receiver;
  const { atMm, ever } = poursFrom(
    { keeps: arm ?? "floats", stepMm: lipStepMm, armMm },
    oil.layer,
    roomWaterDensity,
    oil.densityGPerMl,
  );
  return {
    layerMm: thickness,
    shows: oil.layer !== "hangs" && thickness >= visibleMm,
    suits: keeps.includes(oil.layer),
    ...(pours ? { poursAtMm: atMm } : {}),
    ...(pours && !ever ? { neverPours: true } : {}),
  };
}

/* Where nobody measured the arm: as long as the receiver is high, if it is as wide all the way. */
function usualArmMm({ volumeMl, diameterMm }: Receiver): number {
  return layerMm(volumeMl, diameterMm);
}

/** Widest vessel in which so much oil makes a layer that can be seen, mm across; 0 for no oil. */
export function widestShowingMm(oilMl: number): number {
  return oilMl > 0 ? Math.sqrt((4 * oilMl * 1000) / (Math.PI * visibleMm)) : 0;
}

/** Inner diameter of an ordinary jar of that size: about 1.6 times as high as wide, mm. */
export function jarDiameterMm(volumeMl: number): number {
  return Math.cbrt((volumeMl * 1000 * 4) / (Math.PI * 1.6));
}
