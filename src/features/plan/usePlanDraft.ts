import { useMemo } from "react";
import { keep } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectHarvests, selectMeasures, selectPreferences, selectStills } from "@/store/selectors";
import { emptyDraft, readDraft, type PlanDraft } from "./planDraft";

/** The plan's draft as kept, what it reads as, and how to change it. */
export function usePlanDraft() {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const stills = useAppSelector(selectStills);
  const measures = useAppSelector(selectMeasures);
  const harvests = useAppSelector(selectHarvests);
  const draft = useMemo(
    () => ({ ...emptyDraft(preferences.units), ...preferences.planDraft }) as PlanDraft,
    [preferences.units, preferences.planDraft],
  );
  const read = useMemo(
    () => readDraft(draft, { stills, measures, harvests, site: preferences.site }),
    [draft, stills, measures, harvests, preferences.site],
  );
  return {
    draft,
    read,
    measures,
    harvest: harvests.find(({ id }) => id === draft.harvestId),
    stills,
    units: preferences.units,
    site: preferences.site,
    change(part: Partial<PlanDraft>) {
      dispatch(keep({ ...preferences, planDraft: { ...draft, ...part } }));
    },
  };
}
