import { combineReducers, configureStore } from "@reduxjs/toolkit";
import type { InstrumentLines } from "@/instruments/instrumentLines";
import type { DraftStorage } from "@/storage/draftStorage";
import type { Journal } from "@/storage/journal";
import type { LogbookName } from "@/storage/logbookChoice";
import type { AttachmentStorage } from "@/storage/attachmentStorage";
import type { RecordStorage } from "@/storage/recordStorage";
import type { SampleStorage } from "@/storage/sampleStorage";
import type { ShareStorage } from "@/storage/shareStorage";
import type { TabNotices } from "@/storage/tabNotices";
import { draftSlice } from "./draftSlice";
import { keepingSlice } from "./keepingSlice";
import { persistence } from "./persistence";
import { sharingSlice } from "./sharingSlice";
import { recordReducers } from "./recordSlice";
import { undoSlice } from "./undoSlice";

const reducer = combineReducers({
  ...recordReducers,
  keeping: keepingSlice.reducer,
  undo: undoSlice.reducer,
  drafts: draftSlice.reducer,
  sharing: sharingSlice.reducer,
});

/** What the outside world gives a store: where records lie, instruments, other tabs, and the time. */
export interface Surroundings {
  logbook: LogbookName;
  storage: RecordStorage;
  samples: SampleStorage;
  attachments: AttachmentStorage;
  drafts: DraftStorage;
  instruments: InstrumentLines;
  notices: TabNotices;
  share: ShareStorage;
  journal: Journal;
  now: () => Date;
}

/** A store over one logbook. Nothing is loaded yet: see `openLogbook`. */
export function createStore(surroundings: Surroundings) {
  return configureStore({
    reducer,
    middleware: (getDefault) =>
      getDefault({
        thunk: { extraArgument: surroundings },
        /* Thousands of records: the checks would cost more than the reducers. */
        serializableCheck: false,
        immutableCheck: false,
      }).prepend(persistence(surroundings)),
  });
}

export type AppStore = ReturnType<typeof createStore>;
export type RootState = ReturnType<typeof reducer>;
export type AppDispatch = AppStore["dispatch"];
/** A step of work on the store: reads, dispatches, knows the time. */
export type Thunk<T = void> = (
  dispatch: AppDispatch,
  getState: () => RootState,
  surroundings: Surroundings,
) => T;
