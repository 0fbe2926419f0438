import { z } from "zod";

const noticeSchema = z.object({ changed: z.array(z.string()).max(20000) });

/** Tells this logbook's other tabs which records changed, and hears it from them. */
export interface TabNotices {
  tell(keys: readonly string[]): void;
  listen(heard: (keys: string[]) => void): () => void;
}

/** Notices for one logbook. Without a broadcast channel, tabs learn of each other on their next load. */
export function openTabNotices(name: string): TabNotices {
  if (typeof BroadcastChannel === "undefined")
    return { tell: () => undefined, listen: () => () => undefined };
  const channel = new BroadcastChannel(`${name}-changes`);
  return {
    tell: (keys) => channel.postMessage({ changed: [...keys] }),
    listen(heard) {
      const receive = (event: MessageEvent<unknown>) => {
        const notice = noticeSchema.safeParse(event.data);
        if (notice.success) heard(notice.data.changed);
      };
      channel.addEventListener("message", receive);
      return () => channel.removeEventListener("message", receive);
    },
  };
}
