import { forecastRun } from "@/core/forecast/forecastRun";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { planCharges } from "@/core/plan/planCharges";
import { plantById } from "@/core/plant/catalogue";
import type { StillFigures } from "@/core/still/stillFigures";
import type { Entry } from "@/records/entry";
import { readyMadeStills } from "@/logbook/still/readyMadeStills";
import type { Material } from "@/records/material";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";
import { asRunPlan } from "@/logbook/still/asRunPlan";
import { stillFigures } from "@/logbook/still/stillFigures";

const moment = "2026-05-04T08:00:00.000Z";
const base = { version: 1 as const, createdAt: moment, updatedAt: moment };

/** The ready-made copper pot as a record. */
export function sampleStill(): Still {
  return { ...base, kind: "still", id: "still-a", ...readyMadeStills[0]! };
}

/** Every ready-made still as a record: still-0, still-1 and so on. */
export function sampleStills(): Still[] {
  return readyMadeStills.map((figures, at) => ({
    ...base,
    kind: "still",
    ...figures,
    id: `still-${at}`,
  }));
}

function sampleFigures(): StillFigures {
  return stillFigures(sampleStill());
}

/** Clary sage with some figures of the person's own. */
export function sampleOwnPlant(own: Material["own"]): Material {
  return { ...base, kind: "material", id: "m", plantId: "clarysage", like: "clarysage", own };
}

/** A planned run of lavender in the copper pot, with some entries. */
export function sampleRun(entries: Entry[] = [], id = "run-a"): Run {
  return {
    ...base,
    version: 2,
    kind: "run",
    id,
    number: 1,
    stillId: "still-a",
    stillName: "Copper pot, 12 L",
    plantId: "lavender",
    state: "fresh",
    checked: [],
    entries,
    plan: { ...samplePlan() },
  };
}

let planned: Run["plan"] | undefined;

/* The same for every run: fifty forecasts are made once. */
function samplePlan(): Run["plan"] {
  planned ??= makePlan();
  return planned;
}

/** The plan of that run: 700 g of lavender under steam. */
export function sampleChargePlan(): ChargePlan {
  return planCharges({
    still: sampleFigures(),
    plant: plantById("lavender")!,
    state: "fresh",
    massG: 700,
    method: "steam",
    stop: { perKg: 1 },
    site: { altitudeM: 320, airC: 16, waterC: 14, coolingInC: 12 },
  });
}

function makePlan(): Run["plan"] {
  const plan = sampleChargePlan();
  const { oil } = forecastRun(plan.request, { samples: 50 });
  return asRunPlan({ plan, oil, still: sampleStill(), charge: 1, charges: 1 });
}

/** An entry so many minutes after eight in the morning. */
export function entryAt(
  minutes: number,
  entry: Record<string, unknown> & { type: Entry["type"] },
  id = `${entry.type}-${minutes}`,
): Entry {
  return {
    id,
    at: new Date(Date.parse(moment) + minutes * 60000).toISOString(),
    ...entry,
  } as Entry;
}

/** A run that was distilled as long as its plan says, and measured. */
export function measuredRun(
  id: string,
  number: number,
  oilMl: number,
  part: Partial<Run> = {},
): Run {
  const made = sampleRun([], id);
  return {
    ...made,
    number,
    entries: [
      entryAt(0, { type: "lit" }, `${id}1`),
      entryAt(20, { type: "firstDrop" }, `${id}2`),
      entryAt(20 + made.plan.forecast.runMinutes, { type: "heatOff" }, `${id}3`),
      entryAt(300, { type: "separated", oilMl, hydrosolMl: 500 }, `${id}4`),
    ],
    ...part,
  };
}
