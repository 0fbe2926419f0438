import { decimalMark, type DecimalMark } from "./language";

/** What a mark before just three digits is to whoever types it: 1.2 or 1200. */
export type MarkMeaning = "decimals" | "thousands";

/**
 * The numbers that one answer is for: by their mark, and by whether their unit is a small one. A scale shows
 * 1.200 kg where nobody means 1.200 g, so the answer to one says nothing of the other.
 */
export type MarkCase = `${"point" | "comma"}${"Small" | "Large"}`;

export const markCases: readonly MarkCase[] = [
  "pointSmall",
  "pointLarge",
  "commaSmall",
  "commaLarge",
];

/** A number that could be two: what it would be either way, as it is typed without doubt. */
export interface Doubtful {
  case: MarkCase;
  decimals: string;
  thousands: string;
}

const answers = new Map<MarkCase, MarkMeaning>();
const listeners = new Set<() => void>();

/** What this device's person has answered, by case. */
export function answeredMarks(): Partial<Record<MarkCase, MarkMeaning>> {
  return Object.fromEntries(answers);
}

/** Takes an answer, or forgets it. */
export function answerMark(of: MarkCase, meaning: MarkMeaning | undefined): void {
  if (meaning === undefined) answers.delete(of);
  else answers.set(of, meaning);
  for (const listener of listeners) listener();
}

/** Calls back with each answer; returns how to stop it. */
export function onMarkAnswered(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

const beforeThree = /^[+-]?[1-9]\d{0,2}([.,])\d{3}$/;

/**
 * A number with a mark before just three digits that may mean two things, and was not asked about yet. The
 * language's own mark is in doubt only where the unit is small.
 */
export function doubtful(number: string, small: boolean): Doubtful | undefined {
  const found = twofold(number, small);
  return found && !answers.has(found.case) ? found : undefined;
}

/** The same number without doubt, by what was answered; itself where nothing was or it could be but one. */
export function byAnswer(number: string, small: boolean): string {
  const found = twofold(number, small);
  const meaning = found && answers.get(found.case);
  return found && meaning ? found[meaning] : number;
}

function twofold(number: string, small: boolean): Doubtful | undefined {
  const bare = number.replace(/[\s\u00a0\u202f]/g, "");
  const mark = beforeThree.exec(bare)?.[1] as DecimalMark | undefined;
  if (!mark || (mark === decimalMark() && !small)) return undefined;
  const [before, after] = bare.split(mark) as [string, string];
  return {
    case: `${mark === "." ? "point" : "comma"}${small ? "Small" : "Large"}`,
    decimals: `${before}${decimalMark()}${after.replace(/0+$/, "") || "0"}`,
    thousands: `${before}${after}`,
  };
}
