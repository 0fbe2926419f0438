import { inPseudo, pseudo } from "./pseudo";

/** A value that its message names, as `${{ left: showVolume(litres) }}`: a translator reads {left}, not {0}. */
type Named = Record<string, string | number>;
type Value = string | number | Named;

const english = new Intl.PluralRules("en");

/**
 * A message in English, whole, with places for what it tells: t`Put ${count} labels on ${sheet}`. The tag is what the
 * catalogue is gathered by (`npm run messages`); at run time the words come back as they stand, or in the
 * pseudo-language while that is switched on. Read once when its file is loaded is soon enough: a language is chosen
 * before the first screen.
 */
export function t(strings: TemplateStringsArray, ...values: Value[]): string {
  let message = said(strings[0]!);
  for (const [i, value] of values.entries()) message += textOf(value) + said(strings[i + 1]!);
  return message;
}

/**
 * The form of a message that goes with a count: plural(count, { one: "# bottle", other: "# bottles" }). The # stands
 * for the count, in digits.
 */
export function plural(count: number, forms: { one: string; other: string }): string {
  const form = english.select(count) === "one" ? forms.one : forms.other;
  return form.split("#").map(said).join(String(count));
}

const said = (words: string) => (inPseudo ? pseudo(words) : words);

function textOf(value: Value): string {
  return typeof value === "object" ? String(Object.values(value)[0]) : String(value);
}
