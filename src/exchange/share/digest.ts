import { blake3 } from "@noble/hashes/blake3.js";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils.js";
import textOf from "fast-json-stable-stringify";
import { keyOfItem } from "@/records/lists";
import { mergedLists, recordKey, type AnyRecord } from "@/records/record";
import { groupCount } from "./peerMessages";

const sumBytes = 10;

/** A record's sum, and the group that its key falls in. */
interface Summed {
  bytes: Uint8Array;
  group: number;
}
/* A record is never changed, only replaced: each is summed once. */
const known = new WeakMap<AnyRecord, Summed>();

/**
 * A record's sum, 20 hexadecimal digits: alike on two devices where the record is alike, whatever the order of its
 * fields and of the lists that both may add to.
 */
export function sumOf(record: AnyRecord): string {
  return bytesToHex(summed(record).bytes);
}

/** In which group a record falls by its key, 0 to below `groupCount`. */
export function groupOf(record: AnyRecord): number {
  return summed(record).group;
}

/** The sum of each group: of the sums of its records, in whatever order they come. */
export function groupSums(records: Iterable<AnyRecord>): string[] {
  const groups = Array.from({ length: groupCount }, () => new Uint8Array(sumBytes));
  for (const record of records) {
    const { bytes, group } = summed(record);
    bytes.forEach((byte, i) => (groups[group]![i]! ^= byte));
  }
  return groups.map(bytesToHex);
}

/* A tap must not wait longer for it. */
const sliceMs = 8;

/**
 * Sums a whole logbook beforehand, a slice at a time with a pause after each: in one go it would hold up a page for
 * as long as a second and more.
 */
export async function sumInSlices(
  records: Iterable<AnyRecord>,
  pause: () => Promise<void> = () => new Promise((resolve) => setTimeout(resolve)),
): Promise<void> {
  let begun = performance.now();
  for (const record of records) {
    summed(record);
    if (performance.now() - begun < sliceMs) continue;
    await pause();
    begun = performance.now();
  }
}

function summed(record: AnyRecord): Summed {
  const before = known.get(record);
  if (before) return before;
  const fields: Record<string, unknown> = { ...record };
  for (const [name, key] of Object.entries(mergedLists[record.kind])) {
    const items = fields[name] as unknown[] | undefined;
    if (items) fields[name] = [...items].sort((a, b) => (place(a, key) < place(b, key) ? -1 : 1));
  }
  const made = {
    bytes: blake3(utf8ToBytes(textOf(fields)), { dkLen: sumBytes }),
    group: blake3(utf8ToBytes(recordKey(record)), { dkLen: 1 })[0]! % groupCount,
  };
  known.set(record, made);
  return made;
}

function place(item: unknown, key: string): string {
  return textOf(keyOfItem(item, key));
}
