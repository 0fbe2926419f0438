import { type TubNow, tubNow } from "@/core/cooling/tubNow";
import { vesselDrainGPerMin } from "@/core/forecast/runModel";
import { rateAtPower } from "@/core/forecast/simulate";
import type { StopRule } from "@/core/forecast/stopRules";
import { nextCut } from "@/core/plan/cuts";
import { type Alarm, alarms } from "@/core/run/alarms";
import { type LiveEstimate, liveEstimate } from "@/core/run/liveEstimate";
import { type Cue, type CueInput, cues } from "@/core/run/nextCue";
import { catchesIn } from "@/core/still/methods";
import { usualTapC } from "@/core/water/properties";
import { cutsOf } from "./cutsOf";
import { headBoilsAt } from "./headBoilsAt";
import { knownRequest } from "./knownRequest";
import { timesAtHeat, turnDownDue } from "./heatSoFar";
import type { Run } from "@/records/run";
import type { RunState } from "./runState";
import type { Still } from "@/records/still";
import { worthlessAt } from "./worthlessAt";

/** The latest of what thermometers and a scale said, and when. */
export interface Latest {
  headC?: number;
  /** By how much hotter than at its hottest some minutes ago, K. */
  headRoseC?: number;
  outletC?: number;
  coolingOutC?: number;
  tub?: { temperatureC: number; at: number };
  /** Distillate by the scale, mL, thinned. */
  distillate?: readonly { at: number; volumeMl: number }[];
}

/** Where a run stands at a moment: estimate from the first drop on, what is next, what is wrong. */
export interface LiveRun {
  live?: LiveEstimate;
  tub?: TubNow;
  /** All that is to come, the soonest first. */
  cues: Cue[];
  alarms: Alarm[];
  /** Power at the source now, W. */
  powerW: number;
}

interface Around {
  still?: Still;
  latest?: Latest;
  /** No played run explains what is seen. */
  notExplained?: boolean;
}

const minute = 60000;

/** What was read last: by the instrument where it says something, else by hand. */
export function latestKnown({ readings }: RunState, instrument: Latest = {}): Latest {
  const last = (field: "headC" | "outletC" | "coolingOutC") =>
    readings.findLast((reading) => reading[field] !== undefined)?.[field];
  return {
    ...instrument,
    headC: instrument.headC ?? last("headC"),
    outletC: instrument.outletC ?? last("outletC"),
    coolingOutC: last("coolingOutC"),
  };
}

/** Holds a run's entries against its plan at a moment (milliseconds, the run's own time). */
export function liveRun(
  run: Run,
  state: RunState,
  now: number,
  { still, latest = latestKnown(state), notExplained = false }: Around = {},
): LiveRun {
  const { plan } = run;
  const powerW = state.heat.at(-1)?.powerW ?? plan.powerW;
  if (state.litAt === undefined || !state.heatOn) return { cues: [], alarms: [], powerW };
  const turned = state.heat.at(-1);
  const live = liveOf(run, state, now, latest, turned);
  const tub = live && tubOf(run, state, live, now, still, latest);
  const times = timesAtHeat(run, state, now);
  const catches = catchesIn(run.plan.method);
  const input = {
    catches,
    lidTendedAt: state.lidTendedAt,
    lookedAt: state.lookedAt,
    firstDropAt: state.firstDropAt,
    litAt: state.litAt,
    boilingAt: state.boilingAt,
    ...times,
    live,
    tub,
    turnDown: turnDownDue(run, state, powerW),
    nextCut: cutIn(run, live),
  };
  const since = (at: number | undefined) => (at === undefined ? 0 : (now - at) / minute);
  const warnings = alarms({
    catches,
    live,
    tub,
    outletC: latest.outletC,
    coolingOutC: latest.coolingOutC,
    headC: latest.headC,
    headRoseC: latest.headRoseC,
    boilC: headBoilsAt(run.plan),
    waterBoilsC: plan.forecast.boilC,
    ...(state.firstDropAt === undefined ? {} : { sinceFirstDrop: since(state.firstDropAt) }),
    waitingForBoil:
      state.boilingAt === undefined
        ? { since: since(state.litAt), allowed: times.minutesToBoil }
        : undefined,
    boiled:
      state.boilingAt !== undefined && state.heat.length === 0
        ? {
            after: (state.boilingAt - state.litAt) / minute,
            planned: plan.forecast.minutesToBoil,
            since: since(state.boilingAt),
          }
        : undefined,
    waitingForDrop:
      state.boilingAt !== undefined && state.firstDropAt === undefined
        ? {
            since: since(state.boilingAt),
            allowed: times.minutesToFirstDrop - times.minutesToBoil,
          }
        : undefined,
    expectedRateMlPerMin: expectedRate(run, turned),
    notExplained,
  });
  return { live, tub, cues: cues(input, now), alarms: warnings, powerW };
}

/** The rule that ends the run as it stands: the plan's, or where the person moved it. */
function standingStop(run: Run, state: RunState): StopRule {
  return state.stopMovedTo === undefined ? run.plan.stop : { minutes: state.stopMovedTo };
}

/** What the heat as it stands should give, mL/min. */
function expectedRate({ plan }: Run, turned: { powerW: number } | undefined): number {
  const { rateMlPerMin } = plan.forecast;
  if (!turned) return rateMlPerMin;
  const request = knownRequest(plan);
  if (request) return rateAtPower(request, turned.powerW);
  return (rateMlPerMin * turned.powerW) / (plan.runPowerW ?? plan.powerW);
}

function liveOf(
  run: Run,
  state: RunState,
  now: number,
  latest: Latest,
  turned: { at: number; powerW: number } | undefined,
): LiveEstimate | undefined {
  const { plan } = run;
  if (state.firstDropAt === undefined) return undefined;
  const catches = catchesIn(plan.method);
  const read = state.readings.flatMap(({ at, distillateMl }) =>
    distillateMl === undefined ? [] : [{ at: Date.parse(at), volumeMl: distillateMl }],
  );
  const readings = [...read, ...(latest.distillate ?? [])].sort((a, b) => a.at - b.at);
  return liveEstimate(
    {
      stop: standingStop(run, state),
      ...(state.stopMovedTo === undefined ? { worthlessAtMinutes: worthlessAt(plan) } : {}),
      chargeG: plan.chargeG,
      jarMl: plan.jarMl,
      catches,
      spendableMl: spendableOf(plan),
      spendableAtMlPerMin: plan.forecast.rateMlPerMin,
      drainMlPerMin: drainOf(run),
      waterAddedMl: state.waterAddedMl,
      plannedRateMlPerMin: Math.max(0.01, expectedRate(run, turned)),
      firstDropAt: state.firstDropAt,
      ...(latest.distillate?.length ? { byScale: true } : {}),
      readings,
      ...(turned ? { rateSince: Math.max(turned.at, state.firstDropAt) } : {}),
      jarStart: state.jarStart ?? { at: state.firstDropAt },
    },
    now,
  );
}

function tubOf(
  run: Run,
  state: RunState,
  live: LiveEstimate,
  now: number,
  still: Still | undefined,
  latest: Latest,
): TubNow | undefined {
  const condenser = still?.condenser;
  if (!condenser || !("tubL" in condenser)) return undefined;
  const reading = state.readings.findLast(({ tubC }) => tubC !== undefined);
  const byHand = reading && { temperatureC: reading.tubC!, at: Date.parse(reading.at) };
  const read = [byHand, latest.tub]
    .filter((each) => each !== undefined)
    .sort((a, b) => b.at - a.at)[0];
  const iceKg = (since: number) =>
    state.iceAdded.reduce((sum, { at, massG }) => (at > since ? sum + massG / 1000 : sum), 0);
  return tubNow({
    condenser: { ...condenser, iceKg: run.plan.iceKg ?? condenser.iceKg },
    startC: run.plan.request?.site?.coolingInC ?? usualTapC,
    iceAddedKg: iceKg(-Infinity),
    boilC: run.plan.forecast.boilC,
    distillateMl: live.distillateMl,
    rateMlPerMin: live.rateMlPerMin,
    ...(read
      ? {
          read: {
            temperatureC: read.temperatureC,
            distillateMl: Math.max(
              0,
              live.distillateMl - live.rateMlPerMin * Math.max(0, (now - read.at) / minute),
            ),
            iceSinceKg: iceKg(read.at),
          },
        }
      : {}),
  });
}

/**
 * Water above the dry line at the first drop, mL. What flows back never brings the pot there, whatever a
 * plan from before this was told apart has stored.
 */
function spendableOf({ method, forecast }: Run["plan"]): number {
  return catchesIn(method) === "trap" ? Infinity : (forecast.spendableMl ?? Infinity);
}

/** What condenses in a plant vessel of its own while it runs, mL/min. */
function drainOf({ plan }: Run): number {
  const request = knownRequest(plan);
  return request?.still.plantVesselLossWPerK ? vesselDrainGPerMin(request) : 0;
}

/** The next jar swap that the plan names, and when. */
function cutIn(run: Run, live: LiveEstimate | undefined): CueInput["nextCut"] {
  const cut = live && nextCut(cutsOf(run.plan), live.distillateMl - live.inJarMl);
  return cut && { why: cut.why, minutes: (cut.ml - live.distillateMl) / live.rateMlPerMin };
}
