import { takeLateChanges } from "./acts/takeLateChanges";
import { draftsLoaded } from "./draftSlice";
import { allRead, moreRead, openFailed, opened, pageIsOld, setAside } from "./keepingSlice";
import { recordsChanged, recordsReceived } from "./recordSlice";
import type { AnyRecord } from "@/records/record";
import type { Journal } from "@/storage/journal";
import type { Loaded } from "@/storage/openRecords";
import type { RecordStorage } from "@/storage/recordStorage";
import { entitiesOf } from "./selectors";
import type { Thunk } from "./store";

/**
 * Loads the logbook into the store and follows what other tabs change.
 * @returns a function that stops following
 */
export function openLogbook(): Thunk<Promise<() => void>> {
  return async (
    dispatch,
    _getState,
    { logbook, storage, attachments, drafts, notices, journal, now },
  ) => {
    const stop = notices.listen((keys) => {
      void storage.read(keys).then((records) => dispatch(recordsReceived({ records })));
      void storage.anyNewer(keys).then((newer) => newer && dispatch(pageIsOld()));
    });
    try {
      const keys = await storage.keys();
      const changed = await storeLeft(journal, storage, keys);
      const opening = storage.open(now(), changed ? await storage.keys() : keys);
      const { records, quarantined, later, rest } = await opening;
      dispatch(recordsReceived({ records }));
      dispatch(draftsLoaded(await drafts.load(keys).catch(() => ({}))));
      if (logbook === "sereno-demo" && records.length === 0) {
        const { buildDemo } = await import("@/demo/buildDemo");
        const { demoPictures } = await import("@/demo/pictures");
        /*
         * Before the records: with these the screens stand there, and read what pictures there are.
         * Without room for pictures the rest of it is shown all the same.
         */
        await attachments.keep(demoPictures(now(), "demo-harvest-14")).catch(() => undefined);
        dispatch(recordsChanged({ records: buildDemo(now()) }));
      }
      dispatch(opened({ quarantined, later }));
      void dispatch(readOn(rest()));
    } catch (error) {
      dispatch(openFailed({ problem: error instanceof Error ? error.message : String(error) }));
    }
    return stop;
  };
}

/* So many are told to the screens at once: each telling has them worked out anew. */
const toldAtOnce = 250;

/** Reads the rest of a logbook while the page is in use; what has changed here meanwhile stays. */
function readOn(rest: AsyncGenerator<Loaded>): Thunk<Promise<void>> {
  return async (dispatch, getState) => {
    let read: AnyRecord[] = [];
    const tell = () => {
      const records = read.filter(({ kind, id }) => !entitiesOf(getState(), kind)[id]);
      const { length } = read;
      read = [];
      if (length > 0) dispatch(moreRead({ count: length }));
      if (records.length > 0) dispatch(recordsReceived({ records }));
    };
    try {
      await whenIdle();
      for await (const { records, quarantined } of rest) {
        read.push(...records);
        if (quarantined.length > 0) dispatch(setAside({ texts: quarantined }));
        if (read.length >= toldAtOnce) tell();
        await whenIdle();
      }
      tell();
      dispatch(allRead());
      await dispatch(takeLateChanges()).catch(() => undefined);
    } catch (error) {
      tell();
      dispatch(openFailed({ problem: error instanceof Error ? error.message : String(error) }));
    }
  };
}

/* Once nothing else is asked of the page, or a little later all the same. */
function whenIdle(): Promise<void> {
  return new Promise((resolve) => {
    if (typeof requestIdleCallback === "undefined") setTimeout(resolve);
    else requestIdleCallback(() => resolve(), { timeout: longestWaitMs });
  });
}
const longestWaitMs = 200;

/*
 * What a tab had no time to store. If the store refuses it now, it waits for the next opening.
 * True where the store has been changed by it.
 */
async function storeLeft(
  journal: Journal,
  storage: RecordStorage,
  keys: readonly string[],
): Promise<boolean> {
  try {
    const left = await journal.left(keys);
    if (left.length > 0) await storage.commit(left);
    await journal.clear();
    return left.length > 0;
  } catch {
    return false;
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
