import textOf from "fast-json-stable-stringify";
import { keyOfItem } from "./lists";
import { mergedLists, type AnyRecord } from "./record";

type Fields = Record<string, unknown>;

/**
 * What a record should be where two devices have a copy of it and nobody knows from which they started: the fields
 * of the one that was changed later, and of the lists to which both may add (a run's entries, a harvest's weighings,
 * a trial's runs, a sniff's rounds) every item that either has. Whichever way round, and however often, copies
 * are brought together, the same comes of it, and nothing that either side noted is lost.
 */
export function mergeCopies<R extends AnyRecord>(a: R, b: R): R {
  const [later, earlier] = isLater(a, b) ? [a, b] : [b, a];
  const fields: Fields = { ...later };
  for (const [name, key] of Object.entries(mergedLists[later.kind])) {
    const items = union(key, itemsOf(later, name), itemsOf(earlier, name));
    if (items.length > 0) fields[name] = items;
  }
  return same(fields, a) ? a : same(fields, b) ? b : (fields as R);
}

/* Of two changes in the same millisecond the same fields count on every device, whatever was brought in before. */
function isLater(a: AnyRecord, b: AnyRecord): boolean {
  const order = Date.parse(a.updatedAt) - Date.parse(b.updatedAt);
  if (order !== 0) return order > 0;
  const [x, y] = [textOf(ownFields(a)), textOf(ownFields(b))];
  return x === y ? textOf(a) >= textOf(b) : x > y;
}

function ownFields(record: AnyRecord): Fields {
  const lists = Object.keys(mergedLists[record.kind]);
  return Object.fromEntries(Object.entries(record).filter(([name]) => !lists.includes(name)));
}

function itemsOf(record: AnyRecord, name: string): Fields[] {
  return ((record as Fields)[name] as Fields[] | undefined) ?? [];
}

/**
 * Every item that either has, in one order on every device: as the later has them where the earlier brings nothing,
 * else by their moments, then by what they are known by.
 */
function union(key: string, later: Fields[], earlier: readonly Fields[]): Fields[] {
  const known = new Map(later.map((item) => [keyOfItem(item, key), textOf(item)]));
  if (earlier.every((item) => known.get(keyOfItem(item, key)) === textOf(item))) return later;
  const all = new Map<unknown, Fields>();
  for (const item of [...earlier, ...later]) {
    const id = keyOfItem(item, key);
    const before = all.get(id);
    /* The same item told in two ways: one of them, the same one on every device. */
    all.set(id, before && textOf(before) > textOf(item) ? before : item);
  }
  const place = (item: Fields) => `${momentOf(item)} ${textOf(keyOfItem(item, key))}`;
  return [...all.values()].sort((x, y) => (place(x) < place(y) ? -1 : 1));
}

/* So many digits that moments sort as texts, whatever zone they were written in. */
function momentOf({ at }: Fields): string {
  const ms = typeof at === "string" ? Date.parse(at) : 0;
  return String(ms + 1e15).padStart(18, "0");
}

function same(a: unknown, b: unknown): boolean {
  return textOf(a) === textOf(b);
}
