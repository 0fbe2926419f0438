import { massInState } from "./massInState";
import type { StateFigures } from "./plant";

/** What lies and dries, weighed. */
export interface Weighing {
  /** Hours since it was cut. */
  hours: number;
  massG: number;
}

/**
 * Water share of a plant as it lies, from what it weighed when it was cut: its dry matter stays.
 * @param first mass when it was cut, g, above 0, and its water share then, 0 to below 1
 * @param nowG what it weighs now, g, above 0
 * @returns 0 to below 1; 0 where it weighs no more than its dry matter
 */
export function moistureOf(first: { massG: number; moisture: number }, nowG: number): number {
  const dryG = first.massG * (1 - first.moisture);
  return Math.max(0, 1 - dryG / nowG);
}

/** A state's figures at another water share: the same oil in the same dry matter. */
export function figuresAt(figures: StateFigures, moisture: number): StateFigures {
  /* A kilogram at the other moisture is so many kilograms as the book has it. */
  const perKg = massInState(1, { moisture }, figures);
  return {
    ...figures,
    moisture,
    oilMlPerKg: {
      low: figures.oilMlPerKg.low * perKg,
      high: figures.oilMlPerKg.high * perKg,
    },
  };
}

/** Something to mind about what lies. */
export type WiltingSign = "heavier" | "tooDry" | "longInHeap";

/* A leaf drier than this falls to crumbs, and a fresh heap warms within a day. */
const crumbling = 0.12;
const heapHours = 24;
const wiltsTo = 0.6;
/* A scale and a shaken sack. */
const scaleShare = 1.01;

/** What the last weighing says that should be asked or warned of. */
export function wiltingSigns(
  weighings: readonly Weighing[],
  moisture: number,
  state: "fresh" | "wilted" | "dried",
): WiltingSign[] {
  const [before, last] = weighings.slice(-2);
  const signs: WiltingSign[] = [];
  if (before && last && last.massG > before.massG * scaleShare) signs.push("heavier");
  if (moisture < crumbling && state !== "dried") signs.push("tooDry");
  const lain = weighings.at(-1);
  if (lain && lain.hours > heapHours && moisture > wiltsTo) signs.push("longInHeap");
  return signs;
}

/* What air leaves in a dried herb, as g of water to the g of dry matter; and the hours of a night in the shade. */
const airDry = 0.11;
const nightHours = 12;

/** Water to the dry matter, g/g, above what air leaves in it. */
function waterToLose(moisture: number): number {
  return Math.max(1e-6, moisture / (1 - moisture) - airDry);
}

/**
 * How fast what lies gives up its water: the share of what it can still lose that goes in an hour. From its
 * last two weighings; where there are none, as fast as the plant usually wilts in a night.
 * @param curve water shares over hours, the cut first
 * @param wilted water share at which such a plant is called wilted
 * @returns 0 or more
 */
export function dryingRate(
  curve: readonly { hours: number; moisture: number }[],
  wilted: number | undefined,
): number {
  const [before, last] = curve.slice(-2);
  const first = curve[0];
  if (before && last && last.hours > before.hours)
    return Math.max(
      0,
      Math.log(waterToLose(before.moisture) / waterToLose(last.moisture)) /
        (last.hours - before.hours),
    );
  if (!first || wilted === undefined || wilted >= first.moisture) return 0;
  return Math.log(waterToLose(first.moisture) / waterToLose(wilted)) / nightHours;
}

/** Water share after so many hours at such a rate. */
export function moistureAfter(moisture: number, rate: number, hours: number): number {
  const perDry = airDry + (moisture / (1 - moisture) - airDry) * Math.exp(-rate * hours);
  return perDry / (1 + perDry);
}

/** Hours until it holds no more than such a share; 0 where it does, null where it never will. */
export function hoursUntil(moisture: number, rate: number, aim: number): number | null {
  if (moisture <= aim) return 0;
  if (rate <= 0 || aim / (1 - aim) <= airDry) return null;
  return Math.log(waterToLose(moisture) / waterToLose(aim)) / rate;
}
