import textOf from "fast-json-stable-stringify";
import { recordSchema, type AnyRecord } from "./record";

/**
 * What a record should be when two tabs changed it from the same start. Field by field, down into
 * plain objects: what only one side changed, that side decides; where both did, the later one. A run's
 * entries are merged by id, so that taps in two tabs are all kept. Where that comes to what I have, it
 * is the very same object, so that nothing is drawn anew for it.
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
  if (mine.kind === "run" && theirs.kind === "run") {
    fields.entries = mergeById(
      base?.kind === "run" ? base.entries : [],
      mine.entries,
      theirs.entries,
    );
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

/** Theirs, without what I took away since the base, with what I added. */
function mergeById<T extends { id: string }>(base: T[], mine: T[], theirs: T[]): T[] {
  const mineIds = new Set(mine.map(({ id }) => id));
  const takenAway = new Set(base.filter(({ id }) => !mineIds.has(id)).map(({ id }) => id));
  const theirIds = new Set(theirs.map(({ id }) => id));
  const baseIds = new Set(base.map(({ id }) => id));
  const added = mine.filter(({ id }) => !theirIds.has(id) && !baseIds.has(id));
  return [...theirs.filter(({ id }) => !takenAway.has(id)), ...added];
}

/* As they would be stored: the order of fields, and fields without a value, make no difference. */
function same(a: unknown, b: unknown): boolean {
  return a === b || textOf(a) === textOf(b);
}
