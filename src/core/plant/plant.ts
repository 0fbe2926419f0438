import type { KeepingClass } from "../shelf/bestBy";
import type { Method } from "../still/methods";
import type { Care } from "./cautions";
import type { Composition } from "./oil";

/** How the plant comes to the still. */
export const plantStates = ["fresh", "wilted", "dried"] as const;
export type PlantState = (typeof plantStates)[number];

/** One state of a material: how much oil, how much water, how much fits. */
export interface StateFigures {
  /** Oil in the plant by assay, mL/kg of plant in this state, of which a run brings a share: 8 in 10 lie between. */
  oilMlPerKg: { low: number; high: number };
  /** Water share by mass, 0 to below 1. */
  moisture: number;
  /** What a litre of basket takes, g, cut and pressed down by hand. */
  packingGPerL: number;
}

/** What kind of tissue holds the oil: decides how it lets go and how it can be prepared. */
export const tissues = [
  "surfaceGlands",
  "innerGlands",
  "zest",
  "crushedSeed",
  "needles",
  "rootWoodBark",
  "resin",
  "petals",
  "fruit",
] as const;
export type Tissue = (typeof tissues)[number];

/** A plant and a part of it, as a distiller needs to know it. */
export interface Plant extends Care {
  id: string;
  name: string;
  botanicalName: string;
  /** Two letters that begin the codes of its lots. */
  code: string;
  part: string;
  /** When to cut it. */
  moment: string;
  states: Partial<Record<PlantState, StateFigures>>;
  preferredMethod: Method;
  /** Water per gram of plant in hydro distillation, mL/g. */
  waterMlPerG: { fresh: number; dried: number };
  /** Share of the oil that the first steam reaches, 0 to 1. */
  freeShare: number;
  /** Release of the bound share, per minute. */
  releasePerMinute: number;
  tissue: Tissue;
  froths: boolean;
  /** Soft leaves and petals that lie flat on each other, so that steam finds no way through. */
  mats?: boolean;
  /** The oil sets below this, °C: cooling water must stay warmer. */
  setsBelowC?: number;
  /** Minutes from the first drop that people usually give it. */
  usualMinutes: number;
  composition: Composition;
  keeping: KeepingClass;
  /** Short cautions that belong to this plant. */
  hazards: string[];
}

/** A plant as the catalogue describes it, before the care it asks for is added. */
export type BarePlant = Omit<Plant, keyof Care>;
