import { useCallback, useMemo } from "react";
import { changePreferences } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlanContext } from "@/store/usePlanContext";
import {
  selectDays,
  selectHarvests,
  selectMeasures,
  selectPreferences,
  selectRuns,
  selectStills,
  selectTrials,
} from "@/store/selectors";
import type { Thunk } from "@/store/store";
import { wholeDraft, type PlanDraft } from "@/records/planDraft";
import { readDraft } from "@/logbook/plan/readDraft";

/** The plan's draft as kept, what it reads as, and how to change it. */
export function usePlanDraft() {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const stills = useAppSelector(selectStills);
  const measures = useAppSelector(selectMeasures);
  const harvests = useAppSelector(selectHarvests);
  const runs = useAppSelector(selectRuns);
  const trials = useAppSelector(selectTrials);
  const days = useAppSelector(selectDays);
  const draft = useMemo(
    () => wholeDraft(preferences.planDraft, preferences.units),
    [preferences.units, preferences.planDraft],
  );
  const context = usePlanContext();
  const read = useMemo(() => readDraft(draft, context), [draft, context]);
  const change = useCallback(
    (part: Partial<PlanDraft>) => dispatch(draftChanged(part)),
    [dispatch],
  );
  return useMemo(
    () => ({
      draft,
      read,
      context,
      measures,
      runs,
      harvests,
      harvest: harvests.find(({ id }) => id === draft.harvestId),
      day: days.find(({ id }) => id === draft.dayId),
      trials: trials.filter(({ closedAt }) => !closedAt),
      trial: trials.find(({ id, closedAt }) => id === draft.trialId && !closedAt),
      stills,
      units: preferences.units,
      preferences,
      change,
    }),
    [draft, read, context, measures, runs, harvests, trials, days, stills, preferences, change],
  );
}

/** Changes the draft as it stands in the store, so that a tap on an older drawing undoes nothing. */
function draftChanged(part: Partial<PlanDraft>): Thunk {
  return (dispatch) =>
    void dispatch(
      changePreferences(({ planDraft, units }) => ({
        planDraft: { ...wholeDraft(planDraft, units), ...part },
      })),
    );
}

export type PlanWork = ReturnType<typeof usePlanDraft>;
