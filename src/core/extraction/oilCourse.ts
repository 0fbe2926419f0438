import type { OilParts } from "../plant/oilParts";
import { waterReturning, type Returns } from "./waterReturning";

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
  /** The water that the plant lies in; absent over steam. */
  pot?: Pot;
}

/** Water that holds back what hardly leaves it. */
export interface Pot {
  /** Its water at the first drop, g, above 0. */
  waterG: number;
  /** K of each compound: grams a gram of steam carries off, against grams in a gram of the pot's water. */
  volatilities: readonly number[];
  /** Of a gram of steam, how much the pot loses: 1 where the distillate is kept, 0 where it flows back. */
  spends: number;
  /** Of the arm, where the water runs back under its oil. */
  returns?: Returns;
}

/** What has come over of a charge's oil. */
export interface OilCourse {
  /** Grams over of each compound, in the parts' order, so many minutes after the first drop. */
  over(minutes: number): Float64Array;
  /** Grams over in all. */
  overG(minutes: number): number;
  /** Their volume, mL. */
  overMl(minutes: number): number;
  /** Grams of each compound in the pot's water, out of the plant and not over. */
  inPot(minutes: number): Float64Array;
}

/** State of a charge: free, bound, over and in the pot's water, one after the other, each by compound, g. */
type State = Float64Array;

/* Steps while esters break: no more than so much of them is gone in one, share. Each step has its closed
   solution, only the breaking is split off. */
const esterStepLoss = 0.03;
/* Steps while the ceiling binds, min: no more than so much of the free share is gone in one. */
const ceilingStep = { least: 0.25, most: 10, ofFree: 0.08 };
/* Steps while the pot empties: no more of its water than this share. */
const potStep = { ofWater: 0.1, least: 0.5 };
/* So little of its water the pot is taken to have at least, share. */
const potLeast = 0.05;
/* Steps while the water runs back, min: the layer and the pot are worked out together. */
const returnStep = { first: 0.25, growth: 0.2, most: 6 };
/* So many times its rate a compound is gone from the pot. */
const allGone = 40;

/**
 * How a charge's oil comes over, compound by compound: washing of the free share by vapour pressure,
 * release of the bound one, at most as much as the steam can carry.
 *
 *     bound' = −k (S/S̄)^q bound,  flow = a (p/p̄)^n free,  a = κ steam / charge,
 *     Σ flow ≤ η · saturation ratio · steam  (else all are scaled down alike)
 *
 * Of a plant that lies in the water, what leaves it is in the pot's water first, and steam carries it off at
 * `K steam m / V`: most oils do not notice, roses and cloves do. Where the water runs back, the condensate comes a
 * share φ of the way to the water that its layer would saturate, and returns with that.
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
  let waterG = release.pot?.waterG ?? 0;
  stretches.forEach(({ from, steamGPerMin }, i) => {
    const before = pieces[i - 1];
    const first = before ? stateAt(before, from, new Float64Array(4 * count)) : start(release);
    pieces.push({
      law: law(release, { from, steam: steamGPerMin, waterG }),
      knots: [{ at: from, state: first }],
    });
    const until = stretches[i + 1]?.from ?? from;
    waterG -= (release.pot?.spends ?? 0) * steamGPerMin * (until - from);
  });
  const scratch = new Float64Array(4 * count);
  const nothing = release.oilG <= 0 || pieces.length === 0;

  function at(minutes: number): State {
    let index = pieces.length - 1;
    while (index > 0 && pieces[index]!.knots[0]!.at > minutes) index -= 1;
    return stateAt(pieces[index]!, minutes, scratch);
  }
  return {
    over: (minutes) =>
      nothing || minutes <= 0 ? new Float64Array(count) : at(minutes).slice(2 * count, 3 * count),
    inPot: (minutes) =>
      nothing || minutes <= 0 ? new Float64Array(count) : at(minutes).slice(3 * count),
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
function stateAt(
  { law: { step, advance, between }, knots }: Piece,
  minutes: number,
  out: State,
): State {
  for (;;) {
    const { at, state } = knots.at(-1)!;
    const lasts = step(state, at);
    if (at + lasts >= minutes) break;
    const next = state.slice();
    advance(next, lasts, at);
    knots.push({ at: at + lasts, state: next });
  }
  const index = lastBefore(knots, minutes);
  const { at, state } = knots[index]!;
  const after = knots[index + 1];
  out.set(state);
  if (after && between) {
    const share = (minutes - at) / (after.at - at);
    for (let i = 0; i < out.length; i += 1) out[i]! += share * (after.state[i]! - state[i]!);
  } else if (minutes > at) advance(out, minutes - at, at);
  return out;
}

/* The last knot at or before a moment. */
function lastBefore(knots: Piece["knots"], minutes: number): number {
  let [low, high] = [0, knots.length - 1];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (knots[middle]!.at > minutes) high = middle - 1;
    else low = middle;
  }
  return low;
}

function start({ parts, oilG, freeShare }: Release): State {
  const count = parts.ids.length;
  const state = new Float64Array(4 * count);
  for (let i = 0; i < count; i += 1) {
    state[i] = oilG * parts.shares[i]! * freeShare;
    state[count + i] = oilG * parts.shares[i]! * (1 - freeShare);
  }
  return state;
}

/** How a state goes on under steady steam. */
interface Law {
  /** How far one step may reach from a state at a moment, min. */
  step(state: State, at: number): number;
  /** Carries a state on from a moment, in place. */
  advance(state: State, minutes: number, at: number): void;
  /** Its steps lie so close that what is between two may be read off a straight line. */
  between?: boolean;
}

interface Steady {
  from: number;
  steam: number;
  /** The pot's water when the stretch begins, g. */
  waterG: number;
}

function law(release: Release, { from, steam, waterG }: Steady): Law {
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

  const { pot } = release;
  /* A run ends long before its pot is empty; what is asked beyond is answered with the last of the water. */
  const lastG = Math.max(1, (pot?.waterG ?? 0) * potLeast);
  const potG = (at: number) => Math.max(lastG, waterG - pot!.spends * steam * (at - from));
  const stripping = pot !== undefined && pot.returns === undefined;

  /** Each compound's closed solution, its flow scaled. */
  function propagate(state: State, minutes: number, scale: number, at: number): void {
    const perVolatility = stripping ? steam / potG(at + minutes / 2) : 0;
    let bound = Math.exp(-freed[0]! * minutes);
    for (let i = 0; i < count; i += 1) {
      const f = state[i]!;
      const b = state[count + i]!;
      const m = pot ? state[3 * count + i]! : 0;
      if (f === 0 && b === 0 && m === 0) continue;
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
      const left = Math.max(0, f + b - f2 - b2);
      if (!stripping) {
        state[pot ? 3 * count + i : 2 * count + i]! += left;
        continue;
      }
      /* In the pot's water: fed by the plant, stripped by the steam. */
      const strips = pot!.volatilities[i]! * perVolatility;
      const gone = strips * minutes > allGone ? 0 : Math.exp(-strips * minutes);
      const sinceFree = since(strips, a, free, gone, minutes);
      let fromBound: number;
      if (Math.abs(a - k) > 1e-4 * (a + k))
        fromBound = (a * k * (since(strips, k, bound, gone, minutes) - sinceFree)) / (a - k);
      else {
        /* Where both are alike the fraction has no value of its own: a hair apart it has. */
        const out = k * (1 + 2e-4);
        const apart = since(strips, out, Math.exp(-out * minutes), gone, minutes);
        fromBound = (out * k * (since(strips, k, bound, gone, minutes) - apart)) / (out - k);
      }
      const held = m * gone + a * f * sinceFree + b * fromBound;
      const m2 = held > m + left ? m + left : held > 0 ? held : 0;
      state[3 * count + i] = m2;
      state[2 * count + i]! += m + left - m2;
    }
  }

  function breakEsters(state: State, minutes: number): void {
    for (let i = 0; i < count; i += 1) {
      const into = parts.becomes[i]!;
      if (into < 0) continue;
      const gone = 1 - Math.exp(-release.esterLossPerMinute * parts.breaks[i]! * minutes);
      for (let pool = 0; pool < (pot ? 4 : 2); pool += 1) {
        /* What is over breaks no more. */
        if (pool === 2) continue;
        const grams = state[pool * count + i]! * gone;
        state[pool * count + i]! -= grams;
        state[pool * count + into]! += grams * parts.gramsFromGram[i]!;
      }
    }
  }

  const runBack = pot?.returns && waterReturning(parts, pot.volatilities, pot.returns, steam);

  function longest(state: State): number {
    if (neverBinds(state)) return esters ? esterStepLoss / release.esterLossPerMinute : Infinity;
    let free = 0;
    for (let i = 0; i < count; i += 1) free += state[i]!;
    const { least, most, ofFree } = ceilingStep;
    return Math.min(most, Math.max(least, (ofFree * free) / ceiling));
  }

  const half = new Float64Array(4 * count);
  return {
    between: pot?.returns !== undefined,
    step(state, at) {
      const plain = longest(state);
      if (!pot) return plain;
      if (pot.returns)
        return Math.min(
          plain,
          returnStep.most,
          returnStep.first + returnStep.growth * Math.max(0, at),
        );
      const water = potG(at);
      if (water <= lastG || pot.spends === 0) return plain;
      return Math.min(plain, Math.max(potStep.least, (potStep.ofWater * water) / steam));
    },
    advance(state, minutes, at) {
      if (esters) breakEsters(state, minutes / 2);
      if (neverBinds(state)) propagate(state, minutes, 1, at);
      else if (ceiling > 0) {
        /* All flows are scaled alike, by what is wanted in the middle of the step: a bound share may feed
           the free one up to the ceiling within it. */
        half.set(state);
        propagate(half, minutes / 2, Math.min(1, ceiling / flow(state)), at);
        propagate(state, minutes, Math.min(1, ceiling / flow(half)), at);
      } else propagate(state, minutes, 0, at);
      runBack?.(state, minutes, potG(at + minutes / 2));
      if (esters) breakEsters(state, minutes / 2);
    },
  };
}

/* What came into the pot at a rate that fell as e^(−rate t), stripped since; `left` is e^(−rate t) at the end. */
function since(strips: number, rate: number, left: number, gone: number, minutes: number): number {
  const apart = strips - rate;
  return Math.abs(apart) <= 1e-9 * (strips + rate) ? minutes * gone : (left - gone) / apart;
}

/** Distillate through such stretches, mL, so many minutes after the first drop. */
export function distillateThrough(stretches: readonly Stretch[], minutes: number): number {
  return stretches.reduce((sum, { from, steamGPerMin }, index) => {
    const until = Math.min(minutes, stretches[index + 1]?.from ?? Infinity);
    return until > from ? sum + steamGPerMin * (until - from) : sum;
  }, 0);
}
