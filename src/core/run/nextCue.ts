import type { TubNow } from "../cooling/tubNow";
import { cutReasons, type CutReason } from "../plan/cuts";
import { safety } from "../safety";
import type { LiveEstimate } from "./liveEstimate";

/** What there is to do at the still, in about the order of a run. */
export const cueCodes = [
  "coolingOn",
  "boil",
  "firstDrop",
  "turnDown",
  ...cutReasons,
  "swapJar",
  "checkTub",
  "topUp",
  "heatOff",
  "dryLine",
] as const;

/** The next thing to do at the still, and when. */
export interface Cue {
  code: (typeof cueCodes)[number];
  /** Minutes from now; negative when it is overdue. */
  minutes: number;
  danger: boolean;
}

/** A run's moments so far, and what its plan promised. */
export interface CueInput {
  litAt: number;
  boilingAt?: number;
  firstDropAt?: number;
  minutesToBoil: number;
  minutesToFirstDrop: number;
  live?: LiveEstimate;
  tub?: TubNow;
  /** The plan turns the heat down after the first drop, and that is still to be done. */
  turnDown?: boolean;
  /** The next jar swap that the plan names; absent when all are made. */
  nextCut?: { why: CutReason; minutes: number };
}

/* Cooling has to run before the first vapour. */
const coolingBeforeBoil = 6;

/** All that is to come, the soonest first, the dry line before all when it is near; never empty. */
export function cues(run: CueInput, now: number): Cue[] {
  const since = (at: number) => (now - at) / 60000;
  if (run.live) return distilling(run, run.live);
  if (run.boilingAt === undefined) {
    const boil = run.minutesToBoil - since(run.litAt);
    const cooling: Cue = { code: "coolingOn", minutes: boil - coolingBeforeBoil, danger: false };
    const boils: Cue = { code: "boil", minutes: boil, danger: false };
    return cooling.minutes > 0.5 ? [cooling, boils] : [boils];
  }
  const warming = run.minutesToFirstDrop - run.minutesToBoil;
  return [{ code: "firstDrop", minutes: warming - since(run.boilingAt), danger: false }];
}

function distilling({ tub, turnDown, nextCut }: CueInput, live: LiveEstimate): Cue[] {
  const { minutesToDryLine, minutesToJarFull, minutesToHeatOff, endsBy } = live;
  const found: Cue[] = [
    {
      code: "heatOff",
      minutes: minutesToHeatOff,
      danger: endsBy === "reserve" && minutesToHeatOff <= 0,
    },
  ];
  if (turnDown) found.push({ code: "turnDown", minutes: 0, danger: false });
  if (nextCut && nextCut.minutes < Math.min(minutesToHeatOff, minutesToJarFull))
    found.push({ code: nextCut.why, minutes: nextCut.minutes, danger: false });
  else if (minutesToJarFull < minutesToHeatOff)
    found.push({ code: "swapJar", minutes: minutesToJarFull, danger: false });
  if (tub && tub.minutesToLimit < minutesToHeatOff)
    found.push({ code: "checkTub", minutes: tub.minutesToLimit, danger: false });
  const dry = minutesToDryLine <= minutesToHeatOff;
  if (dry)
    found.push({
      code: minutesToDryLine <= safety.dryLineNoticeMinutes ? "dryLine" : "topUp",
      minutes: minutesToDryLine,
      danger: minutesToDryLine <= safety.dryLineNoticeMinutes,
    });
  return found.sort((a, b) => Number(b.danger) - Number(a.danger) || a.minutes - b.minutes);
}
