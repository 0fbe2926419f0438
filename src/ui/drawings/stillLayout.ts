import type { ChargeLevels } from "@/core/plan/chargeLevels";
import { type StillShape, cylinderHeightMm, isRound, potHeightMm } from "@/core/still/geometry";

/** Where the parts of a drawn still lie, in the drawing's units; one scale for everything. */
export interface StillLayout {
  /** Units per mm. */
  scale: number;
  /** The floor everything stands on. */
  base: number;
  bodyLeft: number;
  bodyRight: number;
  potTop: number;
  /** Box of the plant where it stands apart from the water. */
  charge: { left: number; width: number; top: number; height: number };
  /** The separate plant vessel. */
  vessel?: { left: number; width: number; top: number; bottom: number };
  /** Where the vapour pipe starts: the top of the head. */
  headX: number;
  headTop: number;
  coolerX: number;
  jarX: number;
}

const floor = 268;
const headTop = 30;
/* Right of it is room for the words about cooling, oil and hydrosol. */
const coolerX = 268;
const potX = 148;
const bowlPotX = 188;

/** Fits a still and its parts into the drawing at one scale. */
export function stillLayout(shape: StillShape, levels: ChargeLevels): StillLayout {
  const height = potHeightMm(shape);
  const diameter = isRound(shape) ? height : shape.potDiameterMm;
  const common = { base: floor, headTop, coolerX, jarX: coolerX };
  if (shape.vessel) {
    const vesselHeight = cylinderHeightMm(shape.vessel.volumeMl, shape.vessel.diameterMm);
    const scale = Math.min(
      126 / (diameter + shape.vessel.diameterMm),
      150 / height,
      140 / vesselHeight,
    );
    const bodyLeft = 86;
    const bodyRight = bodyLeft + diameter * scale;
    const left = bodyRight + 18;
    const width = shape.vessel.diameterMm * scale;
    const bottom = floor - 36;
    const vessel = { left, width, bottom, top: bottom - vesselHeight * scale };
    return {
      ...common,
      scale,
      bodyLeft,
      bodyRight,
      potTop: floor - height * scale,
      charge: {
        left,
        width,
        top: bottom - levels.chargeToMm * scale,
        height: (levels.chargeToMm - levels.chargeFromMm) * scale,
      },
      vessel,
      headX: left + width / 2,
    };
  }
  /* A bowl-and-lid needs no condenser beside it: the pot may be wider. */
  const bowl = shape.construction === "bowl";
  const scale = Math.min((bowl ? 210 : 124) / diameter, (bowl ? 176 : 158) / height);
  const width = diameter * scale;
  const bodyLeft = (bowl ? bowlPotX : potX) - width / 2;
  const basketWidth = (shape.basket?.diameterMm ?? shape.potDiameterMm) * scale;
  return {
    ...common,
    scale,
    bodyLeft,
    bodyRight: bodyLeft + width,
    potTop: floor - height * scale,
    charge: {
      left: potX - basketWidth / 2,
      width: basketWidth,
      /* More than the pot holds is drawn up to its rim: the warning says by how much. */
      top: floor - Math.min(height, levels.chargeToMm) * scale,
      height: (Math.min(height, levels.chargeToMm) - levels.chargeFromMm) * scale,
    },
    headX: potX,
  };
}
