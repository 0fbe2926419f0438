import type { Middleware } from "@reduxjs/toolkit";
import { recordKey, type AnyRecord, type Kind } from "@/records/record";
import type { Journal } from "@/storage/journal";
import type { RecordChange, RecordStorage } from "@/storage/recordStorage";
import type { TabNotices } from "@/storage/tabNotices";
import { refused, writing, written } from "./keepingSlice";
import { recordsChanged, recordsReceived } from "./recordSlice";

/** Tell the store to try again now what it could not write before. */
export const retryWriting = { type: "keeping/retry" } as const;

const retryAfterMs = [2000, 5000, 10000, 30000];

/**
 * Stores every record the person changes, all that wait in one transaction. What the store refuses
 * keeps waiting here and is tried again, alone or with the next change; until then the screen says so.
 * What waits stands in the journal too, for a tab that dies before it is stored.
 */
export function persistence({
  storage,
  notices,
  journal,
}: {
  storage: RecordStorage;
  notices: TabNotices;
  journal: Journal;
}): Middleware {
  return (api) => {
    const waiting = new Map<string, RecordChange>();
    let busy = false;
    let failures = 0;
    let timer: ReturnType<typeof setTimeout> | undefined;

    async function write(): Promise<void> {
      if (busy || waiting.size === 0) return;
      busy = true;
      clearTimeout(timer);
      const batch = new Map(waiting);
      api.dispatch(writing({ waiting: waiting.size }));
      try {
        const stored = await storage.commit([...batch.values()]);
        failures = 0;
        settle(batch, stored);
        journal.put([...waiting.values()]);
        notices.tell([...batch.keys()]);
        api.dispatch(written({ waiting: waiting.size }));
      } catch (error) {
        const delay = retryAfterMs[Math.min(failures, retryAfterMs.length - 1)];
        failures += 1;
        timer = setTimeout(() => void write(), delay);
        api.dispatch(
          refused({
            problem: error instanceof Error ? error.message : String(error),
            waiting: waiting.size,
          }),
        );
        busy = false;
        return;
      }
      busy = false;
      if (waiting.size > 0) await write();
    }

    /* What changed again while it was being written keeps waiting, now from what is stored. */
    function settle(batch: Map<string, RecordChange>, stored: AnyRecord[]): void {
      const mergedElsewhere: AnyRecord[] = [];
      for (const record of stored) {
        const key = recordKey(record);
        const change = batch.get(key);
        const now = waiting.get(key);
        if (now && now.after !== change?.after)
          waiting.set(key, { before: change?.after, after: now.after });
        else {
          waiting.delete(key);
          if (record !== change?.after) mergedElsewhere.push(record);
        }
      }
      if (mergedElsewhere.length > 0) api.dispatch(recordsReceived({ records: mergedElsewhere }));
    }

    return (next) => (action) => {
      if (recordsChanged.match(action)) {
        const state = api.getState() as Record<Kind, { entities: Record<string, AnyRecord> }>;
        for (const after of action.payload.records) {
          const key = recordKey(after);
          const before =
            waiting.get(key)?.before ??
            (waiting.has(key) ? undefined : state[after.kind].entities[after.id]);
          waiting.set(key, { before, after });
        }
        journal.put([...waiting.values()]);
      }
      const result = next(action);
      if (recordsChanged.match(action) || (action as { type: string }).type === retryWriting.type)
        void write();
      return result;
    };
  };
}
