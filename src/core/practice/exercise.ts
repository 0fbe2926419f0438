import type { Condenser } from "../cooling/condenser";
import type { ForecastRequest } from "../forecast/request";
import { runModel } from "../forecast/runModel";
import { measuredActs, type Act, type ActCode, type TimedAct } from "./acts";
import { faultOf, type Fault, type Moment, type Sense, type StillTraits } from "./faults";
import { signsNow, unmistakable, type SignCode } from "./signs";
import {
  virtualStill,
  type StillTruth,
  type VirtualSample,
  type VirtualStill,
} from "./virtualStill";

/** A fault of an exercise, and when it begins: minutes after a moment of the run. */
export interface PlannedFault {
  fault: Fault;
  after: Moment;
  minutes: number;
}

/** All that an exercise depends on beside what the person does. */
export interface ExerciseAsk {
  /** What its plan was asked. */
  request: ForecastRequest;
  condenser?: Condenser;
  traits: StillTraits;
  seed: number;
  faults: readonly PlannedFault[];
}

/** What an exercise can end in: nothing that anybody should live through outside of one. */
export const harms = ["scald", "burst", "fire", "dry"] as const;
export type Harm = (typeof harms)[number];

/** Something that happened, at a second from heat on. */
type Happening = { second: number } & (
  | { kind: "begins" | "mended"; fault: Fault }
  | { kind: "heard"; sign: SignCode }
  | { kind: "harm"; harm: Harm }
);

/** An exercise under way: the still, what is wrong with it, and what came of it. */
export interface Exercise {
  /** Seconds since heat on. */
  readonly second: number;
  readonly truth: Readonly<StillTruth>;
  readonly boilingAt: number | undefined;
  readonly firstDropAt: number | undefined;
  readonly active: ReadonlySet<Fault>;
  readonly happenings: readonly Happening[];
  readonly harm: Harm | undefined;
  /** Heat at the source that the person has set, W. */
  readonly powerW: number;
  /** Nothing more happens: ended by harm. */
  readonly over: boolean;
  /** Takes time on to a second; acts lie where they are done. */
  advanceTo(second: number): void;
  /** Does something now; the senses answer with what they tell. @throws RangeError where a measured act names no amount */
  act(act: Act): SignCode[];
  /** What a sense would tell now, without it counting as an act. */
  signs(sense: Sense): SignCode[];
  read(): VirtualSample[];
}

/** Seconds that one step takes: replays are then the same, whoever's clock drove the first. */
const stepSeconds = 2;

/* Judgements of when a trouble becomes harm: mbar, shares, mL, minutes. */
const harmful = {
  burstMbar: 90,
  /** A pot suffers so far below its dry line, share of what stands at it. */
  belowLine: 0.4,
  dryMl: 20,
  vapourGPerMin: 3,
  vapourMinutes: 4,
  helperMinutes: 1,
  /** Nobody opens a head hotter than this, °C. */
  openC: 50,
  /** What tightens or opens under pressure scalds. */
  touchMbar: 10,
  /** At more than this share of the planned heat a joint still blows. */
  gentle: 0.5,
  /** Turned down to this share, a froth or a valve falls back. */
  down: 0.7,
  /** Gas that flowed so long unlit takes fire at once, min. */
  gasMinutes: 1,
  /** A jar that is left is an overflow from this share of it on. */
  jarShare: 0.8,
} as const;
/** Of the water above the dry line so much was never filled in. */
const missingShare = 0.5;

/**
 * An exercise on a virtual still. Same asking, same acts at the same seconds, same course.
 * @throws RangeError as forecastRun
 */
export function exercise(ask: ExerciseAsk): Exercise {
  const { request, traits } = ask;
  const model = runModel(request);
  const plannedW = request.still.heat.runPowerW ?? request.still.heat.powerW;
  const missingMl = ask.faults.some(({ fault }) => fault === "shortWater")
    ? missingShare * Math.min(model.aboveDryLineMl, request.waterMl)
    : 0;
  const still: VirtualStill = virtualStill(
    { ...request, waterMl: request.waterMl - missingMl },
    ask.seed,
    ask.condenser,
    {
      /* A trap sends its water back and never runs over. */
      jarMl: traits.catches === "trap" ? Infinity : traits.jarMl,
      gas: traits.gas,
      floats: traits.layer !== "sinks",
    },
  );
  const { truth } = still;
  const dryLineMl = request.still.dryLineMl ?? 0;
  /* Free water that stands when the plan's dry line is reached: soaked plant holds the rest of what lies under it. */
  const lineMl = Number.isFinite(model.spendableMl)
    ? Math.max(0, model.freeWaterMl - model.spendableMl)
    : dryLineMl;
  const dryAtMl = Math.max(harmful.dryMl, lineMl - harmful.belowLine * dryLineMl);
  const active = new Set<Fault>();
  const waiting = [...ask.faults];
  const happenings: Happening[] = [];
  const told = new Set<SignCode>();
  let second = 0;
  let powerW = request.still.heat.powerW;
  let tapClosed = false;
  let looked = false;
  let filledMl = 0;
  let vapourMinutes = 0;
  let helperMinutes = 0;
  let harm: Harm | undefined;

  const now: Exercise = {
    get second() {
      return second;
    },
    truth,
    get boilingAt() {
      return inSeconds(still.boilingAt);
    },
    get firstDropAt() {
      return inSeconds(still.firstDropAt);
    },
    active,
    happenings,
    get harm() {
      return harm;
    },
    get powerW() {
      return powerW;
    },
    get over() {
      return harm !== undefined;
    },
    advanceTo(until) {
      while (second + stepSeconds <= until && !harm) step();
    },
    act,
    signs,
    read: () => still.read(),
  };
  begin();
  return now;

  function step(): void {
    still.advance(stepSeconds / 60, { powerW: tapClosed ? 0 : powerW, faults: active });
    second += stepSeconds;
    begin();
    for (const sense of ["listen", "look"] as const)
      for (const sign of signs(sense))
        if (unmistakable.has(sign) && !told.has(sign)) {
          told.add(sign);
          happenings.push({ second, kind: "heard", sign });
        }
    suffer();
  }

  /** Faults whose time has come. */
  function begin(): void {
    for (const planned of [...waiting]) {
      const { fault, after, minutes } = planned;
      const at = after === "lit" ? 0 : after === "boiling" ? now.boilingAt : now.firstDropAt;
      const due =
        fault === "jarOverflow"
          ? truth.inJarMl >= harmful.jarShare * traits.jarMl
          : at !== undefined && second >= at + minutes * 60;
      if (!due) continue;
      waiting.splice(waiting.indexOf(planned), 1);
      active.add(fault);
      happenings.push({ second, kind: "begins", fault });
    }
  }

  /** Whether what goes on does harm by now. */
  function suffer(): void {
    const minutes = stepSeconds / 60;
    if (truth.overMbar >= harmful.burstMbar) hurt("burst");
    if (truth.steaming && truth.waterMl <= dryAtMl) hurt("dry");
    vapourMinutes = truth.vapourGPerMin >= harmful.vapourGPerMin ? vapourMinutes + minutes : 0;
    if (traits.flame && vapourMinutes >= harmful.vapourMinutes) hurt("fire");
    helperMinutes = active.has("helperOpens") ? helperMinutes + minutes : 0;
    if (helperMinutes >= harmful.helperMinutes && hot()) hurt("scald");
  }

  function hurt(what: Harm): void {
    if (harm) return;
    harm = what;
    happenings.push({ second, kind: "harm", harm: what });
  }

  /* With the heat on nobody opens it, whatever the head shows: what is under it may be near the boil. */
  function hot(): boolean {
    return powerW > 0 || truth.steaming || truth.headC > harmful.openC;
  }

  function mend(fault: Fault): void {
    if (!active.delete(fault)) return;
    happenings.push({ second, kind: "mended", fault });
  }

  function signs(sense: Sense): SignCode[] {
    return signsNow(sense, {
      truth,
      faults: active,
      traits,
      boiling: still.boilingAt !== undefined && powerW > 0,
      lineMl,
    });
  }

  function act({ code, amount }: Act): SignCode[] {
    if (harm) return [];
    const measured = (measuredActs as readonly ActCode[]).includes(code);
    if (measured && !(amount !== undefined && Number.isFinite(amount) && amount >= 0))
      throw new RangeError(`${code}: an amount of 0 or more is needed, got ${amount}`);
    if (code === "look" || code === "smell" || code === "listen" || code === "feel") {
      if (code === "look") {
        looked = true;
        mend("sinks");
      }
      return signs(code);
    }
    hands(code, amount ?? 0);
    return [];
  }

  function hands(code: Exclude<ActCode, Sense>, amount: number): void {
    switch (code) {
      case "heat":
        powerW = amount;
        mend("heatHigh");
        if (powerW <= harmful.down * plannedW)
          for (const fault of [...active]) if (faultOf(fault).fallsBack) mend(fault);
        return;
      case "heatOff":
        powerW = 0;
        break;
      case "ice":
        still.addIce(amount);
        break;
      case "water":
        still.addWater(amount);
        filledMl += amount;
        if (filledMl < missingMl / 2) return;
        break;
      case "jarSwapped":
        still.swapJar(traits.layer === "sinks" && !looked);
        break;
      case "tighten":
        if (truth.overMbar >= harmful.touchMbar) return hurt("scald");
        if (truth.steaming && powerW > harmful.gentle * plannedW) return hurt("scald");
        break;
      case "drain":
        if (truth.overMbar >= harmful.touchMbar || active.has("reliefLifts")) return hurt("scald");
        break;
      case "closeTap":
        tapClosed = true;
        still.airOut();
        return;
      case "relight":
        if (traits.gas && truth.gasMinutes > harmful.gasMinutes) return hurt("fire");
        tapClosed = false;
        break;
      case "repack":
      case "openLid":
        if (hot()) return hurt("scald");
        break;
      case "waterOn":
      case "stir":
      case "warmCooling":
      case "seal":
      case "stopHelper":
        break;
    }
    for (const fault of [...active]) if (faultOf(fault).mends.includes(code)) mend(fault);
  }

  function inSeconds(minutes: number | undefined): number | undefined {
    return minutes === undefined ? undefined : Math.round(minutes * 60);
  }
}

/**
 * Acts in their turn: takes exercises on to a second, doing each act at its own on the way. What was done is not done
 * again.
 */
export function inTurn(
  acts: readonly TimedAct[],
): (until: number, ...exercises: Exercise[]) => void {
  const queue = [...acts].sort((a, b) => a.second - b.second);
  return (until, ...exercises) => {
    while (queue[0] && queue[0].second <= until) {
      const { second, ...act } = queue.shift()!;
      for (const each of exercises) {
        each.advanceTo(second);
        each.act(act);
      }
    }
    for (const each of exercises) each.advanceTo(until);
  };
}

/** Plays an exercise again, each act at its second, on to a last one. */
export function replay(ask: ExerciseAsk, acts: readonly TimedAct[], untilSecond: number): Exercise {
  const played = exercise(ask);
  inTurn(acts)(untilSecond, played);
  return played;
}
