import { z } from "zod";
import { t } from "@/language/t";
import { versionOf } from "./base";
import { loosened } from "./loosened";
import { recordSchema, type AnyRecord, type Kind } from "./record";

/** One named step that lifts a stored record of a kind from `from` to `from + 1`. */
export interface Migration {
  kind: Kind;
  from: number;
  name: string;
  up: (record: Record<string, unknown>) => Record<string, unknown>;
}

/** All steps since the first release, in order. Never edited once released. */
const migrations: readonly Migration[] = [
  {
    /* Once a number alone, written over by whoever counted last: an edition that knows no changes may not write it. */
    kind: "empty",
    from: 1,
    name: "changesBesideTheCount",
    up: (record) => ({ ...record, changes: record.changes ?? [] }),
  },
  {
    /* A plan of the third edition of the model says so, which an edition that knows two of them cannot read. */
    kind: "run",
    from: 1,
    name: "thirdEditionOfTheModel",
    up: (record) => record,
  },
];

export type Opened =
  | { ok: true; record: AnyRecord }
  /**
   * `newer`: a newer edition of Sereno has written it, and only that one may change it; `lifted`: what does not open,
   * as this edition would have it.
   */
  | { ok: false; problem: string; newer?: true; lifted?: unknown };

/* What this edition does not know of a record stays in it. */
const openSchema = loosened(recordSchema);

const envelope = z.object({ kind: z.string(), version: z.int() }).loose();

/** Lifts and validates whatever a border hands in. The problem names record, field and fault. */
export function openRecord(raw: unknown, steps: readonly Migration[] = migrations): Opened {
  const head = envelope.safeParse(raw);
  if (!head.success) return { ok: false, problem: t`not a record: it has no kind and version` };
  let lifted: Record<string, unknown> = head.data;
  for (const step of steps) {
    if (step.kind === lifted.kind && step.from === lifted.version) {
      lifted = { ...step.up(lifted), version: step.from + 1 };
    }
  }
  const parsed = z.safeParse(openSchema, lifted);
  if (parsed.success) return { ok: true, record: parsed.data as AnyRecord };
  const problem = describe(lifted, parsed.error);
  return isNewer(lifted) ? { ok: false, problem, newer: true } : { ok: false, problem, lifted };
}

function isNewer({ kind, version }: Record<string, unknown>): boolean {
  return typeof version === "number" && version > versionOf(String(kind));
}

/** What is wrong with a record that is about to be kept: its field and its fault. Undefined: nothing. */
export function faultOf(record: AnyRecord): string | undefined {
  const parsed = recordSchema.safeParse(record);
  return parsed.success ? undefined : describe(record, parsed.error);
}

function describe(record: Record<string, unknown>, error: z.core.$ZodError): string {
  const name = `${String(record.kind).slice(0, 20)} ${String(record.id ?? t`without id`).slice(0, 40)}`;
  if (isNewer(record))
    return t`${name}: made by a newer Sereno (version ${Number(record.version)}). Update Sereno on this device`;
  const faults = error.issues
    .slice(0, 3)
    .map(({ path, message }) => `${path.join(".") || "record"}: ${message}`);
  return `${name}: ${faults.join("; ")}`;
}
