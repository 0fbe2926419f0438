import type { Catches } from "../still/methods";
import { coldEnough, type TubNow } from "../cooling/tubNow";
import { safety } from "../safety";
import type { LiveEstimate } from "./liveEstimate";

/** What an alarm can be about. */
export const alarmCodes = [
  "dryLine",
  "outletHot",
  "outletWarm",
  "noFirstDrop",
  "rateFell",
  "headFell",
  "headHigh",
  "tubWarm",
  "coolingHot",
  "jarFull",
  "bowlFull",
  "boilLate",
  "boilEarly",
  "rateHigh",
  "notExplained",
] as const;
export type AlarmCode = (typeof alarmCodes)[number];

/** What needs the person, now or soon. */
export interface Alarm {
  code: AlarmCode;
  /** danger: heat off first. act: do something now. soon: get ready. */
  urgency: "danger" | "act" | "soon";
  /** Minutes from now; 0 or less when it is there. */
  minutes: number;
}

/** What is known of a run at a moment. Minutes from now, °C, mL/min. */
export interface AlarmInput {
  catches: Catches;
  live?: LiveEstimate;
  tub?: TubNow;
  outletC?: number;
  /** Cooling water as it leaves the condenser. */
  coolingOutC?: number;
  headC?: number;
  /** By how much the head is hotter than it was at its hottest some minutes ago, K; absent where no probe says. */
  headRoseC?: number;
  /** The coolest that a head is while all is well, where oil and water boil together. */
  boilC: number;
  /** The hottest: where water alone boils. */
  waterBoilsC: number;
  /** Minutes since the first drop, where it has come. */
  sinceFirstDrop?: number;
  /** Minutes since the boil while no drop has come, and how many the plan allows. */
  waitingForDrop?: { since: number; allowed: number };
  waitingForBoil?: { since: number; allowed: number };
  /** It boils, at the planned heat: after how many minutes, how many the plan gave, and for how long by now. */
  boiled?: { after: number; planned: number; since: number };
  /** What the heat as it stands should give. */
  expectedRateMlPerMin: number;
  notExplained: boolean;
}

/* How far ahead each is told: long enough to fetch a kettle, a jar, a bag of ice. */
const ahead = { dryLine: safety.dryLineNoticeMinutes, jarFull: 3, tub: 10 };
/* The first drop may come half as late again, and five minutes, before it says something. */
const lateShare = 1.5;
const lateMinutes = 5;
const fallenRate = 0.6;
/* A pot that boils in so much less than the planned time holds less water than the plan, or more heat; minutes too few to tell apart say nothing. */
const earlyShare = 0.75;
/* Sooner than this share no missing water does it: the log began late, or the water was hot. */
const earlyLeastShare = 1 / 3;
const earlyMinutes = 3;
/* So long after the boil it is told, min: after that the drops tell more. */
const earlyTold = 15;
/* A plate or a burner that gives a quarter more than is usual makes four tenths more steam, and is sound. */
const raisedRate = 1.6;
/* With less than a drop every few seconds to expect, a slower one says nothing. */
const faintRate = 0.5;
const fallenHeadC = 4;
/* Steam under no pressure is never hotter than the boil: so far above it, K, and as much hotter than it was, what
   leads it away is closing. A head that is only read too high was so before. Some 30 mbar: a lid begins to lift. */
const raisedHeadC = 0.5;
/* A head and its probe are warm by then, min: before, they do not fall, they rise. */
const headWarmsIn = 4;

/** Alarms that look ahead, what is dangerous first, then what is soonest. */
export function alarms(run: AlarmInput): Alarm[] {
  const found: Alarm[] = [];
  const { live, tub, outletC, headC, coolingOutC } = run;
  if (live && live.minutesToDryLine <= ahead.dryLine)
    found.push({
      code: "dryLine",
      urgency: live.minutesToDryLine <= safety.dryLineDangerMinutes ? "danger" : "act",
      minutes: live.minutesToDryLine,
    });
  if (outletC !== undefined && outletC >= safety.hotOutletC)
    found.push({ code: "outletHot", urgency: "danger", minutes: 0 });
  else if (outletC !== undefined && outletC >= safety.warmOutletC)
    found.push({ code: "outletWarm", urgency: "act", minutes: 0 });
  /* Under a lid nobody sees the first drop. */
  if (run.catches !== "bowl" && late(run.waitingForDrop))
    found.push({ code: "noFirstDrop", urgency: "danger", minutes: 0 });
  if (late(run.waitingForBoil)) found.push({ code: "boilLate", urgency: "act", minutes: 0 });
  if (run.boiled && early(run.boiled))
    found.push({ code: "boilEarly", urgency: "act", minutes: 0 });
  if (
    live?.measured &&
    run.expectedRateMlPerMin > faintRate &&
    live.rateMlPerMin > run.expectedRateMlPerMin * raisedRate
  )
    found.push({ code: "rateHigh", urgency: "soon", minutes: 0 });
  const least = run.expectedRateMlPerMin * fallenRate;
  if (live?.measured && run.expectedRateMlPerMin > faintRate && live.rateMlPerMin < least)
    found.push({ code: "rateFell", urgency: "act", minutes: 0 });
  if (
    live &&
    (run.sinceFirstDrop ?? Infinity) >= headWarmsIn &&
    headC !== undefined &&
    headC < run.boilC - fallenHeadC
  )
    found.push({ code: "headFell", urgency: "act", minutes: 0 });
  if (
    live &&
    headC !== undefined &&
    headC > run.waterBoilsC + raisedHeadC &&
    (run.headRoseC ?? 0) > raisedHeadC
  )
    found.push({ code: "headHigh", urgency: "danger", minutes: 0 });
  if (live && coolingOutC !== undefined && coolingOutC >= safety.hotCoolingC)
    found.push({ code: "coolingHot", urgency: "act", minutes: 0 });
  if (tub && !coldEnough(tub, ahead.tub))
    found.push({
      code: "tubWarm",
      urgency: tub.minutesToLimit <= 0 ? "act" : "soon",
      minutes: tub.minutesToLimit,
    });
  if (
    live &&
    live.minutesToJarFull <= ahead.jarFull &&
    !(live.minutesToHeatOff > 0 && live.minutesToHeatOff <= live.minutesToJarFull)
  )
    found.push({
      code: run.catches === "bowl" ? "bowlFull" : "jarFull",
      urgency: live.minutesToJarFull <= 0 ? "act" : "soon",
      minutes: live.minutesToJarFull,
    });
  if (run.notExplained) found.push({ code: "notExplained", urgency: "soon", minutes: 0 });
  const order = { danger: 0, act: 1, soon: 2 };
  return found.sort((a, b) => order[a.urgency] - order[b.urgency] || a.minutes - b.minutes);
}

function early({ after, planned, since }: NonNullable<AlarmInput["boiled"]>): boolean {
  return (
    since <= earlyTold &&
    after > planned * earlyLeastShare &&
    after < planned * earlyShare &&
    planned - after > earlyMinutes
  );
}

function late(waiting: { since: number; allowed: number } | undefined): boolean {
  return waiting !== undefined && waiting.since > waiting.allowed * lateShare + lateMinutes;
}
