import { moistureOf, noonOf, wiltingSigns, type PlantState, type WiltingSign } from "@/core";
import type { Harvest } from "@/records/harvest";
import type { PlantBook } from "../plant/plantBook";

const hourMs = 3600000;

/** A harvest as it lies now. */
export interface HarvestNow {
  /** Water share when it was cut, and now. */
  firstMoisture: number;
  moisture: number;
  state: PlantState;
  /** Every weighing with its water share, the cut first. */
  curve: { hours: number; massG: number; moisture: number }[];
  signs: WiltingSign[];
}

/* Of what nobody has figures: a middling herb. */
const usualMoisture = 0.75;
/* A plant has wilted once it has lost a tenth of its water share; below a quarter it is dry. */
const wiltedBelow = 0.9;
const driedBelow = 0.25;

/** What a harvest's weighings say of its water, and which state that makes it. */
export function harvestNow(harvest: Harvest, book: PlantBook): HarvestNow {
  const { massG, weighings = [] } = harvest;
  const firstMoisture =
    harvest.moisture ??
    book.byId(harvest.plantId)?.states[harvest.state]?.moisture ??
    usualMoisture;
  const cutAt = Math.min(
    Date.parse(harvest.createdAt),
    ...weighings.map(({ at }) => Date.parse(at)),
    noonOf(harvest.cutOn).getTime() + 12 * hourMs,
  );
  const first = { massG, moisture: firstMoisture };
  const curve = [
    { hours: 0, massG, moisture: firstMoisture },
    ...[...weighings]
      .sort((a, b) => a.at.localeCompare(b.at))
      .map(({ at, massG: nowG }) => ({
        hours: Math.max(0, (Date.parse(at) - cutAt) / hourMs),
        massG: nowG,
        moisture: moistureOf(first, nowG),
      })),
  ];
  const moisture = curve.at(-1)!.moisture;
  const state: PlantState =
    weighings.length === 0
      ? harvest.state
      : moisture < driedBelow
        ? "dried"
        : moisture < firstMoisture * wiltedBelow && harvest.state === "fresh"
          ? "wilted"
          : harvest.state;
  return { firstMoisture, moisture, state, curve, signs: wiltingSigns(curve, moisture, state) };
}

/** A water share as the plan's field has it, per cent. */
export function percentText(moisture: number): string {
  return String(Number((moisture * 100).toPrecision(3)));
}
