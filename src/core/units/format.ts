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
  if (!Number.isFinite(value)) return "–";
  if (value === 0) return "0";
  const magnitude = Math.floor(Math.log10(Math.abs(value)));
  const decimals = Math.max(0, Math.min(6, figures - 1 - magnitude));
  const scale = 10 ** Math.max(0, magnitude - figures + 1);
  const rounded = Math.round(value / scale) * scale;
  return (scale > 1 ? rounded : value).toFixed(scale > 1 ? 0 : decimals);
}

/** A plant mass (g) in the unit a person would say it in. */
export function showMass(massG: number, system: UnitSystem): Shown {
  const unit: UnitName =
    system === "metric"
      ? Math.abs(massG) >= 1000
        ? "kg"
        : "g"
      : Math.abs(massG) >= 453.59237
        ? "lb"
        : "oz";
  return show(massG, unit, 3);
}

/** A volume of water or hydrosol (mL) in the unit a person would say it in. */
export function showVolume(volumeMl: number, system: UnitSystem): Shown {
  const unit: UnitName =
    system === "metric"
      ? Math.abs(volumeMl) >= 1000
        ? "L"
        : "mL"
      : Math.abs(volumeMl) >= 3785.4
        ? "gal"
        : "floz";
  return show(
    volumeMl,
    unit,
    unit === "mL" && Math.abs(volumeMl) >= 100 ? 3 : 2 + Number(unit !== "mL"),
  );
}

/** A volume of oil (mL): always in mL, since a yield in fluid ounces has no useful digits. */
export function showOil(volumeMl: number): Shown {
  return { text: volumeMl < 0.005 ? "0" : significant(volumeMl, 2), unit: "mL" };
}

/** A temperature (°C) to a tenth, in the person's degrees. */
export function showTemperature(temperatureC: number, system: UnitSystem): Shown {
  const unit: UnitName = system === "metric" ? "C" : "F";
  return { text: fromCanonical(temperatureC, unit).toFixed(1), unit: units[unit].symbol };
}

/** A length inside a still (mm) in the person's unit. */
export function showLength(lengthMm: number, system: UnitSystem): Shown {
  return system === "metric"
    ? { text: lengthMm >= 10 ? lengthMm.toFixed(0) : significant(lengthMm, 2), unit: "mm" }
    : { text: fromCanonical(lengthMm, "in").toFixed(lengthMm >= 25 ? 1 : 2), unit: "in" };
}

/** Minutes as a clock reads them: 47 → "0:47", 116.4 → "1:56". Negative and unknown times have none. */
export function showClock(minutes: number): string {
  if (!Number.isFinite(minutes) || minutes < 0) return "–";
  const whole = Math.round(minutes);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}

/** Minutes in words, for a cue: "6 min", "1 h 20", "3 days". */
export function showDuration(minutes: number): string {
  if (!Number.isFinite(minutes)) return "–";
  const whole = Math.max(0, Math.round(minutes));
  if (whole < 60) return `${whole} min`;
  if (whole < 48 * 60)
    return whole % 60 === 0
      ? `${whole / 60} h`
      : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, "0")}`;
  return `${Math.round(whole / 1440)} days`;
}

/** A range in one unit: "2.1–4.6". One figure when both ends read the same. */
export function showRange(low: number, high: number, figures = 2): string {
  const [from, to] = [
    significant(Math.max(0, low), figures),
    significant(Math.max(0, high), figures),
  ];
  return from === to ? from : `${from}–${to}`;
}

/** A canonical value in a given unit. */
function show(canonical: number, unit: UnitName, figures = 3): Shown {
  return { text: significant(fromCanonical(canonical, unit), figures), unit: units[unit].symbol };
}

/** Number and unit in one string, for sentences. */
export function words({ text, unit }: Shown): string {
  return unit ? `${text} ${unit}` : text;
}
