import { z } from "zod";
import { bottleSchema, useSchema } from "./bottle";
import { dayRecordSchema } from "./day";
import { checkSchema } from "./check";
import { dutySchema } from "./duty";
import { exerciseRecordSchema } from "./exercise";
import { emptySchema } from "./empty";
import { harvestSchema } from "./harvest";
import { lotSchema } from "./lot";
import { materialSchema } from "./material";
import { keyedLists, type Undeclared } from "./lists";
import { measureSchema } from "./measure";
import { runSchema } from "./run";
import { settingSchema } from "./setting";
import { sniffSchema } from "./sniff";
import { stillSchema } from "./still";
import { trialSchema } from "./trial";
import { vesselSchema } from "./vessel";

/** Every kind of record that is kept. */
export const recordSchema = z.discriminatedUnion("kind", [
  stillSchema,
  materialSchema,
  measureSchema,
  vesselSchema,
  harvestSchema,
  runSchema,
  lotSchema,
  bottleSchema,
  useSchema,
  checkSchema,
  emptySchema,
  dutySchema,
  trialSchema,
  dayRecordSchema,
  exerciseRecordSchema,
  sniffSchema,
  settingSchema,
]);
/** Compiles only while each list of each record says, in its schema, how copies of it are brought together. */
function allDeclared<_Missing extends never>(): void {}
allDeclared<Undeclared<(typeof recordSchema.options)[number]>>();

/** Lists that are merged item by item, by kind and name, with what an item is known by. */
export const mergedLists = Object.fromEntries(
  recordSchema.options.map(({ shape }) => [shape.kind.value, keyedLists(shape)]),
) as Record<Kind, Record<string, string>>;

export type AnyRecord = z.infer<typeof recordSchema>;
export type Kind = AnyRecord["kind"];
export type RecordOf<K extends Kind> = Extract<AnyRecord, { kind: K }>;

/** Every kind's name, as its own schema has it. */
export const kinds = recordSchema.options.map((option) => option.shape.kind.value);

/** The key a record is stored and merged under. */
export function recordKey(record: { kind: string; id: string }): string {
  return `${record.kind}/${record.id}`;
}
