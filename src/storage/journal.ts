import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import { nanoid } from "nanoid";
import { z } from "zod";
import { openRecord } from "@/records/migrate";
import { recordKey } from "@/records/record";
import type { KeepTexts } from "@/workers/keepClient";
import type { RecordChange } from "./commitRecords";

/**
 * What this tab has changed and has not merged into the logbook yet, kept with the tap in two nets:
 * the browser's instant storage, which outlives a tab that dies in the same moment, and the database,
 * written on a thread of its own, which outlives a browser that is killed some milliseconds later.
 */
export interface Journal {
  /** Notes changes of one step. Resolves once the database has them, rejects where it will not. */
  note(changes: readonly RecordChange[]): Promise<void>;
  /** These records, by key, are stored as they were last noted. Never throws. */
  forget(keys: readonly string[]): void;
  /**
   * What tabs that are gone, or at work elsewhere, have left waiting, the earliest first.
   * @param keys all keys of the database
   */
  left(keys: readonly string[]): Promise<RecordChange[]>;
  /** Forgets what `left` told, once it is stored. */
  clear(): Promise<void>;
}

/* One step that changes more is an import, which has its file still. */
const mostAtOnce = 50;

const prefix = "journal/";
/* What stands behind the tab's name where it tells up to which change all is stored. */
const storedMark = "stored";

const notedSchema = z.object({
  serial: z.int().min(0),
  before: z.unknown().optional(),
  after: z.unknown(),
});

/** The browser's store that writes at once; undefined where the person does not allow it. */
export function instantStorage(): Storage | undefined {
  try {
    return window.localStorage;
  } catch {
    return undefined;
  }
}

interface Nets {
  /** Which logbook it is the journal of. */
  logbook: string;
  instant: Storage | undefined;
  /** Where the database's texts are read, and written where `keepTexts` cannot. */
  database: Pick<AsyncStorage, "getMany" | "setMany" | "removeMany">;
  keepTexts?: KeepTexts;
}

/** Opens the journal of a logbook over its two nets; each serves alone where the other cannot. */
export function openJournal({ logbook, instant, database, keepTexts }: Nets): Journal {
  const tab = nanoid();
  const inInstant = `${prefix}${logbook}/`;
  /* Records that wait, by key, with the number of their last change. */
  const open = new Map<string, number>();
  let serial = 0;
  let told: { instant: Map<string, string>; database: string[] } = {
    instant: new Map(),
    database: [],
  };

  async function write(set: Record<string, string>, remove: string[] = []): Promise<void> {
    try {
      if (!keepTexts) throw new Error("no thread of its own");
      await keepTexts({ set, remove });
    } catch {
      if (Object.keys(set).length > 0) await database.setMany(set);
      if (remove.length > 0) await database.removeMany(remove);
    }
  }

  async function inDatabase(keys: readonly string[]): Promise<Record<string, string>> {
    const own = keys.filter((key) => key.startsWith(prefix));
    const texts = own.length > 0 ? Object.entries(await database.getMany(own)) : [];
    return Object.fromEntries(texts.filter((pair): pair is [string, string] => pair[1] !== null));
  }

  return {
    note(changes) {
      if (changes.length > mostAtOnce) return Promise.resolve();
      const set: Record<string, string> = {};
      for (const change of changes) {
        serial += 1;
        open.set(recordKey(change.after), serial);
        const key = `${tab}/${recordKey(change.after)}`;
        const text = JSON.stringify({ serial, ...change });
        set[prefix + key] = text;
        setInstant(instant, inInstant + key, text);
      }
      return write(set);
    },
    forget(keys) {
      const own = keys.filter((key) => open.delete(key)).map((key) => `${tab}/${key}`);
      if (own.length === 0) return;
      const storedUpTo = Math.min(serial, ...[...open.values()].map((waiting) => waiting - 1));
      for (const key of own) instant?.removeItem(inInstant + key);
      write(
        { [`${prefix}${tab}/${storedMark}`]: String(storedUpTo) },
        own.map((key) => prefix + key),
      ).catch(() => undefined);
    },
    async left(keys) {
      const found = new Map<string, Noted>();
      const marks = new Map<string, number>();
      const stored = await inDatabase(keys);
      told = { instant: new Map(), database: Object.keys(stored) };
      for (const [key, text] of Object.entries(stored)) {
        const [, from = "", ...rest] = key.split("/");
        if (rest.join("/") === storedMark) marks.set(from, Number(text) || 0);
      }
      const take = (key: string, text: string) => {
        const noted = readNoted(key, text);
        const known = noted && found.get(noted.of);
        if (noted && (!known || known.serial < noted.serial)) found.set(noted.of, noted);
      };
      for (const [key, text] of Object.entries(stored)) take(key.slice(prefix.length), text);
      for (const key of instant ? Object.keys(instant) : []) {
        if (!key.startsWith(inInstant) || key.startsWith(inInstant + tab)) continue;
        const text = instant!.getItem(key) ?? "";
        told.instant.set(key, text);
        take(key.slice(inInstant.length), text);
      }
      /* The instant storage of a killed browser may hold what was stored and forgotten since. */
      return [...found.values()]
        .filter((noted) => noted.serial > (marks.get(noted.tab) ?? 0))
        .sort((a, b) => a.at.localeCompare(b.at) || a.serial - b.serial)
        .map(({ change }) => change);
    },
    async clear() {
      for (const [key, text] of told.instant)
        if (instant?.getItem(key) === text) instant.removeItem(key);
      if (told.database.length > 0) await write({}, told.database);
    },
  };
}

interface Noted {
  /** The record in its tab. */
  of: string;
  tab: string;
  serial: number;
  at: string;
  change: RecordChange;
}

function readNoted(key: string, text: string): Noted | undefined {
  try {
    const { serial, before, after } = notedSchema.parse(JSON.parse(text));
    const [was, is] = [openRecord(before), openRecord(after)];
    if (!is.ok) return undefined;
    const change = { ...(was.ok ? { before: was.record } : {}), after: is.record };
    return { of: key, tab: key.split("/")[0]!, serial, at: is.record.updatedAt, change };
  } catch {
    return undefined;
  }
}

/* Full or forbidden: the database is being written all the same. */
function setInstant(instant: Storage | undefined, key: string, text: string): void {
  try {
    instant?.setItem(key, text);
  } catch {
    return;
  }
}
