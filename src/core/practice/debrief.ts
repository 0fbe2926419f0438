import { runModel } from "../forecast/runModel";
import type { Act, TimedAct } from "./acts";
import { exercise, inTurn, replay, type Exercise, type ExerciseAsk, type Harm } from "./exercise";
import { faultOf, senses, type Fault, type Sense } from "./faults";
import type { SignCode } from "./signs";
import type { Channel } from "./virtualStill";

/** What an instrument tells, or the oil that is read in the jar. */
export type Figure = Channel | "oil";

/** What came of waiting so long after the first sign, with the right thing done then. */
interface Delay {
  minutes: number;
  /** Oil kept at the end of the plan's time, mL. */
  oilMl: number;
  harm?: Harm;
}

/** One fault of an exercise, looked back on. Seconds from heat on. */
interface FaultLookedBack {
  fault: Fault;
  began: number;
  mended?: number;
  /** When each sense could have told of it first, the soonest first. */
  signs: { sense: Sense; sign: SignCode; second: number }[];
  /** When each instrument's figure first stood apart from a sound run's, the soonest first. */
  figures: { channel: Figure; second: number }[];
  delays: Delay[];
}

/** An exercise looked back on. */
export interface Debrief {
  faults: FaultLookedBack[];
  /** Oil that was kept, mL, and what the same acts would have kept had nothing gone wrong. */
  oilMl: number;
  soundOilMl: number;
  harm?: Harm;
}

const delayMinutes = [0, 1, 2, 4, 8, 15];
/* Twins are looked at so often, s. */
const lookEvery = 10;
/* Apart is what an instrument would tell from its noise: K, and a share of the rate over some minutes. */
const apart = { kelvin: 2.5, rateShare: 0.2, rateMinutes: 3, oilMl: 0.3 };
/* Somebody practised does one thing after the other, s apart. */
const betweenActs = 30;
/* Jars are looked at so often, s, and changed at this share. */
const lookJars = 30;
const swapAt = 0.9;

/**
 * Looks back on an exercise: what went wrong when, how soon it could have been known, and what each minute of waiting
 * cost, by playing it again without the fault, and with the right thing done sooner or later.
 * @param endSecond until when it was played
 * @param planSecond when the plan's run ends: so long each replay goes on
 */
export function debriefOf(
  ask: ExerciseAsk,
  acts: readonly TimedAct[],
  endSecond: number,
  planSecond: number,
): Debrief {
  const real = replay(ask, acts, endSecond);
  const faults = real.happenings.flatMap((each) =>
    each.kind === "begins" ? [lookBack(ask, acts, each, real, planSecond)] : [],
  );
  const sound = replay(
    ask.faults.reduce((asked, each) => without(asked, each.fault), ask),
    acts,
    endSecond,
  );
  return {
    faults,
    oilMl: kept(real),
    soundOilMl: kept(sound),
    ...(real.harm ? { harm: real.harm } : {}),
  };
}

/** Oil that is worth keeping: what was scorched, or is another plant's, is not. */
function kept({ truth, active }: Exercise): number {
  if (active.has("wrongPlant")) return 0;
  return Math.max(0, truth.oilMl - (truth.scorched > 0.35 ? truth.oilInJarMl : 0));
}

function lookBack(
  ask: ExerciseAsk,
  acts: readonly TimedAct[],
  { fault, second: began }: { fault: Fault; second: number },
  real: Exercise,
  planSecond: number,
): FaultLookedBack {
  const mended = real.happenings.find(
    (each) => each.kind === "mended" && each.fault === fault,
  )?.second;
  const told = firstTold(ask, acts, fault, began, Math.min(mended ?? Infinity, real.second));
  const known = Math.min(
    ...told.signs.map(({ second }) => second),
    ...told.figures.map(({ second }) => second),
    Infinity,
  );
  const from = Number.isFinite(known) ? known : began;
  return {
    fault,
    began,
    ...(mended === undefined ? {} : { mended }),
    ...told,
    delays: delayMinutes.map((minutes) => {
      const played = answered(ask, acts, fault, from, minutes, planSecond);
      return { minutes, oilMl: kept(played), ...(played.harm ? { harm: played.harm } : {}) };
    }),
  };
}

/** Plays it beside a twin in which this fault never is, and notes when the two can first be told apart. */
function firstTold(
  ask: ExerciseAsk,
  acts: readonly TimedAct[],
  fault: Fault,
  began: number,
  until: number,
): Pick<FaultLookedBack, "signs" | "figures"> {
  const [real, twin] = [exercise(ask), exercise(without(ask, fault))];
  const play = inTurn(acts);
  const signs = new Map<SignCode, { sense: Sense; sign: SignCode; second: number }>();
  const figures = new Map<Figure, number>();
  const past: { real: number; twin: number }[] = [];
  for (let at = 0; at <= until; at += lookEvery) {
    play(at, real, twin);
    past.push({ real: real.truth.distillateMl, twin: twin.truth.distillateMl });
    if (at < began || real.over) continue;
    for (const sense of senses) {
      const sound = new Set(twin.signs(sense));
      for (const sign of real.signs(sense))
        if (!sound.has(sign) && !signs.has(sign)) signs.set(sign, { sense, sign, second: at });
    }
    for (const [channel, is, was] of [
      ["head", real.truth.headC, twin.truth.headC],
      ["outlet", real.truth.outletC, twin.truth.outletC],
      ["tub", real.truth.tubC, twin.truth.tubC],
    ] as const)
      if (Math.abs(is - was) > apart.kelvin && !figures.has(channel)) figures.set(channel, at);
    const [oilIs, oilWas] = [real.truth.oilMl, twin.truth.oilMl];
    if (
      !figures.has("oil") &&
      Math.abs(oilIs - oilWas) > Math.max(apart.oilMl, apart.rateShare * oilWas)
    )
      figures.set("oil", at);
    const before = past[past.length - 1 - (apart.rateMinutes * 60) / lookEvery];
    const last = past[past.length - 1]!;
    if (before && !figures.has("distillate")) {
      const [is, was] = [last.real - before.real, last.twin - before.twin];
      if (was > 5 && Math.abs(is - was) > apart.rateShare * was) figures.set("distillate", at);
    }
  }
  const soonest = (a: { second: number }, b: { second: number }) => a.second - b.second;
  return {
    signs: [...signs.values()].sort(soonest),
    figures: [...figures].map(([channel, second]) => ({ channel, second })).sort(soonest),
  };
}

/** The same exercise in which this fault never is; a jar that runs over never fills, an oil that sinks floats. */
function without(ask: ExerciseAsk, fault: Fault): ExerciseAsk {
  return {
    ...ask,
    faults: ask.faults.filter((each) => each.fault !== fault),
    traits: {
      ...ask.traits,
      ...(fault === "jarOverflow" ? { jarMl: endlessMl } : {}),
      ...(fault === "sinks" ? { layer: "floats" as const } : {}),
    },
  };
}
const endlessMl = 1e6;

/** The exercise as it would have gone had the right thing been done so long after it could be known, and jars been minded. */
function answered(
  ask: ExerciseAsk,
  acts: readonly TimedAct[],
  fault: Fault,
  from: number,
  minutes: number,
  planSecond: number,
): Exercise {
  const first = from + minutes * 60;
  const before = acts.filter(({ second }) => second < from);
  const right = rightActs(ask, fault).map((act, i) => ({
    ...act,
    second: first + i * betweenActs,
  }));
  const played = exercise({ ...ask, faults: ask.faults.filter((each) => each.fault === fault) });
  const play = inTurn([...before, ...right]);
  for (let at = lookJars; at <= planSecond && !played.over; at += lookJars) {
    play(at, played);
    const minded = fault !== "jarOverflow" || at >= first;
    if (minded && played.truth.inJarMl >= swapAt * ask.traits.jarMl) {
      played.act({ code: "look" });
      played.act({ code: "jarSwapped" });
    }
  }
  return played;
}

/** What a practised person does about a fault, with its figures: W, kg, mL. */
function rightActs(
  { request, condenser }: Pick<ExerciseAsk, "request" | "condenser">,
  fault: Fault,
): Act[] {
  const { heat } = request.still;
  const tubL = condenser && "tubL" in condenser ? condenser.tubL : 20;
  return faultOf(fault).right.map((act) => {
    if (typeof act !== "string")
      return { code: "heat", amount: act.heat * (heat.runPowerW ?? heat.powerW) };
    if (act === "ice") return { code: act, amount: iceShare * tubL };
    if (act === "water")
      return { code: act, amount: Math.min(runModel(request).aboveDryLineMl, request.waterMl) / 2 };
    return { code: act };
  });
}
/* Ice enough for an hour: kg a litre of tub. */
const iceShare = 0.15;
