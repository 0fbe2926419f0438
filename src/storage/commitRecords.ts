import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import { mergeRecords } from "@/records/merge";
import { recordKey, type AnyRecord } from "@/records/record";
import { runMark } from "./runMarks";
import { setAsideEntries, tooLate, type Quarantined } from "./setAside";
import { openText, readTexts } from "./storedText";

/** A change to one record: what it was when the change began, and what it is now. */
export interface RecordChange {
  before?: AnyRecord;
  after: AnyRecord;
}

/** What a store holds under some keys: what opens, and which keys a newer edition has written. */
async function readStored(backend: AsyncStorage, wanted: readonly string[]) {
  const stored = new Map<string, AnyRecord>();
  const newer = new Set<string>();
  for (const [key, text] of await readTexts(backend, wanted)) {
    const opened = openText(text);
    if (opened.ok) stored.set(key, opened.record);
    else if (opened.newer) newer.add(key);
  }
  return { stored, newer };
}

/**
 * Writes changes in one transaction, merged with what is stored. What a newer edition has written stays as it is: a
 * change to that is set aside, word for word. To be called by one tab at a time.
 * @returns the records as they now stand, without those that only a newer edition may change
 * @throws when the store refuses: then nothing was written
 */
export async function commitRecords(
  backend: AsyncStorage,
  changes: readonly RecordChange[],
): Promise<AnyRecord[]> {
  const { stored, newer } = await readStored(
    backend,
    changes.map(({ after }) => recordKey(after)),
  );
  const keys = new Set<string>();
  const aside: Quarantined[] = [];
  for (const { before, after } of changes) {
    const key = recordKey(after);
    if (newer.has(key)) {
      aside.push(tooLate(after));
      continue;
    }
    const theirs = stored.get(key);
    stored.set(key, theirs ? mergeRecords(before, after, theirs) : after);
    keys.add(key);
  }
  const merged = [...keys].map((key) => stored.get(key)!);
  const marks = merged.flatMap((record) => (record.kind === "run" ? [runMark(record)] : []));
  await backend.setMany(
    Object.fromEntries([
      ...merged.map((record): [string, string] => [recordKey(record), JSON.stringify(record)]),
      ...marks.map((mark): [string, string] => [mark, ""]),
      ...setAsideEntries(aside),
    ]),
  );
  return merged;
}
