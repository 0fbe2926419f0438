import { t } from "@/language/t";
import { lotsOfRun } from "@/logbook/run/lotsOfRun";
import { pastRun } from "@/logbook/past/pastRun";
import type { PastTold } from "@/logbook/past/readPastForm";
import type { Lot } from "@/records/lot";
import type { AnyRecord } from "@/records/record";
import { nextRunNumber, type Run } from "@/records/run";
import { keepUndoable, type Kept } from "../changes";
import { selectLots, selectPreferences, selectRuns } from "../selectors";
import type { Thunk } from "../store";

/**
 * Enters runs that are over, the oldest first, each with its own day, its harvest and the lots it gave. One step,
 * and taken back as one; nothing is kept where one of them cannot be.
 */
export function enterPastRuns(told: readonly PastTold[]): Thunk<Kept & { runs: Run[] }> {
  return (dispatch, getState, { now }) => {
    const state = getState();
    const { site } = selectPreferences(state);
    const runs: Run[] = [];
    const records: AnyRecord[] = [];
    const numbered = [...selectRuns(state)];
    const lots: Lot[] = [...selectLots(state)];
    for (const each of [...told].sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0))) {
      const entered = pastRun(each, { number: nextRunNumber(numbered), site, now: now() });
      const made = lotsOfRun(entered.run, entered.result, lots, now());
      runs.push(entered.run);
      numbered.push(entered.run);
      lots.push(...made);
      records.push(entered.harvest, entered.run, ...made);
    }
    const label =
      runs.length === 1 ? t`Run ${runs[0]!.number} entered.` : t`${runs.length} past runs entered.`;
    return { ...dispatch(keepUndoable(label, records)), runs };
  };
}
