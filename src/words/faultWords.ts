import { plainNumber } from "@/core/units/format";
import { z } from "zod";
import { t } from "@/language/t";
import { kinds, recordSchema, type AnyRecord, type Kind } from "@/records/record";

/* Fields whose name in a record is not what a person calls them; the others are called by their own words. */
const fieldNames: Record<string, string> = {
  at: t`time`,
  bestBy: t`best by`,
  by: t`how many`,
  chargeG: t`plant weight`,
  count: t`how many`,
  createdAt: t`the moment it was made`,
  updatedAt: t`the moment it was changed`,
  currency: t`currency`,
  cutOn: t`day of the harvest`,
  entries: t`log`,
  filledMl: t`filled`,
  holdUpMl: t`left on the glass`,
  lossWPerK: t`loss of heat`,
  madeOn: t`day it was made`,
  massG: t`weight`,
  mlPerKg: t`yield`,
  oilMl: t`oil`,
  potMl: t`volume of the pot`,
  sizeMl: t`bottle size`,
  volumeMl: t`volume`,
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
  still: t`Still`,
  measure: t`Measure`,
  vessel: t`Vessel`,
  material: t`Own figures of a plant`,
  harvest: t`Harvest`,
  day: t`Day at the stills`,
  run: t`Run`,
  lot: t`Lot`,
  bottle: t`Bottle`,
  use: t`Something taken`,
  check: t`Check`,
  empty: t`Empty bottles`,
  duty: t`Something due`,
  trial: t`Trial`,
  exercise: t`Exercise`,
  sniff: t`Blind sniff`,
  setting: t`Preferences`,
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
  if (!head.success) return t`Something that is no record of Sereno.`;
  const { kind, number, name, code } = head.data;
  const which = [kindNames[kind], number ?? shortened(name) ?? shortened(code)]
    .filter((part) => part !== undefined)
    .join(" ");
  if (newer) return t`${which}: a newer Sereno has written it. Update Sereno on this device.`;
  return `${which}: ${faultOfAny(raw) ?? t`it does not open`}.`;
}

function shortened(text: string | undefined): string | undefined {
  return text !== undefined && text.length > mostLetters
    ? `${text.slice(0, mostLetters).trimEnd()}…`
    : text;
}

function fieldName(path: readonly PropertyKey[]): string {
  const field = path.filter((part): part is string => typeof part === "string").at(-1) ?? t`record`;
  if (Object.hasOwn(fieldNames, field)) return fieldNames[field]!;
  return field
    .replace(unitAtEnd, "")
    .replaceAll(/([a-z])([A-Z])/g, "$1 $2")
    .toLowerCase();
}

function reason(issue: z.core.$ZodIssue): string {
  if (issue.code === "too_big")
    return issue.origin === "string"
      ? t`has more than ${Number(issue.maximum)} letters`
      : issue.origin === "array"
        ? t`holds more than ${Number(issue.maximum)}`
        : t`can be ${plainNumber(Number(issue.maximum))} at most`;
  if (issue.code === "too_small")
    return issue.origin === "string" || issue.origin === "array"
      ? t`must not be empty`
      : issue.inclusive
        ? t`must be at least ${plainNumber(Number(issue.minimum))}`
        : t`must be above ${plainNumber(Number(issue.minimum))}`;
  if (issue.code === "invalid_type") return t`is missing, or is not what belongs there`;
  if (issue.code === "custom") return t`does not fit: ${issue.message}`;
  return t`is none that Sereno knows`;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
