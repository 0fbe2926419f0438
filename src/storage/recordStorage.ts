import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import type { AnyRecord } from "@/records/record";
import { commitRecords, type RecordChange } from "./commitRecords";
import type { Exclusive } from "./exclusive";
import { isRecordKey, openRecords, type Loaded, type Opening } from "./openRecords";
import { readSetAside, setAsideEntries, setAsidePrefix, type Quarantined } from "./setAside";
import { openText, readTexts } from "./storedText";

/** The person's records on this device, one key each. */
export interface RecordStorage {
  /**
   * What is stored: first what a day begins with, then, as it is asked for, the runs of years ago.
   * At the end of it records past their time in the bin are dropped, broken ones set aside.
   * @param keys all keys of the store
   */
  open(now: Date, keys: readonly string[]): Promise<Opening>;
  /** All keys of the store, of whatever is kept in it: read once, since there are thousands. */
  keys(): Promise<string[]>;
  /**
   * Everything that can still be read, text by text, when loading failed: nothing is changed, and what
   * does not open is told word for word.
   */
  salvage(): Promise<Loaded>;
  /** Some records by key, as they are now; what does not open is left out. */
  read(keys: readonly string[]): Promise<AnyRecord[]>;
  /** Whether a newer edition has written any of these. */
  anyNewer(keys: readonly string[]): Promise<boolean>;
  /**
   * Writes all changes in one transaction, merged with what another tab wrote meanwhile. What a newer edition has
   * written stays as it is: a change to that is set aside, word for word.
   * @returns the records as they now stand, without those that only a newer edition may change
   * @throws when the store refuses: then nothing was written
   */
  commit(changes: readonly RecordChange[]): Promise<AnyRecord[]>;
  /** Puts texts from a file where this device's own unreadable ones lie. */
  setAside(texts: readonly Quarantined[]): Promise<void>;
  /** Drops one quarantined text, at the person's word; a record that opens, or that a newer edition wrote, stays. */
  discardQuarantined(key: string): Promise<void>;
}

/** Opens the record storage over a key-value store. `exclusive` lets one tab at a time write. */
export function openRecordStorage(backend: AsyncStorage, exclusive: Exclusive): RecordStorage {
  return {
    open: (now, keys) => openRecords(backend, exclusive, now, keys),
    keys: () => backend.getAllKeys(),
    salvage: () => salvage(backend),
    read: async (keys) => {
      const texts = await readTexts(backend, keys);
      return texts.flatMap(([, text]) => {
        const opened = openText(text);
        return opened.ok ? [opened.record] : [];
      });
    },
    anyNewer: async (keys) => {
      const opened = (await readTexts(backend, keys)).map(([, text]) => openText(text));
      return opened.some((each) => !each.ok && each.newer === true);
    },
    commit: (changes) => exclusive(() => commitRecords(backend, changes)),
    setAside: async (texts) => {
      if (texts.length === 0) return;
      await exclusive(() => backend.setMany(Object.fromEntries(setAsideEntries(texts))));
    },
    discardQuarantined: (key) => exclusive(() => discard(backend, key)),
  };
}

/* Key by key, since one text may be what keeps the store from reading them all. */
async function salvage(backend: AsyncStorage): Promise<Loaded> {
  const loaded: Loaded = { records: [], quarantined: [] };
  const keys = await backend.getAllKeys();
  for (const key of keys.filter(isRecordKey)) {
    const text = await backend.getItem(key).catch(() => null);
    if (text === null) continue;
    const opened = openText(text);
    if (opened.ok) loaded.records.push(opened.record);
    else loaded.quarantined.push({ key, text, problem: opened.problem, at: "" });
  }
  loaded.quarantined.push(...(await readSetAside(backend, keys).catch(() => [])));
  return loaded;
}

async function discard(backend: AsyncStorage, key: string): Promise<void> {
  const text = (await readTexts(backend, [key])).at(0)?.[1];
  const opened = text === undefined ? undefined : openText(text);
  const broken = opened && !opened.ok && !opened.newer;
  await backend.removeMany([setAsidePrefix + key, ...(broken ? [key] : [])]);
}
