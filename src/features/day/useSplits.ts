import { heapSplits, type HeapSplits } from "@/logbook/day/heapSplits";
import { fromNow } from "@/logbook/day/dayTimes";
import { harvestDraft } from "@/logbook/harvest/harvestDraft";
import type { DayHeap, DayRecord } from "@/records/day";
import { emptyDraft, wholeDraft, type PlanDraft } from "@/records/planDraft";
import type { Still } from "@/records/still";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectPreferences, selectRuns } from "@/store/selectors";
import { usePlanContext } from "@/store/usePlanContext";

/** Shares a heap out over stills, plan by plan, and lets the page draw between two of them. */
export function useSplits(): (
  day: Pick<DayRecord, "on" | "from" | "until">,
  heap: DayHeap,
  stills: readonly Still[],
) => Promise<HeapSplits> {
  const book = usePlantBook();
  const harvests = useAppSelector(selectHarvests);
  const runs = useAppSelector(selectRuns);
  const preferences = useAppSelector(selectPreferences);
  const context = usePlanContext();

  /* A plan of this heap as this person works: what else stood in the plan's fields belongs to another. */
  function draftOf({ harvestId, plantId, state, massG }: DayHeap): PlanDraft {
    const { pace, waterRule, stopBy } = wholeDraft(preferences.planDraft, preferences.units);
    const harvest = harvests.find(({ id }) => id === harvestId);
    return {
      ...emptyDraft(preferences.units),
      pace,
      waterRule,
      stopBy,
      ...(harvest ? harvestDraft(harvest, massG, runs, book) : { plantId, state }),
    };
  }
  return async (day, heap, stills) => {
    const steps = heapSplits({
      day,
      fromMin: fromNow(day, Date.now()),
      heap,
      stills,
      runs,
      context,
      draft: draftOf(heap),
    });
    let step = steps.next();
    for (; !step.done; step = steps.next()) await breathe();
    return step.value;
  };
}

/** Lets the page draw between two plans. */
function breathe(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, 0));
}
