import { blake3 } from "@noble/hashes/blake3.js";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils.js";
import textOf from "fast-json-stable-stringify";
import { keyOfItem } from "@/records/lists";
import { mergedLists, recordKey, type AnyRecord } from "@/records/record";
import { groupCount } from "./peerMessages";

const sumBytes = 10;
const known = new WeakMap<AnyRecord, Uint8Array>();

/**
 * A record's sum, 20 hexadecimal digits: alike on two devices where the record is alike, whatever the order of its
 * fields and of the lists that both may add to.
 */
export function sumOf(record: AnyRecord): string {
  return bytesToHex(bytesOf(record));
}

/** In which group a record's key falls, 0 to below `groupCount`. */
export function groupOf(key: string): number {
  return blake3(utf8ToBytes(key), { dkLen: 1 })[0]! % groupCount;
}

/** The sum of each group: of the sums of its records, in whatever order they come. */
export function groupSums(records: Iterable<AnyRecord>): string[] {
  const groups = Array.from({ length: groupCount }, () => new Uint8Array(sumBytes));
  for (const record of records) {
    const group = groups[groupOf(recordKey(record))]!;
    bytesOf(record).forEach((byte, i) => (group[i]! ^= byte));
  }
  return groups.map(bytesToHex);
}

function bytesOf(record: AnyRecord): Uint8Array {
  const before = known.get(record);
  if (before) return before;
  const fields: Record<string, unknown> = { ...record };
  for (const [name, key] of Object.entries(mergedLists[record.kind])) {
    const items = fields[name] as unknown[] | undefined;
    if (items) fields[name] = [...items].sort((a, b) => (place(a, key) < place(b, key) ? -1 : 1));
  }
  const sum = blake3(utf8ToBytes(textOf(fields)), { dkLen: sumBytes });
  known.set(record, sum);
  return sum;
}

function place(item: unknown, key: string): string {
  return textOf(keyOfItem(item, key));
}
