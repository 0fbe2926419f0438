import { randomLcg } from "d3-random";
import { firstWhere } from "../numeric/firstWhere";
import { normalStream, type Percentiles, percentiles } from "../statistics/chance";
import { radiusAt, volumeBelow, type Hollow } from "./vessel";

/** A vessel's picture with lines across it where things stand, each at its front wall in the middle. */
export interface LayerOnPicture {
  vessel: Hollow;
  /** Heights on the picture, as shares of its own height from its upper edge down, 0 to 1. */
  lines: {
    /** The bottom inside. */
    bottom: number;
    /** A mark whose height is known, above the bottom. */
    mark: number;
    /** The layer's lower and upper edge; of a layer that has sunk the lower edge is the bottom. */
    lower: number;
    upper: number;
    /**
     * The far edge of the rim, where the mark is the rim's near one: how far its ellipse is open tells how much from above
     * it was taken. Absent: the camera is thought to stand about as high as the layer.
     */
    rimFar?: number;
  };
  /** How high the mark stands above the bottom inside, mm, above 0. */
  markMm: number;
}

/** What lies in a layer by its picture. */
export interface LayerMeasured {
  /** Its volume with its range, mL. */
  ml: Percentiles;
  /** Its height, mm. */
  heightMm: number;
  /** Too thin to be measured so: its edges are hardly further apart than they can be read. */
  tooThin: boolean;
}

/*
 * How closely things can be known, all judged: a line is set to within a quarter of a hundredth of the picture's height, and
 * a liquid's edge creeps up the glass by some tenths of a millimetre; a width told in whole millimetres is right to two
 * hundredths; a hand holds the camera up to some ten degrees above the layer, at arm's length or nearer.
 */
const spread = {
  lineShare: 0.0025,
  meniscusMm: 0.35,
  width: 0.015,
  markMm: 0.4,
  tiltDeg: 8,
  tiltByRimDeg: 3,
} as const;
const cameraMm = { near: 220, far: 600 };
/* An edge less than so many times its own error apart from the other is none. */
const leastEdges = 3;
const samples = 300;
const radians = Math.PI / 180;

/** Where the camera stands: so far from the vessel's middle, so much above it. */
interface Camera {
  distanceMm: number;
  tilt: number;
}

/**
 * How high a place at the front wall lies on a picture, in units of its own: what is nearer to the camera is larger, and from
 * above a wide place lies lower than a narrow one.
 */
function onPicture(
  heightMm: number,
  radiusMm: number,
  middleMm: number,
  { distanceMm, tilt }: Camera,
) {
  const up = heightMm - middleMm;
  const [sine, cosine] = [Math.sin(tilt), Math.cos(tilt)];
  return (up * cosine - radiusMm * sine) / (distanceMm - radiusMm * cosine - up * sine);
}

/**
 * Volume of a layer from lines on a picture of its vessel, with the range that comes of reading edges, of the vessel's own
 * measures and of where the camera stood. The bottom and a mark give the scale.
 * @throws RangeError where the lines do not lie in their order: bottom, lower, upper, and the mark above the bottom
 */
export function measureLayer(asked: LayerOnPicture, seed = 0.5): LayerMeasured {
  const { lines, markMm, vessel } = asked;
  if (!(lines.bottom > lines.mark)) throw new RangeError("the mark must lie above the bottom");
  if (!(lines.lower > lines.upper))
    throw new RangeError("the layer's upper edge lies below its lower one");
  if (lines.bottom < lines.lower) throw new RangeError("the layer begins below the bottom");
  if (!(markMm > 0)) throw new RangeError("the mark's height must be above 0");
  const random = randomLcg(seed);
  const normal = normalStream(1 - seed);
  const byRim = tiltByRim(asked);
  const edge = () => spread.lineShare * normal();
  const fromBottom = lines.lower === lines.bottom;
  const volumes: number[] = [];
  for (let i = 0; i < samples; i += 1) {
    const width = 1 + spread.width * normal();
    const tilt =
      byRim === undefined
        ? Math.abs(normal()) * spread.tiltDeg * radians
        : Math.max(0, byRim + spread.tiltByRimDeg * radians * normal());
    const distanceMm =
      cameraMm.near + (cameraMm.far - cameraMm.near) * random() + vessel.diameterMm / 2;
    const bottom = lines.bottom + edge();
    const drawn = {
      bottom,
      mark: lines.mark + edge(),
      lower: fromBottom ? bottom : lines.lower + edge(),
      upper: lines.upper + edge(),
    };
    const heights = heightsOf(
      { ...vessel, diameterMm: vessel.diameterMm * width },
      drawn,
      markMm + spread.markMm * normal(),
      { distanceMm, tilt },
    );
    const lower = fromBottom ? 0 : heights.lower + spread.meniscusMm * normal();
    const upper = heights.upper + spread.meniscusMm * normal();
    const wide = { ...vessel, diameterMm: vessel.diameterMm * width };
    volumes.push(Math.max(0, volumeBelow(wide, upper) - volumeBelow(wide, Math.max(0, lower))));
  }
  const best = heightsOf(vessel, lines, markMm, {
    distanceMm: (cameraMm.near + cameraMm.far) / 2,
    tilt: byRim ?? 0,
  });
  const heightMm = best.upper - (fromBottom ? 0 : best.lower);
  const perShare = markMm / (lines.bottom - lines.mark);
  const edgeMm = Math.hypot(spread.lineShare * perShare, spread.meniscusMm);
  return { ml: percentiles(volumes), heightMm, tooThin: heightMm < leastEdges * edgeMm };
}

/* How far above the layer the camera stood, rad, by how far the rim is open; undefined where nobody told. */
function tiltByRim({ lines, markMm, vessel }: LayerOnPicture): number | undefined {
  if (lines.rimFar === undefined) return undefined;
  const acrossShare = (2 * radiusAt(vessel, markMm) * (lines.bottom - lines.mark)) / markMm;
  return Math.atan(Math.max(0, lines.mark - lines.rimFar) / acrossShare);
}

/* The heights of a layer's edges, mm, as one camera would have seen them. */
function heightsOf(
  vessel: Hollow,
  lines: LayerOnPicture["lines"],
  markMm: number,
  camera: Camera,
): { lower: number; upper: number } {
  const middle = vessel.heightMm / 2;
  const seen = (z: number) => onPicture(z, radiusAt(vessel, z), middle, camera);
  const [atBottom, atMark] = [seen(0), seen(markMm)];
  const perShare = (atMark - atBottom) / (lines.bottom - lines.mark);
  /* What stands above the mark is looked for as far as the picture may show. */
  const highest = Math.max(vessel.heightMm, markMm) * 1.2;
  const heightAt = (line: number) => {
    const aim = atBottom + perShare * (lines.bottom - line);
    return firstWhere([0, highest], (z) => seen(z) >= aim, { halvings: 24 });
  };
  return { lower: heightAt(lines.lower), upper: heightAt(lines.upper) };
}
