import { extraction } from "./usualRelease";
import type { Method } from "../still/methods";
import { washingOf } from "./washing";
import type { Plant, StateFigures, Tissue } from "./plant";

/** A way of making a material ready, by name: the same word means another thing for another tissue. */
export interface PreparationName {
  tissue: Tissue;
  id: string;
}

/** One way of making a material ready for the still, and what it changes. */
export interface Preparation extends PreparationName {
  /** Mass in a litre against the advised preparation. */
  packing: number;
  /** Oil per kilogram as charged against the advised one. */
  oil: number;
  /** Free share and release against the advised one. */
  free: number;
  release: number;
  /** Lies so close that steam finds no way: always, or where the plant itself is soft. */
  mats?: "always" | "soft";
  /** So fine that it sinks to the hot floor and scorches in water. */
  scorches?: boolean;
  /** White pith is in: gel and froth for no oil. */
  pith?: boolean;
}

type Row = Omit<Preparation, "tissue" | "packing" | "oil" | "free" | "release"> &
  Partial<Pick<Preparation, "packing" | "oil" | "free" | "release">>;

const herb = [
  { id: "withStems" },
  {
    id: "whole",
    packing: 0.7,
    free: 0.9,
  },
  {
    id: "leavesOnly",
    packing: 1.3,
    oil: 1.3,
    mats: "soft",
  },
  {
    id: "chopped",
    packing: 1.5,
    oil: 0.9,
    free: 1.05,
    mats: "always",
  },
] as const satisfies readonly Row[];

/* Factors are the order of magnitude that distillers and hydrodistillation papers report for whole
   against cut or crushed material; a person's own runs correct them through the oil content. */
const byTissue = {
  surfaceGlands: herb,
  innerGlands: [herb[0], { ...herb[1], free: 0.6, release: 0.7 }, herb[2], herb[3]],
  zest: [
    { id: "grated" },
    {
      id: "strips",
      packing: 0.8,
      free: 0.6,
      release: 0.6,
    },
    {
      id: "withPith",
      packing: 1.1,
      oil: 0.55,
      pith: true,
    },
    {
      id: "blended",
      packing: 2.2,
      oil: 0.2,
      free: 1.1,
      mats: "always",
      scorches: true,
      pith: true,
    },
    {
      id: "juicedPulp",
      packing: 1.6,
      oil: 0.5,
      mats: "always",
      pith: true,
    },
  ],
  crushedSeed: [
    { id: "crushed" },
    {
      id: "whole",
      packing: 1.1,
      free: 0.4,
      release: 0.5,
    },
    {
      id: "powder",
      packing: 1.15,
      free: 1.2,
      release: 1.6,
      mats: "always",
      scorches: true,
    },
  ],
  needles: [
    { id: "cut" },
    {
      id: "whole",
      packing: 0.6,
      oil: 0.6,
      free: 0.7,
    },
    {
      id: "chopped",
      packing: 1.3,
      free: 1.2,
    },
  ],
  rootWoodBark: [
    { id: "chipped" },
    {
      id: "whole",
      packing: 0.9,
      free: 0.5,
      release: 0.5,
    },
    {
      id: "powder",
      packing: 1.3,
      free: 1.5,
      release: 2,
      mats: "always",
      scorches: true,
    },
  ],
  resin: [
    {
      id: "crushed",
    },
    {
      id: "whole",
      free: 0.5,
      release: 0.6,
    },
  ],
  petals: [
    {
      id: "whole",
      mats: "soft",
    },
    {
      id: "pressed",
      packing: 1.8,
      mats: "always",
    },
  ],
  fruit: [
    { id: "sliced" },
    {
      id: "blended",
      packing: 1.3,
      free: 1.2,
      release: 1.4,
      mats: "always",
      scorches: true,
    },
    {
      id: "whole",
      packing: 0.7,
      free: 0.4,
      release: 0.5,
    },
  ],
} as const satisfies Record<Tissue, readonly Row[]>;

type Rows = typeof byTissue;
/** The names of each tissue's preparations. */
export type PreparationIds = { [Of in keyof Rows]: Rows[Of][number]["id"] };

/** The ways of preparing a plant, the advised one first. */
export function preparationsOf({ tissue }: Pick<Plant, "tissue">): Preparation[] {
  const rows: readonly Row[] = byTissue[tissue];
  return rows.map((row) => ({ tissue, packing: 1, oil: 1, free: 1, release: 1, ...row }));
}

/** One of a plant's preparations by name; the advised one where the name is not among them. */
export function preparationOf(plant: Pick<Plant, "tissue">, id: string | undefined): Preparation {
  const all = preparationsOf(plant);
  return all.find((preparation) => preparation.id === id) ?? all[0]!;
}

/** A plant's figures as it goes into the still. */
export interface PreparedFigures extends StateFigures {
  freeShare: number;
  releasePerMinute: number;
  /** κ of the washing law. */
  washing: number;
  /** q: whether water has to carry the oil out first. */
  hydrodiffusion: number;
  /** Whether steam will find it hard to get through. */
  mats: boolean;
}

/* What steam does not reach where a charge mats: a fifth of the free share stays behind. */
const mattedReach = 0.8;

/** What a state and a preparation make of a plant's figures under a method. */
export function preparedFigures(
  plant: Plant,
  figures: StateFigures,
  preparation: Preparation,
  method: Method,
): PreparedFigures {
  const mats =
    method === "steam" &&
    (preparation.mats === "always" || (preparation.mats === "soft" && Boolean(plant.mats)));
  const share = plant.freeShare * preparation.free * (mats ? mattedReach : 1);
  return {
    oilMlPerKg: {
      low: figures.oilMlPerKg.low * preparation.oil,
      high: figures.oilMlPerKg.high * preparation.oil,
    },
    moisture: figures.moisture,
    packingGPerL: figures.packingGPerL * preparation.packing,
    freeShare: Math.min(0.95, share),
    releasePerMinute: plant.releasePerMinute * preparation.release,
    washing: washingOf(plant.tissue),
    hydrodiffusion: carriedByWater(plant.tissue, preparation, method)
      ? extraction.hydrodiffusionWhole
      : 0,
    mats,
  };
}

/* Whole seed, and roots and wood in water: the oil reaches the outside only dissolved (hydrodiffusion). */
function carriedByWater(tissue: Tissue, { id }: Preparation, method: Method): boolean {
  return (
    (tissue === "crushedSeed" && id === "whole") ||
    (tissue === "rootWoodBark" && method !== "steam")
  );
}
