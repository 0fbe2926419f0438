import { liveEstimate, nextCue, type Cue, type LiveEstimate } from "@/core";
import type { Run } from "./run";
import type { RunState } from "./runState";

/** Where a run stands at a moment: estimate from the first drop on, next cue while the heat is on. */
export interface LiveRun {
  live?: LiveEstimate;
  cue?: Cue;
}

/** Holds a run's entries against its plan at a moment (milliseconds). */
export function liveRun(run: Run, state: RunState, now: number): LiveRun {
  if (state.litAt === undefined || state.heatOffAt !== undefined) return {};
  const { plan } = run;
  const live =
    state.firstDropAt === undefined
      ? undefined
      : liveEstimate(
          {
            stop: plan.stop,
            chargeG: plan.chargeG,
            jarMl: plan.jarMl,
            spendableMl: plan.forecast.spendableMl,
            waterAddedMl: state.waterAddedMl,
            plannedRateMlPerMin: plan.forecast.rateMlPerMin,
            firstDropAt: state.firstDropAt,
            readings: state.readings.flatMap(({ at, distillateMl }) =>
              distillateMl === undefined ? [] : [{ at: Date.parse(at), volumeMl: distillateMl }],
            ),
            jarStart: state.jarStart ?? { at: state.firstDropAt },
          },
          now,
        );
  const cue = nextCue(
    {
      litAt: state.litAt,
      boilingAt: state.boilingAt,
      minutesToBoil: plan.forecast.minutesToBoil,
      minutesToFirstDrop: plan.forecast.minutesToFirstDrop,
      live,
    },
    now,
  );
  return { live, cue };
}

/** A cue in the craft's words: what to do, and what it rests on. */
export function cueWords(
  { code, minutes }: Cue,
  inMinutes: string,
): { say: string; because: string } {
  const late = minutes <= 0;
  switch (code) {
    case "boil":
      return late
        ? {
            say: "It should boil by now",
            because: "Listen for it. If it is quiet, check the heat and the lid.",
          }
        : {
            say: `Boils in about ${inMinutes}`,
            because: "Have the cooling on before the first vapour.",
          };
    case "firstDrop":
      return late
        ? {
            say: "The first drop is due",
            because: "No drop soon: look for a leak, or plant packed too tight.",
          }
        : {
            say: `First drop in about ${inMinutes}`,
            because: "Then turn the heat down: about a drop a second is gentle.",
          };
    case "swapJar":
      return late
        ? { say: "Swap the jar now", because: "It is nine tenths full." }
        : { say: `Swap jar in ${inMinutes}`, because: "Have the next one clean and at hand." };
    case "heatOff":
      return late
        ? { say: "Heat off now", because: "The plan's end is reached." }
        : { say: `Heat off in about ${inMinutes}`, because: "By the stop you planned." };
    case "dryLine":
      return late
        ? {
            say: "Heat off now: the pot is at its dry line",
            because: "Do not open it and do not add cold water. Let it cool.",
          }
        : {
            say: `Dry line in ${inMinutes}`,
            because: "Heat off before then, or add hot water if your still allows it.",
          };
  }
}
