import { mergeCopies } from "@/records/mergeCopies";
import { faultOf, openRecord } from "@/records/migrate";
import { recordKey } from "@/records/record";
import { discardQuarantined } from "../changes";
import { recordsReceived } from "../recordSlice";
import { entitiesOf } from "../selectors";
import type { Thunk } from "../store";

/**
 * Brings in what lies aside and opens here, where the record itself is here too: a change that was made on a page
 * older than what was stored, and that only this edition can join with it. It lies aside until both are stored as
 * one; nothing that either has is lost.
 */
export function takeLateChanges(): Thunk<Promise<void>> {
  return async (dispatch, getState, { storage, notices }) => {
    for (const { key, text } of getState().keeping.quarantined) {
      const opened = openRecord(parsed(text));
      if (!opened.ok || recordKey(opened.record) !== key) continue;
      const { record } = opened;
      const own = entitiesOf(getState(), record.kind)[record.id];
      if (!own) continue;
      const both = mergeCopies(own, record);
      if (faultOf(both) !== undefined) continue;
      const records = await storage.commit([{ before: own, after: both }]);
      dispatch(recordsReceived({ records }));
      notices.tell([key]);
      await dispatch(discardQuarantined(key));
    }
  };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}
