import { nanoid } from "nanoid";
import { z } from "zod";
import { openRecord } from "@/records/migrate";
import type { RecordChange } from "./recordStorage";

/**
 * What this tab has changed and the store has not written yet, kept in the same instant as the tap:
 * the store itself answers some milliseconds later, and a tab may die in between.
 */
export interface Journal {
  /** Replaces what waits; nothing waiting leaves nothing behind. Never throws: it is a second net. */
  put(changes: readonly RecordChange[]): void;
  /** What tabs that are gone, or at work elsewhere, have left waiting. */
  left(): RecordChange[];
  /** Forgets what `left` told, once it is stored. */
  clear(): void;
}

/* Beyond this a change is an import, which has its file still. */
const mostChanges = 50;

const changesSchema = z.array(z.object({ before: z.unknown().optional(), after: z.unknown() }));

/** The browser's store that writes at once; undefined where the person does not allow it. */
export function instantStorage(): Storage | undefined {
  try {
    return window.localStorage;
  } catch {
    return undefined;
  }
}

/** Opens the journal of a logbook over a store that writes at once; without one it keeps nothing. */
export function openJournal(logbook: string, backend: Storage | undefined): Journal {
  if (!backend) return { put: () => undefined, left: () => [], clear: () => undefined };
  const prefix = `journal/${logbook}/`;
  const own = prefix + nanoid();
  let told: string[] = [];
  const others = () => Object.keys(backend).filter((key) => key.startsWith(prefix) && key !== own);
  return {
    put(changes) {
      try {
        if (changes.length === 0 || changes.length > mostChanges) backend.removeItem(own);
        else backend.setItem(own, JSON.stringify(changes));
      } catch {
        /* Full or forbidden: the store's own writing is on its way all the same. */
      }
    },
    left() {
      told = others();
      return told.flatMap((key) => changesIn(backend.getItem(key) ?? ""));
    },
    clear: () => told.forEach((key) => backend.removeItem(key)),
  };
}

function changesIn(text: string): RecordChange[] {
  try {
    return changesSchema.parse(JSON.parse(text)).flatMap(({ before, after }) => {
      const [was, is] = [openRecord(before), openRecord(after)];
      if (!is.ok) return [];
      return [{ ...(was.ok ? { before: was.record } : {}), after: is.record }];
    });
  } catch {
    return [];
  }
}
