import textOf from "fast-json-stable-stringify";
import type { AnyRecord } from "./record";

/**
 * What a record should be when two tabs changed it from the same start. Field by field: what only
 * one side changed, that side decides; where both did, the later one. A run's entries are merged by
 * id, so that taps in two tabs are all kept. Where that comes to what I have, it is the very same
 * object, so that nothing is drawn anew for it.
 */
export function mergeRecords(
  base: AnyRecord | undefined,
  mine: AnyRecord,
  theirs: AnyRecord,
): AnyRecord {
  const mineIsLater = mine.updatedAt >= theirs.updatedAt;
  const [b, m, t] = [base ?? {}, mine, theirs] as Record<string, unknown>[] as [
    Fields,
    Fields,
    Fields,
  ];
  const merged: Fields = {};
  for (const name of new Set([...Object.keys(t), ...Object.keys(m)])) {
    const mineChanged = !same(m[name], b[name]);
    const theirsChanged = !same(t[name], b[name]);
    const value =
      mineChanged && (!theirsChanged || mineIsLater) ? m[name] : theirsChanged ? t[name] : m[name];
    if (value !== undefined) merged[name] = value;
  }
  if (mine.kind === "run" && theirs.kind === "run") {
    merged.entries = mergeById(
      base?.kind === "run" ? base.entries : [],
      mine.entries,
      theirs.entries,
    );
  }
  merged.updatedAt = mineIsLater ? mine.updatedAt : theirs.updatedAt;
  return same(merged, mine) ? mine : (merged as unknown as AnyRecord);
}

type Fields = Record<string, unknown>;

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
