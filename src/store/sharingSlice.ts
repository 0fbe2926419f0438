import { createSlice, type PayloadAction } from "@reduxjs/toolkit";
import type { Device, Pair } from "@/storage/shareStorage";

/** How it goes with a device that shares this logbook. */
export type PairStatus =
  /** The line is being opened. */
  | "opening"
  /** Both are on the line. */
  | "here"
  /** The line stands, the other device is not on it. */
  | "away"
  /** Another tab of this browser is on the line. */
  | "elsewhere"
  /** No line: no network, or the server does not answer. */
  | "cut"
  /** The other device ended it. */
  | "ended";

interface PairState extends Pair {
  status: PairStatus;
  /** The other device has records of a newer Sereno, which stay there until this one is updated. */
  newer?: true;
}

interface Sharing {
  device?: Device;
  pairs: PairState[];
}
const initialState: Sharing = { pairs: [] };

export const sharingSlice = createSlice({
  name: "sharing",
  initialState,
  reducers: {
    deviceKnown(state, { payload }: PayloadAction<Device>) {
      state.device = payload;
    },
    pairKnown(state, { payload }: PayloadAction<Pair>) {
      const known = state.pairs.find(({ line }) => line === payload.line);
      if (known) Object.assign(known, payload);
      else state.pairs.push({ ...payload, status: "opening" });
    },
    pairChanged(
      state,
      {
        payload: { line, ...part },
      }: PayloadAction<
        { line: string } & Partial<Pick<PairState, "status" | "newer" | "agreedAt">>
      >,
    ) {
      const known = state.pairs.find((pair) => pair.line === line);
      if (known) Object.assign(known, part);
    },
    pairGone(state, { payload }: PayloadAction<{ line: string }>) {
      state.pairs = state.pairs.filter(({ line }) => line !== payload.line);
    },
  },
});

export const { deviceKnown, pairKnown, pairChanged, pairGone } = sharingSlice.actions;

/** The name that stands by what is noted here: none while this device shares with no other. */
export function signature({ sharing }: { sharing: Sharing }): string | undefined {
  const shares = sharing.pairs.some(({ status }) => status !== "ended");
  return shares ? sharing.device?.name.trim() || undefined : undefined;
}
