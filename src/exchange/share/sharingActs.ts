import { t } from "@/language/t";
import type { Device, Pair } from "@/storage/shareStorage";
import { deviceKnown, pairGone, pairKnown } from "@/store/sharingSlice";
import type { Thunk } from "@/store/store";

/** Gives this device a name, which stands by what is noted on it. */
export function renameDevice(name: string): Thunk<Promise<Device>> {
  return async (dispatch, getState, { share }) => {
    const { device } = getState().sharing;
    /* What is typed stands at once; storing follows. */
    if (device) dispatch(deviceKnown({ ...device, name }));
    return share.rename(name);
  };
}

/** This device with its name; one that has none is called by what it is. */
export function namedDevice(): Thunk<Promise<Device>> {
  return async (dispatch, _getState, { share }) => {
    const device = await share.device();
    return device.name ? device : dispatch(renameDevice(usualName()));
  };
}

/** Shares the logbook with a device from now on. */
export function keepPair(pair: Pair): Thunk<Promise<void>> {
  return async (dispatch, getState, { share }) => {
    /* The same two devices, paired anew: the line from before is not needed any more. */
    const before = getState().sharing.pairs.filter(
      ({ line, other }) => other.id === pair.other.id && line !== pair.line,
    );
    await share.keep(pair);
    dispatch(pairKnown(pair));
    for (const { line } of before) await dispatch(endPair(line));
  };
}

/**
 * Ends sharing with a device, and its line at the server, so that a device that was lost gets nothing more.
 * @returns what stood in the way: then nothing was ended
 */
export function endPair(line: string): Thunk<Promise<string | undefined>> {
  return async (dispatch, getState, { share }) => {
    const pair = getState().sharing.pairs.find((each) => each.line === line);
    if (pair?.status !== "ended" && !(await endLine(line)))
      return t`The server does not answer, so the pairing still stands. End it again once this device is connected.`;
    await share.drop(line);
    dispatch(pairGone({ line }));
    return undefined;
  };
}

async function endLine(line: string): Promise<boolean> {
  try {
    const { ok, status } = await fetch(`/relay/${line}`, { method: "DELETE" });
    return ok || status === 410;
  } catch {
    return false;
  }
}

function usualName(): string {
  return /mobi|android|iphone/i.test(navigator.userAgent) ? t`Phone` : t`Computer`;
}
