import { deviceKnown, pairKnown } from "@/store/sharingSlice";
import type { AppStore, Thunk } from "@/store/store";
import type { ShareStorage } from "@/storage/shareStorage";

const shareStorage: Thunk<ShareStorage | undefined> = (_dispatch, _getState, { share, logbook }) =>
  logbook === "sereno" ? share : undefined;

/**
 * Shares the logbook with the devices it is paired with, from the first pair on. The demonstration is shared with
 * nobody. What sharing takes is fetched only where there is a pair.
 */
export async function startSharing(store: AppStore): Promise<void> {
  const storage = store.dispatch(shareStorage);
  if (!storage) return;
  let begun = false;
  const begin = () => {
    if (begun || store.getState().sharing.pairs.length === 0) return;
    begun = true;
    void import("./shareLive").then(({ shareLive }) => shareLive(store, storage));
  };
  store.subscribe(begin);
  try {
    store.dispatch(deviceKnown(await storage.device()));
    for (const pair of await storage.pairs()) store.dispatch(pairKnown(pair));
  } catch {
    /* Without its pairings a logbook is still a logbook: the Data page tells what is paired. */
  }
}
