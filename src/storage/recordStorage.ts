import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import { z } from "zod";
import { mergeRecords } from "@/records/merge";
import { openRecord } from "@/records/migrate";
import { kinds, recordKey, type AnyRecord } from "@/records/record";
import type { Exclusive } from "./exclusive";

/** A stored text that would not open: kept word for word until the person decides. */
const quarantinedSchema = z.object({
  key: z.string(),
  text: z.string(),
  problem: z.string(),
  at: z.string(),
});
export type Quarantined = z.infer<typeof quarantinedSchema>;

/** A change to one record: what it was when the change began, and what it is now. */
export interface RecordChange {
  before?: AnyRecord;
  after: AnyRecord;
}

export interface Loaded {
  records: AnyRecord[];
  quarantined: Quarantined[];
}

/** The person's records on this device, one key each. */
export interface RecordStorage {
  /** Everything stored. Records past their time in the bin are dropped, broken ones set aside. */
  load(now: Date): Promise<Loaded>;
  /** Some records by key, as they are now; what does not open is left out. */
  read(keys: readonly string[]): Promise<AnyRecord[]>;
  /**
   * Writes all changes in one transaction, merged with what another tab wrote meanwhile.
   * @returns the records as they now stand
   * @throws when the store refuses: then nothing was written
   */
  commit(changes: readonly RecordChange[]): Promise<AnyRecord[]>;
  /** Drops one quarantined text, at the person's word. */
  discardQuarantined(key: string): Promise<void>;
}

const recordPrefix = new RegExp(`^(${kinds.join("|")})/`);
const quarantinePrefix = "quarantine/";
const binDays = 30;

/** Opens the record storage over a key-value store. `exclusive` lets one tab at a time write. */
export function openRecordStorage(backend: AsyncStorage, exclusive: Exclusive): RecordStorage {
  async function readAll(keys: readonly string[]): Promise<[string, string][]> {
    const found = await backend.getMany([...keys]);
    return Object.entries(found).filter((pair): pair is [string, string] => pair[1] !== null);
  }

  async function read(keys: readonly string[]): Promise<AnyRecord[]> {
    const texts = await readAll(keys);
    return texts.flatMap(([, text]) => {
      const opened = openText(text);
      return opened.ok ? [opened.record] : [];
    });
  }

  async function load(now: Date): Promise<Loaded> {
    const keys = await backend.getAllKeys();
    const records = new Map<string, AnyRecord>();
    const broken: Quarantined[] = [];
    const outdated: string[] = [];
    for (const [key, text] of await readAll(keys.filter((key) => recordPrefix.test(key)))) {
      const opened = openText(text);
      if (!opened.ok) broken.push({ key, text, problem: opened.problem, at: now.toISOString() });
      else if (isOutdated(opened.record, now)) outdated.push(key);
      else records.set(key, opened.record);
    }
    const waiting = await readQuarantine(keys);
    /* What an older Sereno could not open, this one may. */
    const healed = waiting.flatMap((item) => {
      const opened = openText(item.text);
      return opened.ok && !records.has(item.key) ? [{ item, record: opened.record }] : [];
    });
    for (const { item, record } of healed) records.set(item.key, record);
    const healedKeys = new Set(healed.map(({ item }) => item.key));
    const still = waiting.filter(({ key }) => !healedKeys.has(key));
    try {
      await exclusive(() => tidy(broken, healed, outdated));
    } catch {
      /* Tidying up may wait for a day when the store can write; what was read counts. */
    }
    return { records: [...records.values()], quarantined: [...still, ...broken] };
  }

  /* The copy is written before the original goes: a crash between the two leaves both, never none. */
  async function tidy(
    broken: Quarantined[],
    healed: { item: Quarantined; record: AnyRecord }[],
    outdated: string[],
  ) {
    const writes = Object.fromEntries([
      ...broken.map((item) => [quarantineKey(item), JSON.stringify(item)]),
      ...healed.map(({ item, record }) => [item.key, JSON.stringify(record)]),
    ]) as Record<string, string>;
    if (Object.keys(writes).length > 0) await backend.setMany(writes);
    const drops = [
      ...broken.map(({ key }) => key),
      ...healed.map(({ item }) => quarantineKey(item)),
      ...outdated,
    ];
    if (drops.length > 0) await backend.removeMany(drops);
  }

  async function readQuarantine(keys: readonly string[]): Promise<Quarantined[]> {
    const texts = await readAll(keys.filter((key) => key.startsWith(quarantinePrefix)));
    return texts.map(([key, text]) => {
      const parsed = quarantinedSchema.safeParse(parseJson(text));
      return parsed.success
        ? parsed.data
        : { key, text, problem: "an unreadable set-aside text", at: "" };
    });
  }

  function commit(changes: readonly RecordChange[]): Promise<AnyRecord[]> {
    return exclusive(async () => {
      const stored = new Map(
        (await read(changes.map(({ after }) => recordKey(after)))).map((r) => [recordKey(r), r]),
      );
      const merged = changes.map(({ before, after }) => {
        const theirs = stored.get(recordKey(after));
        return theirs ? mergeRecords(before, after, theirs) : after;
      });
      await backend.setMany(
        Object.fromEntries(merged.map((record) => [recordKey(record), JSON.stringify(record)])),
      );
      return merged;
    });
  }

  async function discardQuarantined(key: string): Promise<void> {
    await exclusive(() => backend.removeMany([quarantinePrefix + key, key]));
  }

  return { load, read, commit, discardQuarantined };
}

function quarantineKey({ key }: Quarantined): string {
  return quarantinePrefix + key;
}

function openText(text: string): ReturnType<typeof openRecord> {
  const raw = parseJson(text);
  return raw === undefined
    ? { ok: false, problem: "the stored text is not JSON" }
    : openRecord(raw);
}

function parseJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

function isOutdated({ deletedAt }: AnyRecord, now: Date): boolean {
  return deletedAt !== undefined && now.getTime() - Date.parse(deletedAt) > binDays * 86400e3;
}
