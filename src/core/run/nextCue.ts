import type { TubNow } from "../cooling/tubNow";
import { cutReasons, type CutReason } from "../plan/cutReasons";
import type { Catches } from "../still/methods";
import { safety } from "../safety";
import type { LiveEstimate } from "./liveEstimate";

/** What there is to do at the still, in about the order of a run. */
export const cueCodes = [
  "coolingOn",
  "iceOn",
  "boil",
  "boilUnderIce",
  "firstDrop",
  "firstDropUnderLid",
  "turnDown",
  ...cutReasons,
  "swapJar",
  "emptyBowl",
  "tendLid",
  "lookUnderLid",
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
  catches: Catches;
  litAt: number;
  boilingAt?: number;
  firstDropAt?: number;
  minutesToBoil: number;
  minutesToFirstDrop: number;
  live?: LiveEstimate;
  tub?: TubNow;
  /** The plan turns the heat down after the first drop, and that is still to be done. */
  turnDown?: boolean;
  /** When the melt water was last taken off the lid and ice put on, and when somebody last looked under it. */
  lidTendedAt?: number;
  lookedAt?: number;
  /** The next jar swap that the plan names; absent when all are made. */
  nextCut?: { why: CutReason; minutes: number };
}

/* Cooling has to run before the first vapour. */
const coolingBeforeBoil = 6;
/**
 * A lid's ice is renewed, and the bowl looked at, so often, min. Rules of the kitchen: two or three trays of
 * ice melt in a quarter of an hour over a gentle boil, and each look lets steam out.
 */
const lidEveryMinutes = { tend: 15, look: 30 };

/** All that is to come, the soonest first, the dry line before all when it is near; never empty. */
export function cues(run: CueInput, now: number): Cue[] {
  const since = (at: number) => (now - at) / 60000;
  const bowl = run.catches === "bowl";
  if (run.live) return distilling(run, run.live, since);
  if (run.boilingAt === undefined) {
    const boil = run.minutesToBoil - since(run.litAt);
    const cooling: Cue = {
      code: bowl ? "iceOn" : "coolingOn",
      minutes: boil - coolingBeforeBoil,
      danger: false,
    };
    const boils: Cue = { code: bowl ? "boilUnderIce" : "boil", minutes: boil, danger: false };
    return cooling.minutes > 0.5 ? [cooling, boils] : [boils];
  }
  const warming = run.minutesToFirstDrop - run.minutesToBoil;
  return [
    {
      code: bowl ? "firstDropUnderLid" : "firstDrop",
      minutes: warming - since(run.boilingAt),
      danger: false,
    },
  ];
}

function distilling(run: CueInput, live: LiveEstimate, since: (at: number) => number): Cue[] {
  const { catches, tub, turnDown, nextCut } = run;
  const { minutesToDryLine, minutesToJarFull, minutesToHeatOff, endsBy } = live;
  const found: Cue[] = [
    {
      code: "heatOff",
      minutes: minutesToHeatOff,
      danger: endsBy === "reserve" && minutesToHeatOff <= 0,
    },
  ];
  if (turnDown) found.push({ code: "turnDown", minutes: 0, danger: false });
  if (catches === "bowl") found.push(...underTheLid(run, minutesToHeatOff, since));
  if (
    catches === "jar" &&
    nextCut &&
    nextCut.minutes < Math.min(minutesToHeatOff, minutesToJarFull)
  )
    found.push({ code: nextCut.why, minutes: nextCut.minutes, danger: false });
  else if (minutesToJarFull < minutesToHeatOff)
    found.push({
      code: catches === "bowl" ? "emptyBowl" : "swapJar",
      minutes: minutesToJarFull,
      danger: false,
    });
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

/** Ice that is renewed and a look at the bowl, each a while after the last; none that comes after the end. */
function underTheLid(
  { boilingAt, firstDropAt, lidTendedAt, lookedAt }: CueInput,
  minutesToHeatOff: number,
  since: (at: number) => number,
): Cue[] {
  const began = firstDropAt ?? boilingAt;
  if (began === undefined) return [];
  const due: Cue[] = [
    {
      code: "tendLid",
      minutes: lidEveryMinutes.tend - since(lidTendedAt ?? began),
      danger: false,
    },
    {
      code: "lookUnderLid",
      minutes: lidEveryMinutes.look - since(lookedAt ?? began),
      danger: false,
    },
  ];
  return due.filter(({ minutes }) => minutes < minutesToHeatOff);
}
