import { useMemo } from "react";
import type { PlanContext } from "@/logbook/plan/readDraft";
import { summarise } from "@/logbook/run/runSummary";
import { useAppSelector } from "./hooks";
import { usePlantBook } from "./plants";
import { selectMeasures, selectPreferences, selectRuns, selectStills } from "./selectors";

/** All that a plan's fields are read with: stills, measures, the book, the person's own runs, and where they live. */
export function usePlanContext(): PlanContext {
  const { site } = useAppSelector(selectPreferences);
  const stills = useAppSelector(selectStills);
  const measures = useAppSelector(selectMeasures);
  const runs = useAppSelector(selectRuns);
  const book = usePlantBook();
  return useMemo(
    () => ({
      stills,
      measures,
      book,
      summaries: runs.map((run) => summarise(run, book)),
      site,
    }),
    [stills, measures, book, runs, site],
  );
}
