/*
 * The pseudo-language: every message some two fifths longer and with accents, so that a look at any screen tells
 * what no message holds, and what is cut when words are longer than English ones.
 */
const accented: Record<string, string> = Object.fromEntries(
  [..."abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ"].map((letter, i) => [
    letter,
    [..."åƀçđéƒĝĥîĵķļɱñöþǫŕšţûṽŵẋýžÅƁÇĐÉƑĜĤÎĴĶĻṀÑÖÞǪŔŠŢÛṼŴẊÝŽ"][i]!,
  ]),
);

const vowels = /[aeiou]/gi;

/** Words as the pseudo-language has them: every second vowel doubled, all letters accented. */
export function pseudo(words: string): string {
  let seen = 0;
  return words
    .replace(vowels, (vowel) => (seen++ % 5 < 4 ? vowel + vowel : vowel))
    .replace(/[a-z]/gi, (letter) => accented[letter]!);
}

/** Is it switched on: the address has ?language=pseudo, or had in this tab before. */
export const inPseudo = askedFor();

function askedFor(): boolean {
  const address = new URLSearchParams(globalThis.location?.search ?? "");
  const now = address.get("language") === "pseudo";
  try {
    if (now) globalThis.sessionStorage.setItem("language", "pseudo");
    return now || globalThis.sessionStorage.getItem("language") === "pseudo";
  } catch {
    /* No such storage in a worker, on a server, or where the browser refuses it. */
    return now;
  }
}
