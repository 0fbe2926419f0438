import { z } from "zod";
import { t } from "@/language/t";
import {
  isPicture,
  openAttachment,
  pictureSchema,
  recordingSchema,
  type Attachment,
} from "@/records/attachment";
import { mergeCopies } from "@/records/mergeCopies";
import { openRecord } from "@/records/migrate";
import { recordKey, recordSchema, type AnyRecord } from "@/records/record";
import { brokenInWords } from "@/words/faultWords";
import { quarantinedSchema, type Quarantined } from "@/storage/setAside";
import { openChunk, sampleChunkSchema, type SampleChunk } from "@/records/sampleChunk";

const logbookFormat = "sereno-logbook";
const logbookVersion = 1;
/** Far above any real logbook, far below what stalls a phone. */
export const maxFileBytes = 96 * 1024 * 1024;

/** A whole logbook as a file. Its JSON Schema is published with the app. */
export const logbookFileSchema = z.object({
  format: z.literal(logbookFormat),
  version: z.literal(logbookVersion),
  exportedAt: z.iso.datetime({ offset: true }),
  records: z.array(recordSchema),
  /** What instruments recorded of the runs, in chunks. */
  samples: z.array(sampleChunkSchema).optional(),
  /** Pictures and spoken notes, where they were wished for. */
  pictures: z.array(pictureSchema).optional(),
  recordings: z.array(recordingSchema).optional(),
  /** Stored texts that would not open, word for word. */
  setAside: z.array(quarantinedSchema).optional(),
});

/** The logbook file of some records. */
export function writeLogbook(
  records: readonly AnyRecord[],
  at: Date,
  {
    samples = [],
    setAside = [],
    attachments = [],
  }: Partial<{
    samples: readonly SampleChunk[];
    setAside: readonly Quarantined[];
    attachments: readonly Attachment[];
  }> = {},
): string {
  const head = { format: logbookFormat, version: logbookVersion, exportedAt: at.toISOString() };
  const rest = setAside.length > 0 ? { setAside } : {};
  const whole = JSON.stringify({ ...head, ...rest, records }, null, 1);
  const recordings = attachments.filter((each) => !isPicture(each));
  return withLines(
    withLines(withLines(whole, "samples", samples), "pictures", attachments.filter(isPicture)),
    "recordings",
    recordings,
  );
}

/* They are many or large and nobody reads them one by one: they go on lines of their own. */
function withLines(whole: string, name: string, items: readonly unknown[]): string {
  if (items.length === 0) return whole;
  const lines = items.map((item) => JSON.stringify(item)).join(",\n");
  return `${whole.slice(0, -2)},\n "${name}": [\n${lines}\n ]\n}`;
}

/** What a logbook file would do to the records at hand. */
export interface ImportPreview {
  added: AnyRecord[];
  changed: AnyRecord[];
  /** Of these the runs whose log gets entries that are not here, and how many. */
  gained: { record: AnyRecord; count: number }[];
  /** Already here, the same or newer. */
  skipped: AnyRecord[];
  /** Records in the file that would not open, each with what is wrong. They are left out. */
  broken: string[];
  /** Instruments' samples of the runs; the same chunk takes its own place. */
  samples: SampleChunk[];
  /** Pictures and spoken notes; the same one takes its own place. */
  attachments: Attachment[];
  /** Texts that would not open where the file was saved, and do not open here either. */
  setAside: Quarantined[];
}

export type ReadLogbook = { ok: true; preview: ImportPreview } | { ok: false; problem: string };

const headSchema = z.object({
  format: z.unknown(),
  version: z.unknown(),
  records: z.unknown(),
  samples: z.unknown().optional(),
  pictures: z.unknown().optional(),
  recordings: z.unknown().optional(),
  setAside: z.unknown().optional(),
});

/**
 * Reads a logbook file and brings it together with what is here, by id: fields by the newest, entries of both.
 * Changes nothing.
 */
export function readLogbook(text: string, here: readonly AnyRecord[]): ReadLogbook {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return {
      ok: false,
      problem: t`This file is not whole: it stops or breaks before its end. Save it anew and try again.`,
    };
  }
  const head = headSchema.safeParse(raw);
  if (!head.success || head.data.format !== logbookFormat) {
    return {
      ok: false,
      problem: t`This is not a Sereno logbook. Choose a file that Sereno saved, ending in .json.`,
    };
  }
  const { version, records } = head.data;
  if (typeof version === "number" && version > logbookVersion) {
    return {
      ok: false,
      problem: t`This logbook is of version ${version}, made by a newer Sereno. Update this one first.`,
    };
  }
  if (version !== logbookVersion || !Array.isArray(records)) {
    return {
      ok: false,
      problem: t`This logbook has no readable version or records. Save it anew and try again.`,
    };
  }
  const aside = asideIn(head.data.setAside);
  const preview = compare([...records, ...aside.healed], here);
  preview.setAside = aside.left;
  for (const raw of Array.isArray(head.data.samples) ? (head.data.samples as unknown[]) : []) {
    const chunk = openChunk(raw);
    if (chunk) preview.samples.push(chunk);
    else preview.broken.push(t`A stretch of an instrument’s samples.`);
  }
  for (const name of ["pictures", "recordings"] as const) {
    const listed = head.data[name];
    for (const raw of Array.isArray(listed) ? (listed as unknown[]) : []) {
      const attachment = openAttachment(raw);
      if (attachment) preview.attachments.push(attachment);
      else preview.broken.push(name === "pictures" ? t`A picture.` : t`A spoken note.`);
    }
  }
  return { ok: true, preview };
}

/* What an older Sereno could not open, this one may. */
function asideIn(raw: unknown): { healed: unknown[]; left: Quarantined[] } {
  const read = z.array(quarantinedSchema).safeParse(raw ?? []);
  const healed: unknown[] = [];
  const left: Quarantined[] = [];
  for (const item of read.success ? read.data : []) {
    const parsed = parsedJson(item.text);
    if (openRecord(parsed).ok) healed.push(parsed);
    else left.push(item);
  }
  return { healed, left };
}

function parsedJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

function compare(incoming: unknown[], here: readonly AnyRecord[]): ImportPreview {
  const known = new Map(here.map((record) => [recordKey(record), record]));
  const gains = new Map<string, number>();
  const preview: ImportPreview = {
    gained: [],
    added: [],
    changed: [],
    skipped: [],
    broken: [],
    samples: [],
    attachments: [],
    setAside: [],
  };
  for (const raw of incoming) {
    const opened = openRecord(raw);
    if (!opened.ok) {
      preview.broken.push(brokenInWords(opened.lifted ?? raw, opened.newer));
      continue;
    }
    const { record } = opened;
    const key = recordKey(record);
    const own = known.get(key);
    const both = own ? mergeCopies(own, record) : record;
    if (!own) preview.added.push(record);
    else if (both === own) preview.skipped.push(record);
    else {
      /* The same record twice in one file is one change. */
      const before = preview.changed.findIndex((each) => recordKey(each) === key);
      if (before >= 0) preview.changed[before] = both;
      else preview.changed.push(both);
      gains.set(key, gained(here.find((each) => recordKey(each) === key) ?? own, both));
    }
    known.set(key, both);
  }
  preview.gained = [...gains]
    .filter(([, count]) => count > 0)
    .map(([key, count]) => ({
      record: known.get(key)!,
      count,
    }));
  return preview;
}

/** How many entries of a run's log are new here. */
function gained(own: AnyRecord, both: AnyRecord): number {
  return own.kind === "run" && both.kind === "run" ? both.entries.length - own.entries.length : 0;
}
