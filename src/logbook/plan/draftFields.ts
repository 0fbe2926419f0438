import { type NumberInput, type NumberRange, readNumber } from "@/core/units/numberInput";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";

const ranges = {
  mass: {
    name: t`The charge`,
    ...limits.chargeG,
    remedy: t`Weigh the plant as it goes into the still.`,
  },
  count: { name: t`The count`, min: 0, max: 10000, above: true },
  wish: { name: t`What you want`, min: 0, max: 1e6, above: true },
  aged: { name: t`Its age`, min: 0, max: 240 },
  moisture: {
    name: t`Its moisture`,
    min: 100 * limits.moisture.min,
    max: 100 * limits.moisture.max,
  },
  minutes: { name: t`The time`, min: 1, max: 1440 },
  ratio: { name: t`The ratio`, min: 0, max: 20, above: true },
  rate: { name: t`The rate`, ...limits.rateMlPerMin },
  worth: { name: t`Ten more minutes`, min: 0, max: 100, above: true },
  water: { name: t`Water`, min: 0, max: 1e6, above: true },
  charges: { name: t`Charges`, min: 1, max: 500 },
  ice: { name: t`Ice`, min: 0, max: 500_000 },
  cooling: { name: t`Cooling water`, min: 0, max: 60 },
} satisfies Record<string, NumberRange>;
type Field = keyof typeof ranges;

/** What is wrong, a sentence for each field. */
export type DraftProblems = Partial<Record<Field, string>>;

/** Reads a draft's fields one by one; what is wrong with them gathers in `problems`. */
export interface DraftFields {
  problems: DraftProblems;
  /** A number that has to be there. */
  number(field: Field, text: string, unit: string): number | undefined;
  /** A number that may be left out. */
  optional(field: Field, text: string, unit: string): number | undefined;
}

export function draftFields(): DraftFields {
  const problems: DraftProblems = {};
  function number(field: Field, text: string, unit: string): number | undefined {
    const read = readNumber({ text, unit } as NumberInput, ranges[field]);
    if (read.ok) return read.value;
    problems[field] = read.problem;
    return undefined;
  }
  return {
    problems,
    number,
    optional: (field, text, unit) => (text.trim() ? number(field, text, unit) : undefined),
  };
}
