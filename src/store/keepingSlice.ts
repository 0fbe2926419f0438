import { createSlice, type PayloadAction } from "@reduxjs/toolkit";
import type { Quarantined } from "@/storage/setAside";

/** How the keeping of records is going. */
interface Keeping {
  status: "loading" | "kept" | "writing" | "refused" | "unreadable";
  /** Why the last write or load failed, in the browser's words. */
  problem?: string;
  /** Why the last change was not taken at all: the field and its fault. */
  notTaken?: string;
  /** Records of years ago that are still being read. */
  later: number;
  /** Records that are changed but not stored yet. */
  waiting: number;
  quarantined: Quarantined[];
  /** Counts the changes of pictures and spoken notes, which lie beside the records. */
  attachments: number;
  /** A newer edition of Sereno has written into this logbook: this page has to be loaded anew. */
  old?: true;
}

const initialState: Keeping = {
  status: "loading",
  later: 0,
  waiting: 0,
  quarantined: [],
  attachments: 0,
};

export const keepingSlice = createSlice({
  name: "keeping",
  initialState,
  reducers: {
    opened(state, { payload }: PayloadAction<{ quarantined: Quarantined[]; later: number }>) {
      state.status = state.status === "loading" ? "kept" : state.status;
      state.later = payload.later;
      state.quarantined = payload.quarantined;
      if (payload.quarantined.some(({ newer }) => newer)) state.old = true;
    },
    pageIsOld(state) {
      state.old = true;
    },
    moreRead(state, { payload }: PayloadAction<{ count: number }>) {
      state.later = Math.max(0, state.later - payload.count);
    },
    allRead(state) {
      state.later = 0;
    },
    openFailed(state, { payload }: PayloadAction<{ problem: string }>) {
      state.status = "unreadable";
      state.problem = payload.problem;
    },
    writing(state, { payload }: PayloadAction<{ waiting: number }>) {
      state.status = state.status === "refused" ? "refused" : "writing";
      state.waiting = payload.waiting;
    },
    written(state, { payload }: PayloadAction<{ waiting: number }>) {
      state.status = payload.waiting > 0 ? "writing" : "kept";
      state.waiting = payload.waiting;
      delete state.problem;
    },
    refused(state, { payload }: PayloadAction<{ problem: string; waiting: number }>) {
      state.status = "refused";
      state.problem = payload.problem;
      state.waiting = payload.waiting;
    },
    changeNotTaken(state, { payload }: PayloadAction<{ problem: string }>) {
      state.notTaken = payload.problem;
    },
    changeTaken(state) {
      delete state.notTaken;
    },
    attachmentsChanged(state) {
      state.attachments += 1;
    },
    setAside(state, { payload }: PayloadAction<{ texts: Quarantined[] }>) {
      const keys = new Set(payload.texts.map(({ key }) => key));
      state.quarantined = [
        ...state.quarantined.filter(({ key, newer }) => newer || !keys.has(key)),
        ...payload.texts,
      ];
    },
    quarantineDiscarded(state, { payload }: PayloadAction<{ key: string }>) {
      state.quarantined = state.quarantined.filter(
        ({ key, newer }) => newer || key !== payload.key,
      );
    },
  },
});

export const {
  opened,
  moreRead,
  allRead,
  openFailed,
  writing,
  written,
  refused,
  changeNotTaken,
  changeTaken,
  pageIsOld,
  attachmentsChanged,
  setAside,
  quarantineDiscarded,
} = keepingSlice.actions;
