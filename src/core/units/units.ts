import { t } from "@/language/t";

/** What a number can measure. */
export type Quantity =
  | "mass"
  | "volume"
  | "temperature"
  | "length"
  | "area"
  | "time"
  | "power"
  | "flow"
  | "perPlant"
  | "yield"
  | "packing"
  | "rise"
  | "count";

/** Which family of units a person thinks in. */
export type UnitSystem = "metric" | "us";

/** One unit: `canonical = value × factor + offset`. */
interface Unit {
  quantity: Quantity;
  /** What stands beside the number. */
  symbol: string;
  factor: number;
  offset?: number;
}

/**
 * Every unit a number can be typed or shown in. The canonical units are g, mL, °C, mm, m², min, W, mL/min
 * and L/kg.
 * US volumes and avoirdupois masses by their exact definitions (NIST Handbook 44, appendix C).
 */
export const units = {
  g: { quantity: "mass", symbol: "g", factor: 1 },
  kg: { quantity: "mass", symbol: "kg", factor: 1000 },
  oz: { quantity: "mass", symbol: "oz", factor: 28.349523125 },
  lb: { quantity: "mass", symbol: "lb", factor: 453.59237 },
  mL: { quantity: "volume", symbol: "mL", factor: 1 },
  L: { quantity: "volume", symbol: "L", factor: 1000 },
  floz: { quantity: "volume", symbol: "fl oz", factor: 29.5735295625 },
  tsp: { quantity: "volume", symbol: "tsp", factor: 4.92892159375 },
  tbsp: { quantity: "volume", symbol: "tbsp", factor: 14.78676478125 },
  cup: { quantity: "volume", symbol: t`cups`, factor: 236.5882365 },
  pint: { quantity: "volume", symbol: t`pints`, factor: 473.176473 },
  quart: { quantity: "volume", symbol: "qt", factor: 946.352946 },
  gal: { quantity: "volume", symbol: t`gal`, factor: 3785.411784 },
  drop: { quantity: "volume", symbol: t`drops`, factor: 1 / 20 },
  C: { quantity: "temperature", symbol: "°C", factor: 1 },
  F: { quantity: "temperature", symbol: "°F", factor: 5 / 9, offset: -160 / 9 },
  mm: { quantity: "length", symbol: "mm", factor: 1 },
  cm: { quantity: "length", symbol: "cm", factor: 10 },
  m: { quantity: "length", symbol: "m", factor: 1000 },
  in: { quantity: "length", symbol: "in", factor: 25.4 },
  ft: { quantity: "length", symbol: "ft", factor: 304.8 },
  /** Ground that plants grow on; canonical m². */
  m2: { quantity: "area", symbol: "m²", factor: 1 },
  ha: { quantity: "area", symbol: "ha", factor: 10_000 },
  sqft: { quantity: "area", symbol: "sq ft", factor: 0.09290304 },
  acre: { quantity: "area", symbol: t`acres`, factor: 4046.8564224 },
  min: { quantity: "time", symbol: "min", factor: 1 },
  h: { quantity: "time", symbol: "h", factor: 60 },
  W: { quantity: "power", symbol: "W", factor: 1 },
  kW: { quantity: "power", symbol: "kW", factor: 1000 },
  /** Boiler horsepower: 34.5 lb of water at 212 °F made into steam in an hour (ASME). */
  hp: { quantity: "power", symbol: "hp", factor: 9809.5 },
  /** Steam from a boiler, by the litres of boiling water that it turns to steam in an hour (2256.4 J/g, IAPWS). */
  steamLPerH: { quantity: "power", symbol: t`L steam/h`, factor: 626.8 },
  mLPerMin: { quantity: "flow", symbol: "mL/min", factor: 1 },
  flozPerMin: { quantity: "flow", symbol: "fl oz/min", factor: 29.5735295625 },
  /** Hydrosol for so much plant. */
  LPerKg: { quantity: "perPlant", symbol: "L/kg", factor: 1 },
  cupPerLb: { quantity: "perPlant", symbol: t`cups/lb`, factor: 236.5882365 / 453.59237 },
  mLPerKg: { quantity: "yield", symbol: "mL/kg", factor: 1 },
  mLPerLb: { quantity: "yield", symbol: "mL/lb", factor: 1000 / 453.59237 },
  gPerL: { quantity: "packing", symbol: "g/L", factor: 1 },
  ozPerQuart: { quantity: "packing", symbol: "oz/qt", factor: 28.349523125 / 0.946352946 },
  /** A difference of temperature, K. */
  riseC: { quantity: "rise", symbol: "°C", factor: 1 },
  riseF: { quantity: "rise", symbol: "°F", factor: 5 / 9 },
  /** A bare number: a count, a ratio, a pH. */
  one: { quantity: "count", symbol: "", factor: 1 },
} as const satisfies Record<string, Unit>;

export type UnitName = keyof typeof units;

/** A value in `unit` as its canonical unit (g, mL, °C, mm, min, W). */
export function toCanonical(value: number, unit: UnitName): number {
  const { factor, offset = 0 }: Unit = units[unit];
  return value * factor + offset;
}

/** A canonical value (g, mL, °C, mm, min, W) in `unit`. */
export function fromCanonical(canonical: number, unit: UnitName): number {
  const { factor, offset = 0 }: Unit = units[unit];
  return (canonical - offset) / factor;
}

/** The units offered for a kind of number, small before large, the person's own system first. */
export function unitsFor(kind: NumberKind, system: UnitSystem): UnitName[] {
  const both = choices[kind];
  const ordered = system === "metric" ? [...both.metric, ...both.us] : [...both.us, ...both.metric];
  return [...new Set(ordered)];
}

/** The units of one system alone for a kind of number; none where it has no own. */
export function ownUnits(kind: NumberKind, system: UnitSystem): UnitName[] {
  return choices[kind][system];
}

/** Kinds of number that differ in the units people use for them, not in what they measure. */
export type NumberKind =
  | "plantMass"
  | "volume"
  | "oilVolume"
  | "temperature"
  | "length"
  | "tubeLength"
  | "rowLength"
  | "ground"
  | "altitude"
  | "minutes"
  | "power"
  | "flow"
  | "perPlant"
  | "iceMass"
  | "plantYield"
  | "packing"
  | "rise";

const choices: Record<NumberKind, Record<UnitSystem, UnitName[]>> = {
  plantMass: { metric: ["g", "kg"], us: ["oz", "lb"] },
  volume: { metric: ["mL", "L"], us: ["floz", "cup", "quart", "gal"] },
  /* Droppers and small bottles are sold by the millilitre everywhere. */
  oilVolume: { metric: ["mL", "drop", "floz"], us: ["mL", "drop", "floz"] },
  temperature: { metric: ["C"], us: ["F"] },
  length: { metric: ["mm", "cm"], us: ["in"] },
  tubeLength: { metric: ["m", "cm"], us: ["ft", "in"] },
  rowLength: { metric: ["m"], us: ["ft"] },
  ground: { metric: ["m2", "ha"], us: ["sqft", "acre"] },
  altitude: { metric: ["m"], us: ["ft"] },
  minutes: { metric: ["min", "h"], us: [] },
  power: { metric: ["W", "kW"], us: [] },
  flow: { metric: ["mLPerMin"], us: ["flozPerMin"] },
  perPlant: { metric: ["LPerKg"], us: ["cupPerLb"] },
  iceMass: { metric: ["kg"], us: ["lb"] },
  plantYield: { metric: ["mLPerKg"], us: ["mLPerLb"] },
  packing: { metric: ["gPerL"], us: ["ozPerQuart"] },
  rise: { metric: ["riseC"], us: ["riseF"] },
};
