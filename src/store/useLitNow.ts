import type { Href } from "expo-router";
import { latestKnown, liveRun, type LiveRun } from "@/logbook/run/liveRun";
import type { RunState } from "@/logbook/run/runState";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";
import { soonestFirst, whatNow } from "@/words/whatNow";
import { useAppSelector, useInstruments } from "./hooks";
import { selectLitRuns } from "./runsOnTheHeat";
import { selectPreferences } from "./selectors";
import { useRunsNow } from "./useRunNow";

/** A run on the heat as it stands now. */
export interface LitNow {
  run: Run;
  state: RunState;
  live: LiveRun;
  still?: Still;
  now: number;
}

/** All runs on the heat as they stand at a tick. */
export function useLitNow(tick: number): LitNow[] {
  const lit = useAppSelector(selectLitRuns);
  const { nows } = useRunsNow(
    lit.map(({ run }) => run),
    tick,
  );
  const instruments = useInstruments();
  const stills = useAppSelector(({ still }) => still.entities);
  return lit.map(({ run, state }) => {
    const still = stills[run.stillId];
    const now = nows[run.id]!;
    const latest = latestKnown(state, instruments.latest(run.id));
    return { run, state, still, now, live: liveRun(run, state, now, { still, latest }) };
  });
}

/** Something that is to be done, as a list shows it. */
export interface DueNow {
  id: string;
  say: string;
  /** Whose it is: a still's name. */
  of: string;
  /** It is due now, or dangerous. */
  pressing: boolean;
  href: Href;
}

/** What every still asks for, merged: danger first, then what is wrong or due, then by its time. */
export function useDueNow(lit: readonly LitNow[]): DueNow[] {
  const { units } = useAppSelector(selectPreferences);
  return lit
    .flatMap(({ run, live }) => whatNow(live, units).map((asked) => ({ run, ...asked })))
    .sort(soonestFirst)
    .map(({ run, say, level }) => ({
      id: `${run.id} ${say}`,
      say,
      of: run.stillName,
      pressing: level !== "later",
      href: `/runs/${run.id}/watch`,
    }));
}
