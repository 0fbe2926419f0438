import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import { kinds, type AnyRecord } from "@/records/record";
import type { Exclusive } from "./exclusive";
import { inOrder, newMarks, runMarks } from "./runMarks";
import { readSetAside, setAsideEntries, setAsideKey, type Quarantined } from "./setAside";
import { openText, readTexts } from "./storedText";

export interface Loaded {
  records: AnyRecord[];
  quarantined: Quarantined[];
}

/** A logbook being read: what comes first, and the rest of it. */
export interface Opening extends Loaded {
  /** How many records are still to come. */
  later: number;
  /** The rest in pieces, small enough that a page stays free between them. To be read to its end. */
  rest(): AsyncGenerator<Loaded>;
}

/* So many records are opened at once where nobody waits for them. */
const chunkSize = 25;
const binDays = 30;
const dayMs = 86400e3;
/* A clock that is further ahead of the last days' changes than this has been set wrong. */
const mostAheadMs = 366 * dayMs;
const recordPrefix = new RegExp(`^(${kinds.join("|")})/`);

/** Whether a key of the store is a record's. */
export function isRecordKey(key: string): boolean {
  return recordPrefix.test(key);
}

/**
 * Reads a logbook: what a day begins with at once, the rest as it is asked for. At the end of the rest, broken texts are
 * set aside, records past their time in the bin dropped, and what an older Sereno could not open comes back.
 */
export async function openRecords(
  backend: AsyncStorage,
  exclusive: Exclusive,
  now: Date,
  keys: readonly string[],
): Promise<Opening> {
  const { first, later } = inOrder(keys.filter(isRecordKey), runMarks(keys));
  const all = new Map<string, AnyRecord>();
  const broken: Quarantined[] = [];
  const take = async (some: readonly string[]): Promise<Loaded> => {
    const { opened, quarantined } = loadedFrom(await readTexts(backend, some), now);
    for (const [key, record] of opened) all.set(key, record);
    broken.push(...quarantined.filter(({ newer }) => !newer));
    return { records: opened.map(([, record]) => record), quarantined };
  };
  const { records, quarantined } = await take(first);
  const { healed, still } = healedOf(await readSetAside(backend, keys), keys);
  for (const { item, record } of healed) all.set(item.key, record);
  async function* rest(): AsyncGenerator<Loaded> {
    for (let from = 0; from < later.length; from += chunkSize)
      yield await take(later.slice(from, from + chunkSize));
    try {
      const outdated = outdatedKeys(all, now);
      const runs = [...all.values()].filter((record) => record.kind === "run");
      const marks = newMarks(keys, runs);
      await exclusive(() => tidy(backend, { broken, healed, outdated, marks }));
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

/** Texts as records under the keys where they lie, which need not be their own, and as what does not open. */
function loadedFrom(texts: readonly [string, string][], now: Date) {
  const opened: [string, AnyRecord][] = [];
  const quarantined: Quarantined[] = [];
  for (const [key, text] of texts) {
    const each = openText(text);
    if (each.ok) opened.push([key, each.record]);
    else
      quarantined.push({
        key,
        text,
        problem: each.problem,
        at: now.toISOString(),
        ...(each.newer ? { newer: true } : {}),
      });
  }
  return { opened, quarantined };
}

interface Healed {
  item: Quarantined;
  record: AnyRecord;
}

/* What an older Sereno could not open, this one may. */
function healedOf(waiting: readonly Quarantined[], keys: readonly string[]) {
  const healed = waiting.flatMap((item): Healed[] => {
    const opened = openText(item.text);
    return opened.ok && !keys.includes(item.key) ? [{ item, record: opened.record }] : [];
  });
  const healedKeys = new Set(healed.map(({ item }) => item.key));
  return { healed, still: waiting.filter(({ key }) => !healedKeys.has(key)) };
}

interface Tidying {
  broken: readonly Quarantined[];
  healed: readonly Healed[];
  /** Keys of records past their time in the bin. */
  outdated: readonly string[];
  marks: readonly string[];
}

/* The copy is written before the original goes: a crash between the two leaves both, never none. */
async function tidy(
  backend: AsyncStorage,
  { broken, healed, outdated, marks }: Tidying,
): Promise<void> {
  const writes = Object.fromEntries([
    ...marks.map((mark): [string, string] => [mark, ""]),
    ...setAsideEntries(broken),
    ...healed.map(({ item, record }): [string, string] => [item.key, JSON.stringify(record)]),
  ]);
  if (Object.keys(writes).length > 0) await backend.setMany(writes);
  const drops = [
    ...broken.map(({ key }) => key),
    ...healed.map(({ item }) => setAsideKey(item)),
    ...outdated,
  ];
  if (drops.length > 0) await backend.removeMany(drops);
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
