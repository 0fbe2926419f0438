import { createAsyncStorage } from "@react-native-async-storage/async-storage";
import type { OpenSource } from "@/instruments/instrumentLine";
import { openInstrumentLines } from "@/instruments/instrumentLines";
import { openAttachmentStorage } from "@/storage/attachmentStorage";
import { openDraftStorage } from "@/storage/draftStorage";
import { exclusiveAccess } from "@/storage/exclusive";
import { holdLeaving } from "@/storage/holdLeaving";
import { instantStorage, openJournal } from "@/storage/journal";
import type { LogbookName } from "@/storage/logbookChoice";
import { openRecordStorage } from "@/storage/recordStorage";
import { openSampleStorage } from "@/storage/sampleStorage";
import { openShareStorage } from "@/storage/shareStorage";
import { openTabNotices } from "@/storage/tabNotices";
import { openKeepClient, type KeepTexts } from "@/workers/keepClient";
import { createStore, type AppStore } from "./store";

/**
 * A store over a logbook of this browser. Nothing is loaded yet: see `openLogbook`.
 * @param source where instruments are heard; the server's where absent
 */
export function openStore(logbook: LogbookName, source?: OpenSource): AppStore {
  const backend = createAsyncStorage(logbook);
  const exclusive = exclusiveAccess(logbook);
  const storage = openRecordStorage(backend, exclusive);
  const samples = openSampleStorage(backend, exclusive);
  const keepTexts = keepTextsOf(logbook);
  return createStore({
    logbook,
    storage,
    samples,
    attachments: openAttachmentStorage(backend, exclusive),
    drafts: openDraftStorage(backend, keepTexts, holdLeaving),
    instruments: openInstrumentLines(samples, source),
    notices: openTabNotices(logbook),
    share: openShareStorage(backend, exclusive),
    journal: openJournal({
      logbook,
      instant: instantStorage(),
      database: backend,
      keepTexts,
    }),
    now: () => new Date(),
  });
}

/** The thread that stores; undefined where a browser has none: then the page stores for itself. */
function keepTextsOf(logbook: string): KeepTexts | undefined {
  try {
    return openKeepClient(logbook);
  } catch {
    return undefined;
  }
}
