import { draftsLoaded } from "./draftSlice";
import { openFailed, opened } from "./keepingSlice";
import { recordsChanged, recordsReceived } from "./recordSlice";
import type { Journal } from "@/storage/journal";
import type { Loaded, RecordStorage } from "@/storage/recordStorage";
import type { Thunk } from "./store";

/**
 * Loads the logbook into the store and follows what other tabs change.
 * @returns a function that stops following
 */
export function openLogbook(): Thunk<Promise<() => void>> {
  return async (dispatch, _getState, { logbook, storage, drafts, notices, journal, now }) => {
    const stop = notices.listen((keys) => {
      void storage.read(keys).then((records) => dispatch(recordsReceived({ records })));
    });
    await storeLeft(journal, storage);
    try {
      const { records, quarantined } = await storage.load(now());
      dispatch(recordsReceived({ records }));
      dispatch(draftsLoaded(await drafts.load().catch(() => ({}))));
      if (logbook === "sereno-demo" && records.length === 0) {
        const { buildDemo } = await import("@/demo/buildDemo");
        dispatch(recordsChanged({ records: buildDemo(now()) }));
      }
      dispatch(opened({ quarantined }));
    } catch (error) {
      dispatch(openFailed({ problem: error instanceof Error ? error.message : String(error) }));
    }
    return stop;
  };
}

/* What a tab had no time to store. If the store refuses it now, it waits for the next opening. */
async function storeLeft(journal: Journal, storage: RecordStorage): Promise<void> {
  try {
    const left = await journal.left();
    if (left.length > 0) await storage.commit(left);
    await journal.clear();
  } catch {
    return;
  }
}

/**
 * What a file should hold beside the records at hand: the texts that were set aside, and all that can
 * still be read of a store that did not load.
 */
export function readable(): Thunk<Promise<Loaded>> {
  return async (_dispatch, getState, { storage }) => {
    const { status, quarantined } = getState().keeping;
    if (status !== "unreadable") return { records: [], quarantined };
    return storage.salvage().catch(() => ({ records: [], quarantined }));
  };
}
