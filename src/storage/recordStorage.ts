import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import { z } from "zod";
import { t } from "@/language/t";
import { mergeRecords } from "@/records/merge";
import { openRecord } from "@/records/migrate";
import { kinds, recordKey, type AnyRecord } from "@/records/record";
import { inOrder, newMarks, runMark, runMarks } from "./runMarks";
import type { Exclusive } from "./exclusive";

/** A stored text that would not open: kept word for word until the person decides. */
export const quarantinedSchema = z.object({
  key: z.string(),
  text: z.string(),
  problem: z.string(),
  at: z.string(),
  /** A newer edition of Sereno wrote it: it lies where it was, and nothing here may change it. */
  newer: z.literal(true).optional(),
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

/** A logbook being read: what comes first, and the rest of it. */
interface Opening extends Loaded {
  /** How many records are still to come. */
  later: number;
  /** The rest in pieces, small enough that a page stays free between them. To be read to its end. */
  rest(): AsyncGenerator<Loaded>;
}

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

/* So many records are opened at once where nobody waits for them. */
const chunkSize = 25;
const recordPrefix = new RegExp(`^(${kinds.join("|")})/`);
const quarantinePrefix = "quarantine/";
const binDays = 30;
const dayMs = 86400e3;
/* A clock that is further ahead of the last days' changes than this has been set wrong. */
const mostAheadMs = 366 * dayMs;

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

  async function anyNewer(keys: readonly string[]): Promise<boolean> {
    const opened = (await readAll(keys)).map(([, text]) => openText(text));
    return opened.some((each) => !each.ok && each.newer === true);
  }

  async function open(now: Date, keys: readonly string[]): Promise<Opening> {
    const { first, later } = inOrder(
      keys.filter((key) => recordPrefix.test(key)),
      runMarks(keys),
    );
    const all = new Map<string, AnyRecord>();
    const broken: Quarantined[] = [];
    const take = async (some: readonly string[]): Promise<Loaded> => {
      const loaded: Loaded = { records: [], quarantined: [] };
      for (const [key, text] of await readAll(some)) {
        const opened = openText(text);
        if (opened.ok) {
          all.set(key, opened.record);
          loaded.records.push(opened.record);
        } else
          loaded.quarantined.push({
            key,
            text,
            problem: opened.problem,
            at: now.toISOString(),
            ...(opened.newer ? { newer: true } : {}),
          });
      }
      broken.push(...loaded.quarantined.filter(({ newer }) => !newer));
      return loaded;
    };
    const { records, quarantined } = await take(first);
    const waiting = await readQuarantine(keys);
    /* What an older Sereno could not open, this one may. */
    const healed = waiting.flatMap((item) => {
      const opened = openText(item.text);
      return opened.ok && !keys.includes(item.key) ? [{ item, record: opened.record }] : [];
    });
    for (const { item, record } of healed) all.set(item.key, record);
    const healedKeys = new Set(healed.map(({ item }) => item.key));
    const still = waiting.filter(({ key }) => !healedKeys.has(key));
    async function* rest(): AsyncGenerator<Loaded> {
      for (let from = 0; from < later.length; from += chunkSize)
        yield await take(later.slice(from, from + chunkSize));
      try {
        const outdated = outdatedKeys(all, now);
        const runs = [...all.values()].filter((record) => record.kind === "run");
        await exclusive(() => tidy(broken, healed, outdated, newMarks(keys, runs)));
      } catch {
        /* Tidying up may wait for a day when the store can write; what was read counts. */
      }
    }
    return {
      records: [...records, ...healed.map(({ record }) => record)],
      quarantined: [...still, ...quarantined],
      later: later.length,
      rest,
    };
  }

  /* The copy is written before the original goes: a crash between the two leaves both, never none. */
  async function tidy(
    broken: Quarantined[],
    healed: { item: Quarantined; record: AnyRecord }[],
    outdated: string[],
    marks: string[],
  ) {
    const writes = Object.fromEntries([
      ...marks.map((mark) => [mark, ""]),
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
        : { key, text, problem: t`an unreadable set-aside text`, at: "" };
    });
  }

  function commit(changes: readonly RecordChange[]): Promise<AnyRecord[]> {
    return exclusive(async () => {
      const texts = await readAll(changes.map(({ after }) => recordKey(after)));
      const stored = new Map<string, AnyRecord>();
      const newer = new Set<string>();
      for (const [key, text] of texts) {
        const opened = openText(text);
        if (opened.ok) stored.set(key, opened.record);
        else if (opened.newer) newer.add(key);
      }
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
      const records = merged.map((record) => [recordKey(record), JSON.stringify(record)]);
      const marks = merged.flatMap((record) => (record.kind === "run" ? [runMark(record)] : []));
      await backend.setMany(
        Object.fromEntries([
          ...records,
          ...marks.map((mark) => [mark, ""]),
          ...aside.map((item) => [quarantineKey(item), JSON.stringify(item)]),
        ]) as Record<string, string>,
      );
      return merged;
    });
  }

  async function salvage(): Promise<Loaded> {
    const loaded: Loaded = { records: [], quarantined: [] };
    const keys = await backend.getAllKeys();
    for (const key of keys.filter((each) => recordPrefix.test(each))) {
      const text = await backend.getItem(key).catch(() => null);
      if (text === null) continue;
      const opened = openText(text);
      if (opened.ok) loaded.records.push(opened.record);
      else loaded.quarantined.push({ key, text, problem: opened.problem, at: "" });
    }
    loaded.quarantined.push(...(await readQuarantine(keys).catch(() => [])));
    return loaded;
  }

  async function setAside(texts: readonly Quarantined[]): Promise<void> {
    const entries = texts.map((item) => [quarantineKey(item), JSON.stringify(item)]);
    if (entries.length > 0)
      await exclusive(() => backend.setMany(Object.fromEntries(entries) as Record<string, string>));
  }

  async function discardQuarantined(key: string): Promise<void> {
    await exclusive(async () => {
      const text = (await readAll([key])).at(0)?.[1];
      const opened = text === undefined ? undefined : openText(text);
      const broken = opened && !opened.ok && !opened.newer;
      await backend.removeMany([quarantinePrefix + key, ...(broken ? [key] : [])]);
    });
  }

  return {
    open,
    keys: () => backend.getAllKeys(),
    salvage,
    read,
    anyNewer,
    commit,
    setAside,
    discardQuarantined,
  };
}

/** What was changed here of a record that a newer edition has in its hands. */
export function tooLate(record: AnyRecord): Quarantined {
  return {
    key: recordKey(record),
    text: JSON.stringify(record),
    problem: t`changed on a page that is older than what is stored`,
    at: record.updatedAt,
  };
}

function quarantineKey({ key }: Quarantined): string {
  return quarantinePrefix + key;
}

function openText(text: string): ReturnType<typeof openRecord> {
  const raw = parseJson(text);
  return raw === undefined
    ? { ok: false, problem: t`the stored text is not JSON` }
    : openRecord(raw);
}

function parseJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

/**
 * Records past their time in the bin. A clock that was set decades ahead empties nothing: age counts
 * only where the changes of the days before this one are not older than a year by it.
 */
function outdatedKeys(records: ReadonlyMap<string, AnyRecord>, now: Date): string[] {
  const ages = [...records.values()].map(({ updatedAt }) => now.getTime() - Date.parse(updatedAt));
  const lastDays = Math.min(...ages.filter((age) => age > dayMs));
  if (lastDays > mostAheadMs) return [];
  return [...records].flatMap(([key, { deletedAt }]) =>
    deletedAt !== undefined && now.getTime() - Date.parse(deletedAt) > binDays * dayMs ? [key] : [],
  );
}
