import { render } from "@testing-library/react";
import type { ReactElement } from "react";
import { Provider } from "react-redux";
import { openInstrumentLines } from "@/instruments/instrumentLines";
import type { AnyRecord } from "@/records/record";
import { openDraftStorage } from "@/storage/draftStorage";
import { openJournal } from "@/storage/journal";
import { exclusiveAccess } from "@/storage/exclusive";
import { openRecordStorage } from "@/storage/recordStorage";
import { openSampleStorage } from "@/storage/sampleStorage";
import { recordsReceived } from "@/store/recordSlice";
import { createStore } from "@/store/store";
import { memoryStorage } from "./memoryStorage";

/** Shows a screen over a logbook that holds some records. */
export function renderWith(screen: ReactElement, records: AnyRecord[]) {
  const backend = memoryStorage();
  const samples = openSampleStorage(backend, exclusiveAccess("test"));
  const store = createStore({
    logbook: "sereno",
    storage: openRecordStorage(backend, exclusiveAccess("test")),
    samples,
    drafts: openDraftStorage(backend),
    instruments: openInstrumentLines(samples),
    notices: { tell: () => undefined, listen: () => () => undefined },
    journal: openJournal({ logbook: "sereno", instant: undefined, database: backend }),
    now: () => new Date(),
  });
  store.dispatch(recordsReceived({ records }));
  return { store, backend, ...render(<Provider store={store}>{screen}</Provider>) };
}
