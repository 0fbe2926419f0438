import { deviceKnown, pairKnown } from "@/store/sharingSlice";
import type { AppStore, Surroundings, Thunk } from "@/store/store";

const ownStorages: Thunk<Pick<Surroundings, "share" | "attachments"> | undefined> = (
  _dispatch,
  _getState,
  { share, attachments, logbook },
) => (logbook === "sereno" ? { share, attachments } : undefined);

/**
 * Shares the logbook with the devices it is paired with, from the first pair on. The demonstration is shared with
 * nobody. What sharing takes is fetched only where there is a pair.
 */
export async function startSharing(store: AppStore): Promise<void> {
  const storages = store.dispatch(ownStorages);
  if (!storages) return;
  const { share, attachments } = storages;
  let begun = false;
  const begin = () => {
    if (begun || store.getState().sharing.pairs.length === 0) return;
    begun = true;
    void import("./parts").then(({ shareLive }) => shareLive(store, share, attachments));
  };
  store.subscribe(begin);
  try {
    store.dispatch(deviceKnown(await share.device()));
    for (const pair of await share.pairs()) store.dispatch(pairKnown(pair));
  } catch {
    /* Without its pairings a logbook is still a logbook: the Data page tells what is paired. */
  }
}
