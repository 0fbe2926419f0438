import type { Middleware } from "@reduxjs/toolkit";
import { recordKey, type AnyRecord, type Kind } from "@/records/record";
import { defaultPreferences, preferencesId } from "@/records/setting";
import type { Journal } from "@/storage/journal";
import type { RecordChange } from "@/storage/commitRecords";
import type { RecordStorage } from "@/storage/recordStorage";
import { tooLate } from "@/storage/setAside";
import type { TabNotices } from "@/storage/tabNotices";
import { pageIsOld, refused, setAside, writing, written } from "./keepingSlice";
import { recordsChanged, recordsReceived } from "./recordSlice";

/** Tell the store to try again now what it could not write before. */
export const retryWriting = { type: "keeping/retry" } as const;

const retryAfterMs = [2000, 5000, 10000, 30000];

/**
 * Stores every record the person changes, all that wait in one transaction. What the store refuses
 * keeps waiting here and is tried again, alone or with the next change; until then the screen says so.
 * What waits stands in the journal too, from the tap on, for a tab that dies before it is stored.
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
        passOver(batch, stored);
        journal.forget([...batch.keys()].filter((key) => !waiting.has(key)));
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

    /* What a newer edition holds is not written here, now or later: it lies aside. */
    function passOver(batch: Map<string, RecordChange>, stored: AnyRecord[]): void {
      const taken = new Set(stored.map(recordKey));
      const refusedHere = [...batch].filter(([key]) => !taken.has(key));
      if (refusedHere.length === 0) return;
      /* What changed again meanwhile still waits, to lie aside as it is then. */
      for (const [key, { after }] of refusedHere)
        if (waiting.get(key)?.after === after) waiting.delete(key);
      api.dispatch(setAside({ texts: refusedHere.map(([, { after }]) => tooLate(after)) }));
      api.dispatch(pageIsOld());
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
      if (!recordsChanged.match(action)) {
        const result = next(action);
        if ((action as { type: string }).type === retryWriting.type) void write();
        return result;
      }
      const state = api.getState() as Record<Kind, { entities: Record<string, AnyRecord> }>;
      const changes = action.payload.records.map((after): RecordChange => {
        const waits = waiting.get(recordKey(after));
        const before = waits
          ? waits.before
          : (state[after.kind].entities[after.id] ?? start(after));
        return { before, after };
      });
      const result = next(action);
      /* Only what the store has taken is noted; then at once, before anything is drawn. */
      for (const change of changes) waiting.set(recordKey(change.after), change);
      const begun = performance.now();
      journal.note(changes).then(
        () => performance.measure?.("noted", { start: begun }),
        () => undefined,
      );
      void write();
      return result;
    };
  };
}

/* Preferences begin as the defaults: what the person never touched takes nothing stored back. */
function start(record: AnyRecord): AnyRecord | undefined {
  return record.id === preferencesId && record.kind === "setting"
    ? defaultPreferences()
    : undefined;
}
