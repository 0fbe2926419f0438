import type { LiveEstimate } from "./liveEstimate";

/** The next thing to do at the still, and when. */
export interface Cue {
  code: "boil" | "firstDrop" | "swapJar" | "heatOff" | "dryLine";
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
}

/* From here on the dry line is the only thing that matters. */
const dryAlarmMinutes = 10;

/** The soonest of what is to come; the dry line first when it is near. */
export function nextCue(run: CueInput, now: number): Cue {
  const since = (at: number) => (now - at) / 60000;
  if (run.live) {
    const { minutesToDryLine, minutesToJarFull, minutesToHeatOff, endsBy } = run.live;
    if (minutesToDryLine <= dryAlarmMinutes && minutesToDryLine <= minutesToHeatOff) {
      return { code: "dryLine", minutes: minutesToDryLine, danger: true };
    }
    if (minutesToJarFull < minutesToHeatOff)
      return { code: "swapJar", minutes: minutesToJarFull, danger: false };
    return {
      code: "heatOff",
      minutes: minutesToHeatOff,
      danger: endsBy === "reserve" && minutesToHeatOff <= 0,
    };
  }
  if (run.boilingAt === undefined)
    return { code: "boil", minutes: run.minutesToBoil - since(run.litAt), danger: false };
  const warming = run.minutesToFirstDrop - run.minutesToBoil;
  return { code: "firstDrop", minutes: warming - since(run.boilingAt), danger: false };
}
