import { plainNumber } from "@/core/units/format";
import { z } from "zod";
import { kinds, recordSchema, type AnyRecord, type Kind } from "@/records/record";

/* Fields whose name in a record is not what a person calls them; the others are called by their own words. */
const fieldNames: Record<string, string> = {
  at: "time",
  bestBy: "best by",
  by: "how many",
  chargeG: "plant weight",
  count: "how many",
  createdAt: "the moment it was made",
  updatedAt: "the moment it was changed",
  currency: "currency",
  cutOn: "day of the harvest",
  entries: "log",
  filledMl: "filled",
  holdUpMl: "left on the glass",
  lossWPerK: "loss of heat",
  madeOn: "day it was made",
  massG: "weight",
  mlPerKg: "yield",
  oilMl: "oil",
  potMl: "volume of the pot",
  sizeMl: "bottle size",
  volumeMl: "volume",
};

/* Of a name so many letters tell which it is. */
const mostLetters = 40;

/* The unit at a name's end, which a person reads beside the number and not in the name. */
const unitAtEnd = /(MlPerMin|MlPerKg|GPerMl|WPerK|Ml|Mm|Kg|Min|Ms|G|C|W|L|M|H)$/;

/**
 * What is wrong with a record that is about to be kept, as a sentence with the field's own name: what may stand
 * there. Undefined where nothing is wrong.
 */
export function faultInWords(record: AnyRecord): string | undefined {
  return faultOfAny(record);
}

function faultOfAny(raw: unknown): string | undefined {
  const parsed = recordSchema.safeParse(raw);
  const issue = parsed.error?.issues[0];
  return issue && `${capital(fieldName(issue.path))} ${reason(issue)}`;
}

const kindNames: Record<Kind, string> = {
  still: "Still",
  measure: "Measure",
  vessel: "Vessel",
  material: "Own figures of a plant",
  harvest: "Harvest",
  day: "Day at the stills",
  run: "Run",
  lot: "Lot",
  bottle: "Bottle",
  use: "Something taken",
  check: "Check",
  empty: "Empty bottles",
  duty: "Something due",
  trial: "Trial",
  exercise: "Exercise",
  sniff: "Blind sniff",
  setting: "Preferences",
};

/* What a person knows a broken record by, as far as it can still be read. */
const headSchema = z.object({
  kind: z.enum(kinds),
  number: z.number().optional().catch(undefined),
  name: z.string().optional().catch(undefined),
  code: z.string().optional().catch(undefined),
});

/**
 * What is wrong with a record of a file that does not open, as a sentence: which one it is, its field and what may
 * stand there.
 * @param newer a newer edition has written it
 */
export function brokenInWords(raw: unknown, newer = false): string {
  const head = headSchema.safeParse(raw);
  if (!head.success) return "Something that is no record of Sereno.";
  const { kind, number, name, code } = head.data;
  const which = [kindNames[kind], number ?? shortened(name) ?? shortened(code)]
    .filter((part) => part !== undefined)
    .join(" ");
  if (newer) return `${which}: a newer Sereno has written it. Update Sereno on this device.`;
  return `${which}: ${faultOfAny(raw) ?? "it does not open"}.`;
}

function shortened(text: string | undefined): string | undefined {
  return text !== undefined && text.length > mostLetters
    ? `${text.slice(0, mostLetters).trimEnd()}…`
    : text;
}

function fieldName(path: readonly PropertyKey[]): string {
  const field = path.filter((part): part is string => typeof part === "string").at(-1) ?? "record";
  if (Object.hasOwn(fieldNames, field)) return fieldNames[field]!;
  return field
    .replace(unitAtEnd, "")
    .replaceAll(/([a-z])([A-Z])/g, "$1 $2")
    .toLowerCase();
}

function reason(issue: z.core.$ZodIssue): string {
  if (issue.code === "too_big")
    return issue.origin === "string"
      ? `has more than ${Number(issue.maximum)} letters`
      : issue.origin === "array"
        ? `holds more than ${Number(issue.maximum)}`
        : `can be ${plainNumber(Number(issue.maximum))} at most`;
  if (issue.code === "too_small")
    return issue.origin === "string" || issue.origin === "array"
      ? "must not be empty"
      : `must be ${issue.inclusive ? "at least" : "above"} ${plainNumber(Number(issue.minimum))}`;
  if (issue.code === "invalid_type") return "is missing, or is not what belongs there";
  if (issue.code === "custom") return `does not fit: ${issue.message}`;
  return "is none that Sereno knows";
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
