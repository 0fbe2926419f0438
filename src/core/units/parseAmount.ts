import { parseNumber, type ParsedNumber } from "./parseNumber";
import { toCanonical, units, type Quantity, type UnitName } from "./units";

/* What people write behind a number, beside the units' own symbols. */
const alsoCalled: Record<string, UnitName> = {
  gram: "g",
  grams: "g",
  kilo: "kg",
  kilos: "kg",
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
  mins: "min",
  minutes: "min",
  hour: "h",
  hours: "h",
  hrs: "h",
  watt: "W",
  watts: "W",
};

const quantityWords: Record<Quantity, string> = {
  mass: "a weight",
  volume: "a volume",
  temperature: "a temperature",
  length: "a length",
  time: "a time",
  power: "a power",
  count: "a bare number",
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

/**
 * Reads a number that may have its own unit behind it, as "1.2kg" or "½ cup" is typed.
 * @returns the value in canonical units, and the unit that was meant; or what is wrong, in words
 */
export function parseAmount(
  text: string,
  unit: UnitName,
): { ok: true; value: number; unit: UnitName } | Extract<ParsedNumber, { ok: false }> {
  const found = withUnit.exec(text.trim());
  const said = found ? unitCalled(found[2]!.replace(/\.$/, "").trim()) : undefined;
  const parsed = parseNumber(said ? found![1]! : text);
  if (!parsed.ok) return parsed;
  const meant = said ?? unit;
  if (units[meant].quantity !== units[unit].quantity)
    return {
      ok: false,
      problem: `${text.trim().slice(0, 20)} is ${quantityWords[units[meant].quantity]}; this takes ${quantityWords[units[unit].quantity]}${units[unit].symbol ? ` in ${units[unit].symbol}` : ""}.`,
    };
  return { ok: true, value: toCanonical(parsed.value, meant), unit: meant };
}
