import { firstWhere } from "../numeric/firstWhere";
import { constructions, type Construction } from "./constructions";

/** Whether the body is a round flask. */
export function isRound({ construction }: Pick<StillShape, "construction">): boolean {
  return constructions[construction].round;
}

/** The inside of a still as the levels need it. Lengths in mm, volumes in mL. */
export interface StillShape {
  construction: Construction;
  /** All the pot, flask or boiler holds up to its rim. */
  potVolumeMl: number;
  /** Inner diameter of the pot or boiler; of a round flask at its widest. */
  potDiameterMm: number;
  /** The basket's grid above the pot's floor, and what the basket holds. */
  basket?: { floorMm: number; volumeMl: number; diameterMm: number };
  /** The plant vessel of a still with a separate one. */
  vessel?: { volumeMl: number; diameterMm: number };
  /** The bowl that catches the drops: its floor above the pot's, and what it holds. */
  bowl?: { floorMm: number; volumeMl: number; diameterMm: number };
  /** Water below which the element or the pot's floor is at risk, mL. */
  dryLineMl: number;
}

/** Inner height of a cylinder of that volume, mm. */
export function cylinderHeightMm(volumeMl: number, diameterMm: number): number {
  return (volumeMl * 1000) / (Math.PI * (diameterMm / 2) ** 2);
}

/** Volume of a cylinder up to a height, mL. */
export function cylinderVolumeMl(heightMm: number, diameterMm: number): number {
  return (heightMm * Math.PI * (diameterMm / 2) ** 2) / 1000;
}

/**
 * How high a volume stands in the pot, mm. Pots and boilers are upright cylinders; a flask is a
 * sphere of its own volume, whose cap `V = π h² (3R − h) / 3` is solved by halving.
 */
export function levelMm(shape: StillShape, volumeMl: number): number {
  if (volumeMl <= 0) return 0;
  if (!isRound(shape)) return cylinderHeightMm(volumeMl, shape.potDiameterMm);
  const radius = flaskRadiusMm(shape.potVolumeMl);
  if (volumeMl >= shape.potVolumeMl) return 2 * radius;
  const capMl = (heightMm: number) => (Math.PI * heightMm ** 2 * (3 * radius - heightMm)) / 3000;
  return firstWhere([0, 2 * radius], (heightMm) => capMl(heightMm) >= volumeMl);
}

/** Inner height of the pot from floor to rim, mm. */
export function potHeightMm(shape: StillShape): number {
  return isRound(shape)
    ? 2 * flaskRadiusMm(shape.potVolumeMl)
    : cylinderHeightMm(shape.potVolumeMl, shape.potDiameterMm);
}

/** Outer surface that is hot while the still runs, mm². */
export function hotSurfaceMm2(shape: StillShape): number {
  if (isRound(shape)) return 4 * Math.PI * flaskRadiusMm(shape.potVolumeMl) ** 2;
  return wallAndLidMm2(shape.potDiameterMm, potHeightMm(shape)) + plantVesselMm2(shape);
}

/** Share of the hot surface that belongs to a plant vessel of its own, 0 to 1. */
export function plantVesselShare(shape: StillShape): number {
  return plantVesselMm2(shape) / hotSurfaceMm2(shape);
}

function plantVesselMm2({ vessel }: StillShape): number {
  return vessel
    ? wallAndLidMm2(vessel.diameterMm, cylinderHeightMm(vessel.volumeMl, vessel.diameterMm))
    : 0;
}

function wallAndLidMm2(diameterMm: number, heightMm: number): number {
  return Math.PI * diameterMm * heightMm + (Math.PI * diameterMm ** 2) / 4;
}

function flaskRadiusMm(volumeMl: number): number {
  return Math.cbrt((3000 * volumeMl) / (4 * Math.PI));
}
