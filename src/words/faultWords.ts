import type { z } from "zod";
import { plainNumber } from "@/core";
import { recordSchema, type AnyRecord } from "@/records/record";

/* Fields whose name in a record is not what a person calls them; the others are called by their own words. */
const fieldNames: Record<string, string> = {
  at: "time",
  bestBy: "best by",
  by: "how many",
  chargeG: "plant weight",
  count: "how many",
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

/* The unit at a name's end, which a person reads beside the number and not in the name. */
const unitAtEnd = /(MlPerMin|MlPerKg|GPerMl|WPerK|Ml|Mm|Kg|Min|Ms|G|C|W|L|M|H)$/;

/**
 * What is wrong with a record that is about to be kept, as a sentence with the field's own name: what may stand
 * there. Undefined where nothing is wrong.
 */
export function faultInWords(record: AnyRecord): string | undefined {
  const parsed = recordSchema.safeParse(record);
  const issue = parsed.error?.issues[0];
  return issue && `${capital(fieldName(issue.path))} ${reason(issue)}`;
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
