import { waterHeatCapacity } from "../water/properties";
import { hotSurfaceMm2, type StillShape } from "./geometry";
import type { Metal } from "./metal";

/** How thick a still's walls feel, where nobody has weighed it. */
export const thicknesses = ["thin", "middling", "heavy"] as const;
export type Thickness = (typeof thicknesses)[number];

/* Walls as they are sold, mm, and what a litre of them weighs, kg: thin pans, common pots, pots that are hard to lift. */
const walls: Record<Metal, { densityKgPerL: number } & Record<Thickness, number>> = {
  copper: { densityKgPerL: 8.96, thin: 0.8, middling: 1.2, heavy: 2 },
  stainless: { densityKgPerL: 7.9, thin: 0.6, middling: 0.9, heavy: 1.6 },
  glass: { densityKgPerL: 2.4, thin: 1.5, middling: 2.5, heavy: 4 },
  aluminium: { densityKgPerL: 2.7, thin: 1, middling: 2, heavy: 4 },
};

/* Head, rims, handles and basket beside the walls. */
const besideWalls = 1.4;

/** What an empty still weighs about, g, by its walls: right to a third, which the plan hardly notices. */
export function massByWalls(shape: StillShape, metal: Metal, thickness: Thickness): number {
  const wall = walls[metal];
  return (hotSurfaceMm2(shape) / 1000) * wall[thickness] * wall.densityKgPerL * besideWalls;
}

/**
 * Power of a source of heat by how long it takes to boil a known volume of water in a light pot under a lid, W.
 * The pot and what it loses are part of the share that reaches the water.
 * @param minutes from cold to a full boil, above 0
 * @param efficiency share of the power that reaches a pot on such a source, 0 to 1
 */
export function powerByBoiling(
  minutes: number,
  {
    waterMl,
    coldC,
    boilC,
    efficiency,
  }: { waterMl: number; coldC: number; boilC: number; efficiency: number },
): number {
  if (!(minutes > 0)) throw new RangeError(`minutes must be above 0, got ${minutes}`);
  return (waterMl * waterHeatCapacity * (boilC - coldC)) / (minutes * 60) / efficiency;
}
