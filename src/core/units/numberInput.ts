import { t } from "@/language/t";
import { plainNumber } from "./format";
import { byAnswer, type MarkCase, type MarkMeaning } from "./markMeaning";
import { isSmallUnit, parseAmount } from "./parseAmount";
import { fromCanonical, units, type UnitName } from "./units";

/** A number as it stands in a field: what was typed, and the unit beside it. */
export interface NumberInput {
  text: string;
  unit: UnitName;
}

/** What a number may be, in canonical units (g, mL, °C, mm, min, W). */
export interface NumberRange {
  /** What the number is, to begin an error with: "Charge". */
  name: string;
  min: number;
  max: number;
  /** The lower end itself is not allowed. */
  above?: boolean;
  /** What to do when it is out of range. */
  remedy?: string;
}

/* Less than anybody means, more than a conversion of units is off by. */
const slack = 1e-9;

export type ReadNumber = { ok: true; value: number } | { ok: false; problem: string };

/** A field's content as a canonical number, or what is wrong with it and how to mend it. */
export function readNumber(input: NumberInput, range: NumberRange): ReadNumber {
  const unit = knownUnit(input.unit);
  const parsed = parseAmount(input.text, unit);
  if (!parsed.ok) return parsed;
  const typed = parsed.value;
  const tooLow = range.above ? typed <= range.min : typed < range.min - slack;
  /* 140 °F is 60.00000000000001 °C: at the ends the limit itself is meant, and kept. */
  if (!tooLow && typed <= range.max + slack)
    return { ok: true, value: Math.min(range.max, Math.max(range.min, typed)) };
  const shown = (canonical: number) =>
    `${plainNumber(fromCanonical(canonical, unit))} ${units[unit].symbol}`.trim();
  const problem = tooLow
    ? range.above
      ? t`${range.name} must be above ${shown(range.min)}.`
      : t`${range.name} must be at least ${shown(range.min)}.`
    : t`${range.name} can be ${shown(range.max)} at most.`;
  return { ok: false, problem: range.remedy ? `${problem} ${range.remedy}` : problem };
}

/** A canonical number as a field shows it. */
export function toInput(canonical: number | undefined, unit: UnitName): NumberInput {
  return { text: canonical === undefined ? "" : plainNumber(fromCanonical(canonical, unit)), unit };
}

/** The content of a field for a value that nobody typed: as one would say it, 1,050 ft and not 1,049.9. */
export function toShortInput(value: number | undefined, unit: UnitName): NumberInput {
  if (value === undefined) return toInput(undefined, unit);
  return { text: plainNumber(Number(fromCanonical(value, unit).toPrecision(3))), unit };
}

/** Same quantity in another unit. Text that is not a number stays as it is. */
export function inUnit(input: NumberInput, unit: UnitName): NumberInput {
  const parsed = parseAmount(input.text, knownUnit(input.unit));
  if (!parsed.ok) return { text: input.text, unit };
  return { text: plainNumber(fromCanonical(parsed.value, unit)), unit };
}

/**
 * What a number with a unit of its own behind it comes to in the field's, or one that could be two by what was
 * answered once: "= 1200 g".
 */
export function meaningOf(input: NumberInput): string | undefined {
  const unit = knownUnit(input.unit);
  const parsed = parseAmount(input.text, unit);
  const answered = byAnswer(input.text, isSmallUnit(unit)) !== input.text;
  if (!parsed.ok || (parsed.unit === unit && !answered)) return undefined;
  return `= ${plainNumber(fromCanonical(parsed.value, unit))} ${units[unit].symbol}`;
}

/** What stands in a field that could be two numbers, and the field's content either way. */
export function doubtOf(input: NumberInput):
  | {
      problem: string;
      of: MarkCase;
      choices: { meaning: MarkMeaning; shown: string; text: string }[];
    }
  | undefined {
  const unit = knownUnit(input.unit);
  const parsed = parseAmount(input.text, unit);
  const doubt = parsed.ok ? undefined : parsed.doubt;
  if (parsed.ok || !doubt) return undefined;
  return {
    problem: parsed.problem,
    of: doubt.case,
    choices: (["thousands", "decimals"] as const).map((meaning) => {
      const typed = (digits: string) => input.text.replace(/[+-]?\d[\d.,\s]*\d/, digits).trim();
      const said = typed(doubt[meaning]);
      return {
        meaning,
        /* A unit of its own behind the number is the one that was meant. */
        shown: /[^\d.,\s+-]/.test(said) ? said : `${said} ${units[unit].symbol}`.trim(),
        text: typed(withoutDoubt(doubt[meaning])),
      };
    }),
  };
}

/* With a fourth digit behind its mark a number cannot be thousands. */
function withoutDoubt(digits: string): string {
  return /[.,]\d{3}$/.test(digits) ? `${digits}0` : digits;
}

/* A unit from a stored draft may be none: then the number is a bare one. */
function knownUnit(unit: UnitName): UnitName {
  return Object.hasOwn(units, unit) ? unit : "one";
}
