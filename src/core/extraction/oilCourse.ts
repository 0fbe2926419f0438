import type { OilParts } from "../plant/oilParts";

/** Steam from a moment on, until the next stretch begins. */
export interface Stretch {
  /** Minutes from the first drop. */
  from: number;
  steamGPerMin: number;
}

/** A charge's oil before the first drop, and how it lets go. */
export interface Release {
  parts: OilParts;
  /** Oil in the plant, g. */
  oilG: number;
  massG: number;
  /** Share that the first steam reaches, 0 to 1. */
  freeShare: number;
  /** Release of the bound share, per minute. */
  releasePerMinute: number;
  /** κ of the washing law. */
  washing: number;
  /** n: 0 all compounds alike, 1 by their vapour pressure. */
  volatility: number;
  /** q: 0 all compounds are released alike, more: the soluble ones first. */
  hydrodiffusion: number;
  /** η: how near to saturated the steam leaves, 0 to 1. */
  steamSaturation: number;
  /** Share of itself that a quick ester loses a minute as long as it lies in the charge. */
  esterLossPerMinute: number;
}

/** What has come over of a charge's oil. */
export interface OilCourse {
  /** Grams over of each compound, in the parts' order, so many minutes after the first drop. */
  over(minutes: number): Float64Array;
  /** Grams over in all. */
  overG(minutes: number): number;
  /** Their volume, mL. */
  overMl(minutes: number): number;
}

/** State of a charge: free, bound and over, one after the other, each by compound, g. */
type State = Float64Array;

/* Steps while esters break: no more than so much of them is gone in one, share. Each step has its closed
   solution, only the breaking is split off. */
const esterStepLoss = 0.03;
/* Steps while the ceiling binds, min: no more than so much of the free share is gone in one. */
const ceilingStep = { least: 0.25, most: 10, ofFree: 0.08 };

/**
 * How a charge's oil comes over, compound by compound: washing of the free share by vapour pressure,
 * release of the bound one, at most as much as the steam can carry.
 *
 *     bound' = −k (S/S̄)^q bound,  flow = a (p/p̄)^n free,  a = κ steam / charge,
 *     Σ flow ≤ η · saturation ratio · steam  (else all are scaled down alike)
 *
 * Washing then diffusion is the usual picture of the hydrodistillation literature; the exponents are
 * explained in `defaults.ts`. Where neither the ceiling binds nor esters break, each compound has a
 * closed solution over any time; else the run is worked out in steps, no further than it is asked.
 * @param stretches by their beginnings, the first at 0; where no steam passes, nothing moves
 */
export function oilCourse(release: Release, stretches: readonly Stretch[]): OilCourse {
  const { parts } = release;
  const count = parts.ids.length;
  const pieces: Piece[] = [];
  stretches.forEach(({ from, steamGPerMin }, i) => {
    const before = pieces[i - 1];
    const first = before ? stateAt(before, from, new Float64Array(3 * count)) : start(release);
    pieces.push({ law: law(release, steamGPerMin), knots: [{ at: from, state: first }] });
  });
  const scratch = new Float64Array(3 * count);
  const nothing = release.oilG <= 0 || pieces.length === 0;

  function at(minutes: number): State {
    let index = pieces.length - 1;
    while (index > 0 && pieces[index]!.knots[0]!.at > minutes) index -= 1;
    return stateAt(pieces[index]!, minutes, scratch);
  }
  return {
    over: (minutes) =>
      nothing || minutes <= 0 ? new Float64Array(count) : at(minutes).slice(2 * count),
    overG(minutes) {
      if (nothing || minutes <= 0) return 0;
      const state = at(minutes);
      let sum = 0;
      for (let i = 2 * count; i < 3 * count; i += 1) sum += state[i]!;
      return sum;
    },
    overMl(minutes) {
      if (nothing || minutes <= 0) return 0;
      const state = at(minutes);
      let sum = 0;
      for (let i = 0; i < count; i += 1)
        sum += state[2 * count + i]! / parts.compounds[i]!.densityGPerMl;
      return sum;
    },
  };
}

/** One stretch of steady steam, worked out as far as it was asked. */
interface Piece {
  law: Law;
  /** Where its steps begin, the first where the stretch does. */
  knots: { at: number; state: State }[];
}

/** The state at a moment of a stretch, written into `out`. */
function stateAt({ law: { step, advance }, knots }: Piece, minutes: number, out: State): State {
  for (;;) {
    const { at, state } = knots.at(-1)!;
    const lasts = step(state);
    if (at + lasts >= minutes) break;
    const next = Float64Array.from(state);
    advance(next, lasts);
    knots.push({ at: at + lasts, state: next });
  }
  let index = knots.length - 1;
  while (index > 0 && knots[index]!.at > minutes) index -= 1;
  const { at, state } = knots[index]!;
  out.set(state);
  if (minutes > at) advance(out, minutes - at);
  return out;
}

function start({ parts, oilG, freeShare }: Release): State {
  const count = parts.ids.length;
  const state = new Float64Array(3 * count);
  for (let i = 0; i < count; i += 1) {
    state[i] = oilG * parts.shares[i]! * freeShare;
    state[count + i] = oilG * parts.shares[i]! * (1 - freeShare);
  }
  return state;
}

/** How a state goes on under steady steam. */
interface Law {
  /** How far one step may reach from a state, min. */
  step(state: State): number;
  /** Carries a state on, in place. */
  advance(state: State, minutes: number): void;
}

function law(release: Release, steam: number): Law {
  if (!(steam > 0) || !(release.massG > 0))
    return { step: () => Infinity, advance: () => undefined };
  const { parts } = release;
  const count = parts.ids.length;
  const perMinute = (release.washing * steam) / release.massG;
  const wash = parts.volatility.map((ratio) => perMinute * ratio ** release.volatility);
  const alike = release.hydrodiffusion === 0;
  const freed = parts.solubility.map(
    (ratio) => release.releasePerMinute * (alike ? 1 : ratio ** release.hydrodiffusion),
  );
  const ceiling = release.steamSaturation * parts.saturationRatio * steam;
  const esters =
    release.esterLossPerMinute > 0 &&
    parts.breaks.some((breaks, i) => breaks > 0 && parts.shares[i]! > 0);

  function flow(state: State): number {
    let sum = 0;
    for (let i = 0; i < count; i += 1) sum += wash[i]! * state[i]!;
    return sum;
  }

  /* A free share can never rise above what its bound one feeds it to: then the ceiling is out of reach. */
  function neverBinds(state: State): boolean {
    let most = 0;
    for (let i = 0; i < count; i += 1)
      most += Math.max(wash[i]! * state[i]!, freed[i]! * state[count + i]!);
    return most <= ceiling;
  }

  /** Each compound's closed solution, its flow scaled. */
  function propagate(state: State, minutes: number, scale: number): void {
    let bound = Math.exp(-freed[0]! * minutes);
    for (let i = 0; i < count; i += 1) {
      const f = state[i]!;
      const b = state[count + i]!;
      if (f === 0 && b === 0) continue;
      const a = wash[i]! * scale;
      const k = freed[i]!;
      if (!alike && i > 0) bound = Math.exp(-k * minutes);
      const free = Math.exp(-a * minutes);
      const fed =
        Math.abs(a - k) <= 1e-9 * (a + k) ? k * minutes * bound : (k * (bound - free)) / (a - k);
      const f2 = f * free + b * fed;
      const b2 = b * bound;
      state[i] = f2;
      state[count + i] = b2;
      state[2 * count + i]! += Math.max(0, f + b - f2 - b2);
    }
  }

  function breakEsters(state: State, minutes: number): void {
    for (let i = 0; i < count; i += 1) {
      const into = parts.becomes[i]!;
      if (into < 0) continue;
      const gone = 1 - Math.exp(-release.esterLossPerMinute * parts.breaks[i]! * minutes);
      for (const pool of [i, count + i]) {
        const grams = state[pool]! * gone;
        state[pool]! -= grams;
        state[pool - i + into]! += grams * parts.gramsFromGram[i]!;
      }
    }
  }

  const half = new Float64Array(3 * count);
  return {
    step(state) {
      if (neverBinds(state)) return esters ? esterStepLoss / release.esterLossPerMinute : Infinity;
      let free = 0;
      for (let i = 0; i < count; i += 1) free += state[i]!;
      const { least, most, ofFree } = ceilingStep;
      return Math.min(most, Math.max(least, (ofFree * free) / ceiling));
    },
    advance(state, minutes) {
      if (esters) breakEsters(state, minutes / 2);
      if (neverBinds(state)) propagate(state, minutes, 1);
      else if (ceiling > 0) {
        /* All flows are scaled alike, by what is wanted in the middle of the step: a bound share may feed
           the free one up to the ceiling within it. */
        half.set(state);
        propagate(half, minutes / 2, Math.min(1, ceiling / flow(state)));
        propagate(state, minutes, Math.min(1, ceiling / flow(half)));
      } else propagate(state, minutes, 0);
      if (esters) breakEsters(state, minutes / 2);
    },
  };
}

/** Distillate through such stretches, mL, so many minutes after the first drop. */
export function distillateThrough(stretches: readonly Stretch[], minutes: number): number {
  return stretches.reduce((sum, { from, steamGPerMin }, index) => {
    const until = Math.min(minutes, stretches[index + 1]?.from ?? Infinity);
    return until > from ? sum + steamGPerMin * (until - from) : sum;
  }, 0);
}
