import type { Attachment } from "@/records/attachment";
import { recordKey, type AnyRecord } from "@/records/record";
import type { SampleChunk } from "@/records/sampleChunk";
import type { Quarantined } from "@/storage/setAside";
import { readLogbook, writeLogbook } from "./logbookFile";

type Merged = { ok: true; text: string; broken: string[] } | { ok: false; problem: string };

/**
 * Several logbook files as one: what each has stands in it, records as two devices' copies are brought together. In
 * whatever order they come, and however often one of them, the same text comes of it.
 * @param files each one's name, for what is said of it, and its text
 */
export function mergeLogbooks(files: readonly { name: string; text: string }[]): Merged {
  const records = new Map<string, AnyRecord>();
  const samples = new Map<string, SampleChunk>();
  const attachments = new Map<string, Attachment>();
  const setAside = new Map<string, Quarantined>();
  const broken: string[] = [];
  let at = 0;
  for (const { name, text } of files) {
    const read = readLogbook(text, [...records.values()]);
    if (!read.ok) return { ok: false, problem: `${name}: ${read.problem}` };
    const { preview } = read;
    for (const record of [...preview.added, ...preview.changed])
      records.set(recordKey(record), record);
    for (const chunk of preview.samples) longest(samples, chunk);
    for (const attachment of preview.attachments) attachments.set(attachment.id, attachment);
    for (const item of preview.setAside) setAside.set(`${item.key} ${item.text}`, item);
    broken.push(...preview.broken.map((each) => `${name}: ${each}`));
    const { exportedAt } = JSON.parse(text) as { exportedAt?: string };
    at = Math.max(at, Date.parse(exportedAt ?? "") || 0);
  }
  const merged = writeLogbook(inOrder(records), new Date(at), {
    samples: inOrder(samples),
    attachments: inOrder(attachments),
    setAside: inOrder(setAside),
  });
  return { ok: true, text: merged, broken };
}

/* A stretch of samples grows while it is written: the longer one holds the shorter. */
function longest(samples: Map<string, SampleChunk>, chunk: SampleChunk): void {
  const key = `${chunk.runId}/${chunk.channel}/${chunk.startAt}`;
  const there = samples.get(key);
  if (!there || chunk.offsetsMs.length > there.offsetsMs.length) samples.set(key, chunk);
}

function inOrder<T>(items: ReadonlyMap<string, T>): T[] {
  return [...items].sort(([a], [b]) => (a < b ? -1 : 1)).map(([, item]) => item);
}
