import { firstWhere } from "../numeric/firstWhere";

/** What a vessel is like inside: the same width all the way; a cone, with or without a straight part; a pear. */
export const vesselShapes = ["tube", "cone", "pear"] as const;
export type VesselShape = (typeof vesselShapes)[number];

/** The inside of a vessel that stands upright, mm. */
export interface Hollow {
  shape: VesselShape;
  /** Widest inner diameter, above 0. */
  diameterMm: number;
  /** Inner height, above 0. */
  heightMm: number;
  /** Cone, pear: the whole opening angle at the tip, degrees; as diameter and height have it where absent. */
  angleDeg?: number;
}

/* Volumes are summed over so many slices, each at its middle: right to a hundred-thousandth in a cone. */
const slices = 200;

/**
 * Inner radius at a height above the bottom, mm. Above its own height a vessel goes on as wide as it is:
 * what is too much for it is told apart.
 */
export function radiusAt({ shape, diameterMm, heightMm, angleDeg }: Hollow, atMm: number): number {
  const widest = diameterMm / 2;
  if (shape === "tube" || atMm >= heightMm) return widest;
  if (shape === "cone") {
    const slope = angleDeg === undefined ? widest / heightMm : Math.tan((angleDeg * Math.PI) / 360);
    return Math.min(widest, slope * atMm);
  }
  /* A ball over a cone that touches it. */
  const centre = Math.max(widest, heightMm - widest);
  const sine =
    angleDeg === undefined
      ? widest / Math.max(centre, widest * 1.0001)
      : Math.sin((angleDeg * Math.PI) / 360);
  const touches = centre - widest * sine;
  if (atMm < touches) return Math.min(widest, atMm * Math.tan(Math.asin(sine)));
  return Math.sqrt(Math.max(0, widest ** 2 - (atMm - centre) ** 2));
}

/** Volume up to a height, mL. */
export function volumeBelow(vessel: Hollow, heightMm: number): number {
  if (vessel.shape === "tube") return (Math.PI * (vessel.diameterMm / 2) ** 2 * heightMm) / 1000;
  const inside = Math.min(heightMm, vessel.heightMm);
  const step = inside / slices;
  let sum = 0;
  for (let i = 0; i < slices; i += 1) sum += radiusAt(vessel, (i + 0.5) * step) ** 2;
  const beyond = heightMm - inside;
  return (Math.PI * (sum * step + (vessel.diameterMm / 2) ** 2 * beyond)) / 1000;
}

/** How high so much liquid stands, mm; above the vessel's height where it holds less. */
export function heightOf(vessel: Hollow, volumeMl: number): number {
  if (!(volumeMl > 0)) return 0;
  const across = Math.PI * (vessel.diameterMm / 2) ** 2;
  const full = volumeBelow(vessel, vessel.heightMm);
  if (vessel.shape === "tube") return (volumeMl * 1000) / across;
  if (volumeMl >= full) return vessel.heightMm + ((volumeMl - full) * 1000) / across;
  return firstWhere([0, vessel.heightMm], (height) => volumeBelow(vessel, height) >= volumeMl, {
    halvings: 32,
  });
}
