import { createSelector } from "@reduxjs/toolkit";
import { useMemo } from "react";
import { usualKeepingRule, type KeepingRule } from "@/core";
import { dutiesDue, type DutyDue } from "@/logbook/shelf/duties";
import { shelved, type Shelved, type Stock } from "@/logbook/shelf/shelf";
import { useAppSelector, usePlantBook } from "./hooks";
import {
  selectBottles,
  selectChecks,
  selectDuties,
  selectLots,
  selectPreferences,
  selectRuns,
  selectUses,
} from "./selectors";

/** What of the logbook stands on the shelf. */
export const selectStock = createSelector(
  [selectBottles, selectLots, selectUses, selectChecks],
  (bottles, lots, uses, checks): Stock => ({ bottles, lots, uses, checks }),
);

/** The person's keeping rule: the usual one with what they changed. */
export const selectKeepingRule = createSelector(
  selectPreferences,
  ({ keepingRule }): KeepingRule => ({ ...usualKeepingRule, ...keepingRule }),
);

/** Bottles that are not empty, what is due first. */
export function useShelved(today: Date): Shelved[] {
  const book = usePlantBook();
  const stock = useAppSelector(selectStock);
  const rule = useAppSelector(selectKeepingRule);
  const day = today.toDateString();
  return useMemo(() => shelved(stock, new Date(day), book, rule), [stock, day, book, rule]);
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
