import { preparationOf, preparedFigures, type PreparedFigures } from "../plant/preparation";
import type { Tissue } from "../plant/plant";
import { narrowedBy, type Narrowed } from "../statistics/ownRuns";
import type { PlanInput } from "./planInput";

/** A charge's material once state, preparation, age and own runs have had their say. */
export interface ChargeMaterial extends PreparedFigures {
  narrowed: Narrowed;
}

/*
 * Share of its oil a dried plant loses in a month in a closed bag, by how open its oil lies. Storage
 * trials of dried herbs find 15 to 35 % a year in leaf and flower, far less in whole seed and wood.
 */
const monthlyLoss: Record<Tissue, number> = {
  surfaceGlands: 0.022,
  innerGlands: 0.015,
  petals: 0.04,
  fruit: 0.04,
  zest: 0.03,
  needles: 0.015,
  crushedSeed: 0.006,
  rootWoodBark: 0.003,
  resin: 0.003,
};

/** Share of its oil a dried plant still has after so many months. */
export function oilLeftAfter(tissue: Tissue, months: number): number {
  return Math.exp(-monthlyLoss[tissue] * months);
}

/**
 * The figures a plan computes with.
 * @throws RangeError when the plant has no such state
 */
export function chargeMaterial(input: Omit<PlanInput, "massG">): ChargeMaterial {
  const { plant, state, method } = input;
  const figures = plant.states[state];
  if (!figures) throw new RangeError(`state: ${plant.name} has no figures for ${state} plant`);
  const narrowed = narrowedBy(figures.oilMlPerKg, input.ownRuns ?? []);
  const left = state === "dried" ? oilLeftAfter(plant.tissue, input.agedMonths ?? 0) : 1;
  const own = {
    ...figures,
    oilMlPerKg: { low: narrowed.low * left, high: narrowed.high * left },
  };
  const prepared = preparedFigures(plant, own, preparationOf(plant, input.preparation), method);
  return { ...prepared, narrowed };
}
