import { noonOf } from "@/core/units/dates";
import type { PlantState } from "@/core/plant/plant";
import { type WiltingSign, moistureOf, wiltingSigns } from "@/core/plant/wilting";
import type { Harvest } from "@/records/harvest";
import type { PlantBook } from "../plant/plantBook";
import { happenedTo, type Charged } from "./happenedTo";

const hourMs = 3600000;

/** A harvest as it lies now. */
export interface HarvestNow {
  /** Water share when it was cut, and now. */
  firstMoisture: number;
  moisture: number;
  state: PlantState;
  /** What lies here, g: charges and what was taken away are gone. */
  massG: number;
  /** Dry matter: of the whole when it was cut, and of what lies here, g. */
  dry: { firstG: number; leftG: number };
  /** More was charged and taken away than there was, g. */
  overG: number;
  /** Every weighing with its water share, the cut first; what had gone into stills by then is not water lost. */
  curve: { at?: string; hours: number; massG: number; moisture: number }[];
  signs: WiltingSign[];
}

/* Of what nobody has figures: a middling herb. */
const usualMoisture = 0.75;
/* A plant has wilted once it has lost a tenth of its water share; below a quarter it is dry. */
const wiltedBelow = 0.9;
const driedBelow = 0.25;

/**
 * What a harvest's weighings say of its water, which state that makes it, and what is left. Dry matter is
 * neither made nor lost: what went into a still or was taken away took its own along.
 */
export function harvestNow(
  harvest: Harvest,
  runs: readonly Charged[],
  book: PlantBook,
): HarvestNow {
  const { massG, weighings = [] } = harvest;
  const firstMoisture =
    harvest.moisture ??
    book.byId(harvest.plantId)?.states[harvest.state]?.moisture ??
    usualMoisture;
  const events = happenedTo(harvest, runs);
  const cutAt = Math.min(
    Date.parse(harvest.createdAt),
    ...weighings.map(({ at }) => Date.parse(at)),
    noonOf(harvest.cutOn).getTime() + 12 * hourMs,
  );
  const firstDryG = massG * (1 - firstMoisture);
  const now = { wetG: massG, dryG: firstDryG, moisture: firstMoisture };
  let overG = 0;
  const curve: HarvestNow["curve"] = [{ hours: 0, massG, moisture: firstMoisture }];
  for (const event of events) {
    if ("weighedG" in event) {
      now.wetG = event.weighedG;
      overG = 0;
      if (now.dryG > 0) now.moisture = moistureOf({ massG: now.dryG, moisture: 0 }, event.weighedG);
      now.dryG = Math.min(now.dryG, now.wetG);
      const hours = Math.max(0, (Date.parse(event.at) - cutAt) / hourMs);
      curve.push({ at: event.at, hours, massG: now.wetG, moisture: now.moisture });
    } else {
      const goneDryG = event.goneG * (1 - (event.moisture ?? now.moisture));
      overG += Math.max(0, event.goneG - now.wetG);
      now.wetG = Math.max(0, now.wetG - event.goneG);
      now.dryG = Math.max(0, now.dryG - goneDryG);
    }
  }
  const { moisture } = now;
  const state: PlantState =
    weighings.length === 0
      ? harvest.state
      : moisture < driedBelow
        ? "dried"
        : moisture < firstMoisture * wiltedBelow && harvest.state === "fresh"
          ? "wilted"
          : harvest.state;
  return {
    firstMoisture,
    moisture,
    state,
    massG: now.wetG,
    dry: { firstG: firstDryG, leftG: now.dryG },
    overG,
    curve,
    signs: wiltingSigns(curve, moisture, state),
  };
}

/** A water share as the plan's field has it, per cent. */
export function percentText(moisture: number): string {
  return String(Number((moisture * 100).toPrecision(3)));
}
