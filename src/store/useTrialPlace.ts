import { useMemo } from "react";
import { trialPlaceOf, type TrialPlace } from "@/logbook/trial/trialPlace";
import { useAppSelector } from "./hooks";
import { selectRuns, selectTrials } from "./selectors";

/** The place of a run in the trial that it is for, if it is for one. */
export function useTrialPlace(runId: string): TrialPlace | undefined {
  const trials = useAppSelector(selectTrials);
  const runs = useAppSelector(selectRuns);
  return useMemo(() => trialPlaceOf(runId, trials, runs), [runId, trials, runs]);
}
