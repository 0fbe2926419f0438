import { createSelector } from "@reduxjs/toolkit";
import { useMemo } from "react";
import { dutiesDue, type DutyDue } from "@/logbook/shelf/duties";
import { keepingRuleOf } from "@/logbook/shelf/keepingRuleOf";
import type { Shelf } from "@/logbook/shelf/trace";
import { shelved, type Shelved, type Stock } from "@/logbook/shelf/shelf";
import { useAppSelector } from "./hooks";
import { usePlantBook } from "./plants";
import {
  selectBottles,
  selectChecks,
  selectDuties,
  selectHarvests,
  selectLots,
  selectPreferences,
  selectRuns,
  selectUses,
} from "./selectors";
import type { RootState } from "./store";

const selectKeepingRule = createSelector(
  (state: RootState) => selectPreferences(state).keepingRule,
  (keepingRule) => keepingRuleOf({ keepingRule }),
);

/** What of the logbook stands on the shelf, and by which rule it keeps. */
export const selectStock = createSelector(
  [selectBottles, selectLots, selectUses, selectChecks, selectKeepingRule],
  (bottles, lots, uses, checks, rule): Stock => ({ bottles, lots, uses, checks, rule }),
);

/** What lines and make-up are followed through, by kind. */
export const selectTraceable = createSelector(
  [selectHarvests, selectRuns, selectLots, selectBottles, selectUses, selectChecks],
  (harvests, runs, lots, bottles, uses, checks): Shelf => ({
    harvests,
    runs,
    lots,
    bottles,
    uses,
    checks,
  }),
);

/** Bottles that are not empty, what is due first, on a day as records keep it. */
export function useShelved(today: string): Shelved[] {
  const book = usePlantBook();
  const stock = useAppSelector(selectStock);
  return useMemo(() => shelved(stock, new Date(`${today}T00:00:00`), book), [stock, today, book]);
}

/** What is due, now or later, the earliest first. */
export function useDuties(now: number): DutyDue[] {
  const book = usePlantBook();
  const stock = useAppSelector(selectStock);
  const runs = useAppSelector(selectRuns);
  const duties = useAppSelector(selectDuties);
  const { site } = useAppSelector(selectPreferences);
  /* By the minute: nothing on the shelf is due to the second. */
  const minute = Math.floor(now / 60000) * 60000;
  return useMemo(
    () => dutiesDue({ ...stock, runs, duties, site }, new Date(minute), book),
    [stock, runs, duties, site, minute, book],
  );
}
