import { firstWhere } from "../numeric/firstWhere";

/**
 * How oil leaves a charge: washing of the free share, diffusion out of the bound one.
 * The usual two-stage picture of hydrodistillation kinetics:
 *   bound' = −k bound,  free' = k bound − flow,
 *   flow = min(κ steam free / charge, saturation ratio × steam).
 * At steady steam each regime has a closed solution; a run is at most three such pieces.
 */
export interface Release {
  /** Oil that the steam reaches at once, g. */
  freeG: number;
  /** Oil that has to diffuse out first, g. */
  boundG: number;
  /** Release of the bound share, per minute. */
  releasePerMinute: number;
  /** κ × steam / charge: how fast the free share is washed out, per minute. */
  washPerMinute: number;
  /** Most oil the steam can carry, g/min. */
  ceilingGPerMin: number;
}

/** Oil over, g, after so many minutes of steam. Never falls, never exceeds free + bound. */
export type OilCurve = (minutes: number) => number;

/** The oil curve of a charge under steady steam, from the first drop on. */
export function oilCurve(release: Release): OilCurve {
  const { freeG, boundG, releasePerMinute: k, washPerMinute: a, ceilingGPerMin: ceiling } = release;
  const total = freeG + boundG;
  if (total <= 0 || a <= 0 || ceiling <= 0) return () => 0;
  /* The free share at which washing would carry just what the steam can. */
  const limit = ceiling / a;
  const boundAt = (t: number) => boundG * Math.exp(-k * t);
  const washing = (t: number) => total - boundAt(t) - washed(freeG, boundG, k, a, t);

  const enters = freeG > limit ? 0 : whenFreeReaches(limit, release);
  if (enters === Infinity) return (t) => (t <= 0 ? 0 : washing(t));

  const freeThere = Math.max(freeG, limit);
  const boundThere = boundAt(enters);
  const leaves =
    enters +
    crossing(
      (t) => freeThere + boundThere * (1 - Math.exp(-k * t)) - ceiling * t - limit,
      total / ceiling,
    );
  return (t) => {
    if (t <= 0) return 0;
    if (t <= enters) return washing(t);
    if (t <= leaves) return washing(enters) + ceiling * (t - enters);
    return total - boundAt(t) - washed(limit, boundAt(leaves), k, a, t - leaves);
  };
}

/** Free share after t minutes of washing, from `free` and `bound` at its start. */
function washed(free: number, bound: number, k: number, a: number, t: number): number {
  if (Math.abs(a - k) < 1e-9) return (free + k * bound * t) * Math.exp(-k * t);
  return free * Math.exp(-a * t) + ((k * bound) / (a - k)) * (Math.exp(-k * t) - Math.exp(-a * t));
}

/**
 * When a free share that starts under the limit is fed up to it; Infinity when it never is. It can
 * only rise while the bound share gives more than the steam carries.
 */
function whenFreeReaches(limit: number, release: Release): number {
  const { freeG, boundG, releasePerMinute: k, washPerMinute: a, ceilingGPerMin: ceiling } = release;
  if (k * boundG <= ceiling) return Infinity;
  const latest = Math.log((k * boundG) / ceiling) / k;
  const short = (t: number) => limit - washed(freeG, boundG, k, a, t);
  return short(latest) > 0 ? Infinity : crossing(short, latest);
}

/** Where a function that is above 0 until it crosses, and not after, crosses between 0 and latest. */
function crossing(value: (t: number) => number, latest: number): number {
  return firstWhere([0, latest], (t) => value(t) <= 0, { halvings: 60 });
}
