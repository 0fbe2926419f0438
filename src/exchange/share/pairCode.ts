import { t } from "@/language/t";

/* Letters and digits that no eye confuses; twelve of them are some 59 bits. */
const alphabet = "23456789ABCDEFGHJKMNPQRSTUVWXYZ";
const length = 12;
const group = 4;

/** A new pairing code by chance, `K7QM-4XRT-9BHD`. */
export function newPairCode(): string {
  const letters: string[] = [];
  /* Of a byte's 256 values only as many as divide evenly among the letters: each is as likely as another. */
  const even = 256 - (256 % alphabet.length);
  while (letters.length < length)
    for (const byte of crypto.getRandomValues(new Uint8Array(length)))
      if (byte < even && letters.length < length) letters.push(alphabet[byte % alphabet.length]!);
  return grouped(letters.join(""));
}

/** The twelve letters of a typed or scanned code (a link to it too), or what is wrong with it. */
export function readPairCode(
  typed: string,
): { ok: true; letters: string } | { ok: false; problem: string } {
  const letters = typed
    .replace(/^.*#pair=/i, "")
    .toUpperCase()
    .replaceAll(/[^0-9A-Z]/g, "");
  const wrong = [...letters].find((letter) => !alphabet.includes(letter));
  if (wrong)
    return {
      ok: false,
      problem: t`A pairing code has no ${wrong}. Look at the other screen again.`,
    };
  if (letters.length !== length)
    return {
      ok: false,
      problem: t`A pairing code has ${length} letters and digits; this has ${letters.length}.`,
    };
  return { ok: true, letters };
}

/** A code as it is shown: in groups of four. */
export function grouped(letters: string): string {
  return letters.match(new RegExp(`.{1,${group}}`, "g"))!.join("-");
}
