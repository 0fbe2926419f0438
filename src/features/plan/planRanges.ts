import { showBetween, showDuration, showRange, showVolume } from "@/core/units/format";
import type { Percentiles } from "@/core/statistics/chance";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";

/** Eight runs in ten take so long. */
export function durationRange({ p10, p90 }: Percentiles): string {
  const [from, to] = [showDuration(p10), showDuration(p90)];
  if (from === to) return from;
  return p90 < 60 ? `${Math.round(p10)}–${to}` : `${from}–${to}`;
}

/** Eight runs in ten give so much oil; `times` charges of it. */
export function oilRange({ p10, p90 }: Percentiles, times: number): string {
  return p90 * times < 0.005 ? t`none` : t`${showRange(p10 * times, p90 * times)} mL`;
}

/** Eight runs in ten give so much hydrosol; undefined where the stop rule sets it. */
export function volumeRange({ p10, p90 }: Percentiles, units: UnitSystem): string | undefined {
  const [low, high] = [showVolume(p10, units), showVolume(p90, units)];
  return low.text === high.text && low.unit === high.unit ? undefined : showBetween(low, high);
}
