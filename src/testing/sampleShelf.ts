import { newRecord } from "@/records/base";
import type { Bottle, Use } from "@/records/bottle";
import type { Check } from "@/records/check";
import type { Harvest } from "@/records/harvest";
import type { Lot } from "@/records/lot";
import type { Trial } from "@/records/trial";

const day = new Date("2026-06-01T06:00:00Z");

/** A lot of lavender oil, or as told. */
export function sampleLot(id: string, part: Partial<Lot> = {}): Lot {
  return {
    ...newRecord("lot", day),
    id,
    code: `code-${id}`,
    product: "oil",
    plantId: "lavender",
    runIds: [],
    madeOn: "2026-05-04",
    volumeMl: 100,
    ...part,
  };
}

/** A full bottle of a lot. */
export function sampleBottle(
  id: string,
  lotId: string,
  filledMl: number,
  part: Partial<Bottle> = {},
): Bottle {
  return {
    ...newRecord("bottle", day),
    id,
    code: `code-${id}`,
    lotId,
    sizeMl: filledMl,
    filledMl,
    glass: "amber",
    storage: "cellar",
    bestBy: "2028-05-04",
    ...part,
  };
}

/** A millilitre for soap, or as told. */
export function sampleUse(id: string, part: Partial<Use>): Use {
  return {
    ...newRecord("use", day),
    id,
    at: day.toISOString(),
    amountMl: 1,
    purpose: "soap",
    ...part,
  };
}

/** A look at the lot “h”. */
export function sampleCheck(id: string, at: string, part: Partial<Check>): Check {
  return { ...newRecord("check", day), id, lotId: "h", at, ...part };
}

/** Two kilograms of clary sage, just cut. */
export function sampleHarvest(part: Partial<Harvest> = {}): Harvest {
  return {
    ...newRecord("harvest", day),
    id: "harvest-a",
    plantId: "clarysage",
    state: "fresh",
    massG: 2000,
    moisture: 0.8,
    cutOn: "2026-06-01",
    ...part,
  };
}

/** An open trial in pairs, wilted against at once; or as told. */
export function sampleTrial(part: Partial<Trial> = {}): Trial {
  return {
    ...newRecord("trial", day),
    id: "trial-a",
    question: "Wilted, or at once?",
    a: "at once",
    b: "wilted",
    measure: "oilMl",
    changes: "state",
    design: "pairs",
    runs: [],
    ...part,
  };
}
