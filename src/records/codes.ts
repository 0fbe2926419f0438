/*
 * Codes are short enough to be written on a bottle by hand, and made of what no hand confuses: no 0 and O,
 * no 1, I and L. Thirty-one letters and digits are a prime number of them, so a sum weighted by place, which
 * has to come to nothing, tells every single slip and every swap of two neighbours.
 */
const alphabet = "23456789ABCDEFGHJKMNPQRSTUVWXYZ";
const payload = 5;
const half = 3;

/** What the sum over a code's letters comes to; 0 for a right one. */
function checkSum(letters: string): number {
  let sum = 0;
  for (let i = 0; i < letters.length; i += 1)
    sum += (i + 1) * Math.max(0, alphabet.indexOf(letters[i]!));
  return sum % alphabet.length;
}

/** Whether six letters are a code: each of the alphabet, and their sum right. */
export function isCode(text: string): boolean {
  const letters = lettersOf(text);
  return (
    letters.length === payload + 1 &&
    [...letters].every((letter) => alphabet.includes(letter)) &&
    checkSum(letters) === 0
  );
}

/**
 * A new code, `K7Q-4MX`: five letters by chance and one that checks them, unlike every code in use.
 * @param inUse codes that are taken
 * @param chance from 0 to below 1; the demonstration gives its own, so that it is the same each time
 */
export function newCode(inUse: Iterable<string>, chance: () => number = Math.random): string {
  const taken = new Set(inUse);
  for (;;) {
    const letters = Array.from(
      { length: payload },
      () => alphabet[Math.floor(chance() * alphabet.length)]!,
    ).join("");
    const code = written(letters + checkLetter(letters));
    if (!taken.has(code)) return code;
  }
}

function checkLetter(letters: string): string {
  return [...alphabet].find((letter) => checkSum(letters + letter) === 0)!;
}

function written(letters: string): string {
  return `${letters.slice(0, half)}-${letters.slice(half)}`;
}

function lettersOf(text: string): string {
  return text.toUpperCase().replaceAll(/[^0-9A-Z]/g, "");
}

/** What somebody typed or scanned as a code. */
export type ReadCode =
  | { found: string }
  /** Not one of those at hand: what is wrong with it, and those that are a slip or two away. */
  | { problem: "unused letter" | "length" | "slip" | "unknown"; near: string[] };

/** Finds a typed code among those in use, older ones of another form too; capitals and hyphens are free. */
export function readCode(text: string, inUse: readonly string[]): ReadCode {
  const letters = lettersOf(text);
  const found = letters && inUse.find((code) => lettersOf(code) === letters);
  if (found) return { found };
  return { problem: problemOf(letters), near: nearCodes(letters, inUse) };
}

function problemOf(letters: string): "unused letter" | "length" | "slip" | "unknown" {
  if ([...letters].some((letter) => !alphabet.includes(letter))) return "unused letter";
  if (letters.length !== payload + 1) return "length";
  return checkSum(letters) === 0 ? "unknown" : "slip";
}

/* Further than this a code is another one, not a slip. */
const nearBy = 2;
const mostNear = 4;

function nearCodes(letters: string, inUse: readonly string[]): string[] {
  return inUse
    .map((code) => ({ code, steps: slipsBetween(letters, lettersOf(code)) }))
    .filter(({ steps }) => steps <= nearBy)
    .sort((a, b) => a.steps - b.steps)
    .slice(0, mostNear)
    .map(({ code }) => code);
}

/** Slips of the pen between two words: a letter changed, left out, put in, or two neighbours swapped. */
function slipsBetween(a: string, b: string): number {
  if (Math.abs(a.length - b.length) > nearBy) return Infinity;
  const rows: number[][] = [Array.from({ length: b.length + 1 }, (_, j) => j)];
  for (let i = 1; i <= a.length; i += 1) {
    const row = [i];
    for (let j = 1; j <= b.length; j += 1) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      let least = Math.min(rows[i - 1]![j]! + 1, row[j - 1]! + 1, rows[i - 1]![j - 1]! + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        least = Math.min(least, rows[i - 2]![j - 2]! + 1);
      row.push(least);
    }
    rows.push(row);
  }
  return rows[a.length]![b.length]!;
}
