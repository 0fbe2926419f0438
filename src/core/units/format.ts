import { t } from "@/language/t";
import { inLanguage } from "./language";
import { fromCanonical, units, type UnitName, type UnitSystem } from "./units";

/** A number ready for a screen: the digits, and the unit that never leaves their side. */
export interface Shown {
  text: string;
  unit: string;
}

/**
 * A number to so many significant figures, without exponent and without false precision:
 * 1234 to 3 figures is "1230", 0.0456 to 2 is "0.046". Whole trailing zeros stay.
 */
export function significant(value: number, figures = 3): string {
  return inLanguage(digits(value, figures));
}

/** A number to so many decimals, as the language in use writes it. */
export function fixed(value: number | undefined, decimals: number): string {
  return value === undefined || !Number.isFinite(value) ? "–" : inLanguage(value.toFixed(decimals));
}

/** A bare number as it stands in a field: all its figures up to five, and no zeros behind them. */
export function plainNumber(value: number): string {
  return inLanguage(String(Number(value.toPrecision(5))));
}

function digits(value: number, figures: number): string {
  if (!Number.isFinite(value)) return "–";
  if (value === 0) return "0";
  const magnitude = Math.floor(Math.log10(Math.abs(value)));
  const decimals = Math.max(0, Math.min(6, figures - 1 - magnitude));
  const scale = 10 ** Math.max(0, magnitude - figures + 1);
  const rounded = Math.round(value / scale) * scale;
  return (scale > 1 ? rounded : value).toFixed(scale > 1 ? 0 : decimals);
}

/** The unit a person would say a plant mass (g) in. */
export function massUnit(massG: number, system: UnitSystem): UnitName {
  if (system === "metric") return Math.abs(massG) >= 1000 ? "kg" : "g";
  return Math.abs(massG) >= units.lb.factor ? "lb" : "oz";
}

/** A plant mass (g) in the unit a person would say it in, or in the one that stands beside it. */
export function showMass(massG: number, system: UnitSystem, unit = massUnit(massG, system)): Shown {
  return measuresIn[unit] ? inSteps(massG, unit) : show(massG, unit, 3);
}

/** The unit a person would say a volume of water or hydrosol (mL) in: jars in ounces, pots in quarts, barrels in gallons. */
export function volumeUnit(volumeMl: number, system: UnitSystem): UnitName {
  const most = Math.abs(volumeMl);
  if (system === "metric") return most >= 1000 ? "L" : "mL";
  if (most < units.quart.factor) return "floz";
  return most < 10 * units.quart.factor ? "quart" : "gal";
}

/** A volume of water or hydrosol (mL) in the unit a person would say it in, or in the one that stands beside it. */
export function showVolume(
  volumeMl: number,
  system: UnitSystem,
  unit = volumeUnit(volumeMl, system),
): Shown {
  if (measuresIn[unit]) return inSteps(volumeMl, unit);
  return show(volumeMl, unit, unit === "mL" && Math.abs(volumeMl) < 100 ? 2 : 3);
}

/** The most of a volume (mL) that may be taken: rounded down, so that what is said is never too much. */
export function showMostVolume(volumeMl: number, system: UnitSystem): Shown {
  const unit = volumeUnit(volumeMl, system);
  if (measuresIn[unit]) return inSteps(volumeMl, unit, Math.floor);
  const value = fromCanonical(volumeMl, unit);
  const step = 10 ** (Math.floor(Math.log10(Math.max(value, 1e-6))) - 2);
  return { text: significant(Math.floor(value / step + 1e-9) * step, 3), unit: units[unit].symbol };
}

/** A bottle's size (mL) as it is sold: small ones in mL everywhere, 118 mL as "4 fl oz" where ounces are at home. */
export function showBottle(sizeMl: number, system: UnitSystem): Shown {
  if (system === "metric" || sizeMl <= largestSoldInMl)
    return sizeMl >= 1000 ? showVolume(sizeMl, system) : { text: plainNumber(sizeMl), unit: "mL" };
  const ounces = fromCanonical(sizeMl, "floz");
  const whole = Math.round(ounces);
  return Math.abs(ounces / whole - 1) < tradeSlack && sizeMl < units.gal.factor
    ? { text: fixed(whole, 0), unit: units.floz.symbol }
    : showVolume(sizeMl, system);
}

/* Bottles up to this size are sold by the mL in either system. */
const largestSoldInMl = 30;
/* A bottle sold as 4 fl oz may be made as one of 120 mL. */
const tradeSlack = 0.02;

/** A volume of oil (mL): always in mL, since a yield in fluid ounces has no useful digits. */
export function showOil(volumeMl: number): Shown {
  return { text: volumeMl < 0.005 ? "0" : significant(volumeMl, 2), unit: "mL" };
}

/** A flow of distillate (mL/min) in the person's unit. */
export function showFlow(mlPerMin: number, system: UnitSystem): Shown {
  return system === "metric"
    ? { text: fixed(mlPerMin, mlPerMin < 10 ? 1 : 0), unit: units.mLPerMin.symbol }
    : show(mlPerMin, "flozPerMin", 2);
}

/** How many mL of oil from a kilogram come from the person's own measure of plant: a kilogram, a pound. */
export function ofPlant(mlPerKg: number, system: UnitSystem): number {
  return system === "metric" ? mlPerKg : (mlPerKg * units.lb.factor) / 1000;
}

/** What a yield is told in. */
export function yieldUnit(system: UnitSystem): "mL/kg" | "mL/lb" {
  return system === "metric" ? "mL/kg" : "mL/lb";
}

/** Oil of so much plant (mL/kg) in the person's unit. */
export function showYield(mlPerKg: number, system: UnitSystem): Shown {
  return { text: significant(ofPlant(mlPerKg, system), 3), unit: yieldUnit(system) };
}

/** A range of oil of so much plant (mL/kg), without its unit. */
export function yieldRange(low: number, high: number, system: UnitSystem): string {
  return showRange(ofPlant(low, system), ofPlant(high, system));
}

/** Salt in water (g/L) as it is weighed out: to the litre, or to the quart. */
export function showSalt(gPerL: number, system: UnitSystem): Shown {
  return system === "metric"
    ? { text: fixed(gPerL, 0), unit: "g" }
    : { text: fixed((gPerL * units.quart.factor) / 1000 / units.oz.factor, 1), unit: "oz" };
}

/** A density (g/mL) by its unit, or as so many times water's. */
export function showDensity(gPerMl: number, system: UnitSystem): Shown {
  return { text: fixed(gPerMl, 3), unit: system === "metric" ? "g/mL" : t`× water` };
}

/** What is dissolved in water (g/L), or as its share of the water. */
export function showDissolved(gPerL: number, system: UnitSystem): Shown {
  return system === "metric"
    ? { text: significant(gPerL, 2), unit: "g/L" }
    : { text: significant(gPerL / 10, 2), unit: "%" };
}

/** A temperature that is a rule of thumb and no reading: "75 °C", "167 °F". */
export function roundTemperature(celsius: number, system: UnitSystem): string {
  const unit: UnitName = system === "metric" ? "C" : "F";
  return words({ text: fixed(fromCanonical(celsius, unit), 0), unit: units[unit].symbol });
}

/** Ice (kg) in the person's unit, to a tenth. */
export function showIce(iceKg: number, system: UnitSystem): Shown {
  const unit = system === "metric" ? "kg" : "lb";
  return { text: fixed(fromCanonical(iceKg * 1000, unit), 1), unit };
}

/** Heat given to the room (W/K) for each of the person's degrees. */
export function showLoss(wPerK: number, system: UnitSystem): Shown {
  return system === "metric"
    ? { text: fixed(wPerK, 1), unit: t`W/°C` }
    : { text: fixed(wPerK / 1.8, 1), unit: t`W/°F` };
}

/** A height above the sea (m), to ten feet where it is in feet. */
export function showAltitude(metres: number, system: UnitSystem): Shown {
  return system === "metric"
    ? { text: fixed(metres, 0), unit: "m" }
    : { text: fixed(10 * Math.round(fromCanonical(metres * 1000, "ft") / 10), 0), unit: "ft" };
}

/** A temperature (°C) to a tenth, or to a whole degree Fahrenheit. */
export function showTemperature(temperatureC: number, system: UnitSystem): Shown {
  const unit: UnitName = system === "metric" ? "C" : "F";
  const decimals = system === "metric" ? 1 : 0;
  return { text: fixed(fromCanonical(temperatureC, unit), decimals), unit: units[unit].symbol };
}

/** A length inside a still (mm) in the person's unit: mm, or inches and their fractions as a ruler has them. */
export function showLength(lengthMm: number, system: UnitSystem): Shown {
  return system === "metric"
    ? { text: lengthMm >= 10 ? fixed(lengthMm, 0) : significant(lengthMm, 2), unit: "mm" }
    : { text: onRuler(fromCanonical(lengthMm, "in")), unit: "in" };
}

/** Inches to a sixteenth below one, to an eighth below twelve, to a quarter below forty: "7 7/8". */
function onRuler(inches: number): string {
  if (!Number.isFinite(inches) || Math.abs(inches) >= 40) return fixed(inches, 0);
  /* Less than half of a ruler's finest mark is no figure that anybody could read off. */
  if (Math.abs(inches) < 1 / 32) return inches === 0 ? "0" : t`under 1/32`;
  const parts = Math.abs(inches) < 1 ? 16 : Math.abs(inches) < 12 ? 8 : 4;
  const sixteenths = Math.round(Math.abs(inches) * parts) * (16 / parts);
  const whole = Math.floor(sixteenths / 16);
  const rest = sixteenths % 16;
  const shared = [8, 4, 2, 1].find((divisor) => rest % divisor === 0) ?? 1;
  const fraction = rest === 0 ? "" : `${rest / shared}/${16 / shared}`;
  const said = [whole === 0 && rest > 0 ? "" : String(whole), fraction].filter(Boolean).join(" ");
  return inches < 0 ? `−${said}` : said;
}

/** Minutes as a clock reads them: 47 → "0:47", 116.4 → "1:56". Negative and unknown times have none. */
export function showClock(minutes: number): string {
  if (!Number.isFinite(minutes) || minutes < 0) return "–";
  const whole = Math.round(minutes);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}

/** Minutes in words: "6 min", "1 h 20 min", "3 days". */
export function showDuration(minutes: number): string {
  if (!Number.isFinite(minutes)) return "–";
  const whole = Math.max(0, Math.round(minutes));
  if (whole < 60) return `${whole} min`;
  if (whole < 48 * 60)
    return whole % 60 === 0 ? `${whole / 60} h` : `${Math.floor(whole / 60)} h ${whole % 60} min`;
  return t`${Math.round(whole / 1440)} days`;
}

/* A low end that is less than this share of the high one is as good as nothing. */
const nothingShare = 0.02;

/**
 * A range in one unit: "2.1–4.6". The low end has no finer decimals than the high one; one figure where
 * both read the same.
 */
export function showRange(low: number, high: number, figures = 2): string {
  const [from, to] = [Math.max(0, low), Math.max(0, high)];
  const highest = digits(to, figures);
  const decimals = highest.split(".")[1]?.length ?? 0;
  const rounded = to > 100 ? digits(from, figures) : from.toFixed(decimals);
  const lowest = Number(rounded) > 0 ? rounded : from > to * nothingShare ? digits(from, 1) : "0";
  return inLanguage(Number(lowest) === Number(highest) ? highest : `${lowest}–${highest}`);
}

/** A range of two amounts that may stand in different units: "0.95–1.2 L", "950 mL–1.2 L". */
export function showBetween(low: Shown, high: Shown): string {
  if (low.unit !== high.unit) return `${words(low)}–${words(high)}`;
  return low.text === high.text ? words(high) : `${low.text}–${words(high)}`;
}

/** A count with its noun: "1 run", "3 runs". */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}

/* What one can measure by hand in a unit: from so much on, steps of so much. The first that fits counts. */
const measuresIn: Partial<Record<UnitName, readonly { from: number; step: number }[]>> = {
  oz: [{ from: 0.1, step: 0.1 }],
  lb: [
    { from: 100, step: 1 },
    { from: 1, step: 0.1 },
  ],
  floz: [
    { from: 8, step: 1 },
    { from: 0.1, step: 0.1 },
  ],
  quart: [
    { from: 4, step: 0.1 },
    { from: 0.1, step: 0.05 },
  ],
  gal: [
    { from: 100, step: 1 },
    { from: 5, step: 0.1 },
    { from: 1, step: 0.05 },
    { from: 0.1, step: 0.01 },
  ],
};

/** A canonical value in the steps that its unit is measured in; of less than the finest step two decimals. */
function inSteps(canonical: number, unit: UnitName, round = Math.round): Shown {
  const value = fromCanonical(canonical, unit);
  const step = measuresIn[unit]?.find(({ from }) => Math.abs(value) >= from - 1e-9)?.step;
  const decimals = step === undefined ? 2 : (String(step).split(".")[1]?.length ?? 0);
  const text =
    value === 0
      ? "0"
      : fixed(
          step === undefined
            ? value
            : round(value / step + (round === Math.floor ? 1e-9 : 0)) * step,
          decimals,
        );
  /* In steps of five hundredths the last nought says nothing: 1.4 qt beside 2.75 qt. */
  return { text: step === 0.05 ? text.replace(/0$/, "") : text, unit: units[unit].symbol };
}

/** A canonical value in a given unit. */
function show(canonical: number, unit: UnitName, figures = 3): Shown {
  return { text: significant(fromCanonical(canonical, unit), figures), unit: units[unit].symbol };
}

/** Number and unit in one string, for sentences. */
export function words({ text, unit }: Shown): string {
  if (text === "1" && unit === units.drop.symbol) return t`1 drop`;
  return unit ? `${text} ${unit}` : text;
}
