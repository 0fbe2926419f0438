import { t } from "@/language/t";
import { parseNumber, type ParsedNumber } from "./parseNumber";
import { spelledOut } from "./spelledOut";
import { toCanonical, units, type Quantity, type UnitName } from "./units";

/* What people write behind a number, beside the units' own symbols. */
const alsoCalled: Record<string, UnitName> = {
  gram: "g",
  grams: "g",
  gs: "g",
  gm: "g",
  gms: "g",
  kgs: "kg",
  kilo: "kg",
  kilos: "kg",
  kilogram: "kg",
  kilograms: "kg",
  ozs: "oz",
  ounce: "oz",
  ounces: "oz",
  lbs: "lb",
  pound: "lb",
  pounds: "lb",
  ml: "mL",
  cc: "mL",
  l: "L",
  litre: "L",
  litres: "L",
  liter: "L",
  liters: "L",
  "fl oz": "floz",
  millilitre: "mL",
  millilitres: "mL",
  milliliters: "mL",
  "fl. oz": "floz",
  "fluid ounces": "floz",
  teaspoon: "tsp",
  teaspoons: "tsp",
  tablespoon: "tbsp",
  tablespoons: "tbsp",
  cup: "cup",
  cups: "cup",
  pint: "pint",
  pints: "pint",
  quart: "quart",
  quarts: "quart",
  qt: "quart",
  qts: "quart",
  gal: "gal",
  gallon: "gal",
  gallons: "gal",
  drop: "drop",
  drops: "drop",
  "°c": "C",
  "°f": "F",
  c: "C",
  f: "F",
  '"': "in",
  inch: "in",
  inches: "in",
  "'": "ft",
  feet: "ft",
  acre: "acre",
  acres: "acre",
  hectare: "ha",
  hectares: "ha",
  mins: "min",
  minutes: "min",
  hour: "h",
  hours: "h",
  hrs: "h",
  "horse power": "hp",
  horsepower: "hp",
  kilowatt: "kW",
  kilowatts: "kW",
  watt: "W",
  watts: "W",
};

const quantityWords: Record<Quantity, string> = {
  mass: t`a weight`,
  volume: t`a volume`,
  temperature: t`a temperature`,
  length: t`a length`,
  area: t`an area`,
  time: t`a time`,
  power: t`a power`,
  count: t`a bare number`,
  flow: t`a flow`,
  perPlant: t`an amount for so much plant`,
  yield: t`oil from so much plant`,
  packing: t`plant in so much room`,
  rise: t`a difference of temperature`,
};

function unitCalled(word: string): UnitName | undefined {
  const bare = word.toLowerCase();
  if (Object.hasOwn(alsoCalled, bare)) return alsoCalled[bare];
  const exact = Object.keys(units).find((name) => units[name as UnitName].symbol === word);
  const loose = Object.keys(units).find(
    (name) => units[name as UnitName].symbol.toLowerCase() === bare && bare !== "",
  );
  return (exact ?? loose) as UnitName | undefined;
}

const withUnit = /^(.*?[\d½¼¾⅓⅔⅛.,])\s*([a-zµ°"'][a-z° ]*\.?)$/i;
/* "2 lb 3 oz": a number and its unit, more than once. */
const several = /^(?:[\d½¼¾⅓⅔⅛.,/]+\s*[a-z°"']+\.?\s*(?:and\s+)?){2,}$/i;
const oneOfSeveral = /([\d½¼¾⅓⅔⅛.,/]+)\s*([a-z°"']+)\.?/gi;
/* Nobody weighs a thousandth of these: a mark before three digits may stand between thousands. */
const small: readonly UnitName[] = ["g", "mL", "mm", "W", "min", "drop"];

/** Whether nobody measures a thousandth of a unit. */
export const isSmallUnit = (unit: UnitName): boolean => small.includes(unit);

export type ParsedAmount =
  | { ok: true; value: number; unit: UnitName }
  | Extract<ParsedNumber, { ok: false }>;

/**
 * Reads a number that may have its own unit behind it, as "1.2kg", "½ cup", "2 lb 3 oz" or "half a kilo" is
 * typed.
 * @returns the value in canonical units, and the unit that was meant; or what is wrong, in words
 */
export function parseAmount(text: string, unit: UnitName): ParsedAmount {
  const typed = spelledOut(text);
  const summed = several.test(typed) ? sumOf(typed) : undefined;
  if (summed) return ofQuantity(summed, text, unit);
  const found = withUnit.exec(typed);
  const said = found ? unitCalled(found[2]!.replace(/\.$/, "").trim()) : undefined;
  const number = said ? found![1]! : typed;
  const meant = said ?? unit;
  const parsed = parseNumber(number, isSmallUnit(meant));
  if (!parsed.ok) return parsed;
  return ofQuantity({ value: toCanonical(parsed.value, meant), unit: meant }, text, unit);
}

/** What is counted in a word that is no unit: "12 lemons" is 12 and "lemons". */
export function parseCounted(text: string): { count: number; what: string } | undefined {
  const found = /^([\d½¼¾⅓⅔⅛.,/ ]+?)\s*(\p{L}[\p{L} '’-]*)$/u.exec(spelledOut(text));
  if (!found || unitCalled(found[2]!.trim())) return undefined;
  const count = parseNumber(found[1]!);
  return count.ok && count.value > 0 ? { count: count.value, what: found[2]!.trim() } : undefined;
}

function ofQuantity(
  { value, unit: meant }: { value: number; unit: UnitName },
  text: string,
  unit: UnitName,
): ParsedAmount {
  if (units[meant].quantity === units[unit].quantity) return { ok: true, value, unit: meant };
  const typed = text.trim().slice(0, 20);
  const [is, takes] = [meant, unit].map((each) => quantityWords[units[each].quantity]);
  return {
    ok: false,
    problem: units[unit].symbol
      ? t`${typed} is ${is!}; this takes ${takes!} in ${units[unit].symbol}.`
      : t`${typed} is ${is!}; this takes ${takes!}.`,
  };
}

/** Several numbers of one quantity, added up; undefined where one of them is none, or the units differ in kind. */
function sumOf(text: string): { value: number; unit: UnitName } | undefined {
  let sum = 0;
  let first: UnitName | undefined;
  for (const [, number, word] of text.matchAll(oneOfSeveral)) {
    const unit = unitCalled(word!);
    const parsed = parseNumber(number!, unit && isSmallUnit(unit));
    if (!unit || !parsed.ok || (first && units[first].quantity !== units[unit].quantity))
      return undefined;
    first ??= unit;
    sum += toCanonical(parsed.value, unit);
  }
  return first && { value: sum, unit: first };
}
