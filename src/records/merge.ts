import textOf from "fast-json-stable-stringify";
import { keyOfItem } from "./lists";
import { mergedLists, recordSchema, type AnyRecord } from "./record";

/**
 * What a record should be when two tabs changed it from the same start. Field by field, down into
 * plain objects: what only one side changed, that side decides; where both did, the later one. Lists to
 * which both may add, as a run's entries, are merged item by item, so that taps in two tabs are all kept.
 * Where that comes to what I have, it is the very same object, so that nothing is drawn anew for it.
 */
export function mergeRecords(
  base: AnyRecord | undefined,
  mine: AnyRecord,
  theirs: AnyRecord,
): AnyRecord {
  const deep = merged(base, mine, theirs, true);
  if (deep === mine || recordSchema.safeParse(deep).success) return deep;
  /* Halves of two changes that do not go together, a low above a high: each group is taken whole. */
  return merged(base, mine, theirs, false);
}

type Fields = Record<string, unknown>;

function merged(
  base: AnyRecord | undefined,
  mine: AnyRecord,
  theirs: AnyRecord,
  deep: boolean,
): AnyRecord {
  const mineIsLater = mine.updatedAt >= theirs.updatedAt;
  const fields = mergeFields((base ?? {}) as Fields, mine, theirs, { mineIsLater, deep });
  for (const [name, key] of Object.entries(mergedLists[mine.kind])) {
    const [b, m, t] = [base, mine, theirs].map((record) => itemsOf(record, name)) as [
      Fields[],
      Fields[],
      Fields[],
    ];
    if (m.length === 0 && t.length === 0) continue;
    const items = mergeItems(key, b, m, t, mineIsLater);
    /* Taken back to before there was any, it is not there at all. */
    if (items.length > 0 || (mine as Fields)[name] !== undefined) fields[name] = items;
    else delete fields[name];
  }
  fields.updatedAt = mineIsLater ? mine.updatedAt : theirs.updatedAt;
  return same(fields, mine) ? mine : (fields as unknown as AnyRecord);
}

function mergeFields(
  base: Fields,
  mine: Fields,
  theirs: Fields,
  how: { mineIsLater: boolean; deep: boolean },
): Fields {
  const fields: Fields = {};
  for (const name of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const [b, m, t] = [base[name], mine[name], theirs[name]];
    const mineChanged = !same(m, b);
    const theirsChanged = !same(t, b);
    const value = !mineChanged
      ? theirsChanged
        ? t
        : m
      : !theirsChanged
        ? m
        : how.deep && isPlain(m) && isPlain(t) && m.kind === t.kind
          ? mergeFields(isPlain(b) ? b : {}, m, t, how)
          : how.mineIsLater
            ? m
            : t;
    if (value !== undefined) fields[name] = value;
  }
  return fields;
}

function isPlain(value: unknown): value is Fields {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

function itemsOf(record: AnyRecord | undefined, name: string): Fields[] {
  return ((record as Fields | undefined)?.[name] as Fields[] | undefined) ?? [];
}

/** Theirs, without what I took away since the base, with what I added; an item that both changed, as the later has it. */
function mergeItems(
  key: string,
  base: Fields[],
  mine: Fields[],
  theirs: Fields[],
  mineIsLater: boolean,
): Fields[] {
  const [b, m, t] = [base, mine, theirs].map(
    (items) => new Map(items.map((item) => [keyOfItem(item, key), item])),
  ) as [Map<unknown, Fields>, Map<unknown, Fields>, Map<unknown, Fields>];
  const kept = theirs.flatMap((their) => {
    const id = keyOfItem(their, key);
    const [before, my] = [b.get(id), m.get(id)];
    if (!my) return before ? [] : [their];
    const mineStands = !same(my, before) && (mineIsLater || same(their, before));
    return [mineStands ? my : their];
  });
  const added = mine.filter((my) => !t.has(keyOfItem(my, key)) && !b.has(keyOfItem(my, key)));
  return [...kept, ...added];
}

/* As they would be stored: the order of fields, and fields without a value, make no difference. */
function same(a: unknown, b: unknown): boolean {
  return a === b || textOf(a) === textOf(b);
}
