import { oilCurve, type OilCurve, type Release } from "./release";

/** Steam from a moment on, until the next stretch begins. */
export interface Stretch {
  /** Minutes from the first drop. */
  from: number;
  steamGPerMin: number;
}

/** What an oil curve needs besides the steam. */
export type Charge = Pick<Release, "freeG" | "boundG" | "releasePerMinute"> & {
  /** κ / charge: wash per minute for a gram of steam a minute. */
  washPerGram: number;
  /** Most oil a gram of steam carries, g. */
  saturationRatio: number;
};

/**
 * The oil curve of a charge whose heat was changed on the way: each stretch of steady steam has its
 * closed solution and begins with what the one before left free and bound.
 * @param stretches by their beginnings, the first at 0
 */
export function oilCurveThrough(charge: Charge, stretches: readonly Stretch[]): OilCurve {
  let { freeG, boundG } = charge;
  let over = 0;
  const pieces = stretches.map(({ from, steamGPerMin }, index) => {
    const curve = oilCurve({
      freeG,
      boundG,
      releasePerMinute: charge.releasePerMinute,
      washPerMinute: charge.washPerGram * steamGPerMin,
      ceilingGPerMin: charge.saturationRatio * steamGPerMin,
    });
    const piece = { from, over, curve };
    const next = stretches[index + 1];
    if (next) {
      const minutes = next.from - from;
      const came = curve(minutes);
      /* While no steam passes, nothing of the bound share is taken to move either: the charge cools. */
      const bound =
        steamGPerMin > 0 ? boundG * Math.exp(-charge.releasePerMinute * minutes) : boundG;
      freeG = Math.max(0, freeG + boundG - bound - came);
      boundG = bound;
      over += came;
    }
    return piece;
  });
  return (minutes) => {
    const piece = pieces.findLast(({ from }) => from <= minutes) ?? pieces[0];
    return piece && minutes > 0 ? piece.over + piece.curve(minutes - piece.from) : 0;
  };
}

/** Distillate through such stretches, mL, so many minutes after the first drop. */
export function distillateThrough(stretches: readonly Stretch[], minutes: number): number {
  return stretches.reduce((sum, { from, steamGPerMin }, index) => {
    const until = Math.min(minutes, stretches[index + 1]?.from ?? Infinity);
    return until > from ? sum + steamGPerMin * (until - from) : sum;
  }, 0);
}
