/** The mark before the decimals, in what is shown and in what is typed. */
export type DecimalMark = "." | ",";

let mark: DecimalMark = ".";

/**
 * Has numbers written as a language writes them. Once, when the app starts: what is computed and what
 * is stored know nothing of it.
 */
export function speak(language: string): void {
  const parts = new Intl.NumberFormat(language).formatToParts(1.5);
  mark = parts.find(({ type }) => type === "decimal")?.value === "," ? "," : ".";
}

export const decimalMark = (): DecimalMark => mark;

/** Digits with a point, as the language in use writes them. */
export function inLanguage(digits: string): string {
  return mark === "," ? digits.replaceAll(".", ",") : digits;
}

/** The device's language; English where there is none, as in a script. */
export function deviceLanguage(): string {
  return (typeof navigator === "undefined" ? undefined : navigator.language) || "en-GB";
}

/** Whether people of a language's country measure in ounces and degrees Fahrenheit. */
export function measuresInOunces(language: string): boolean {
  return /[-_](US|LR|MM)\b/i.test(language);
}
