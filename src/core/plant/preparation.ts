import { extraction } from "../extraction/defaults";
import type { Method } from "../still/methods";
import type { ForecastRequest } from "../forecast/request";
import { soakOf } from "./soaking";
import { washingOf } from "./washing";
import type { Plant, StateFigures, Tissue } from "./plant";

/** One way of making a material ready for the still, and what it changes. */
export interface Preparation {
  id: string;
  label: string;
  /** What it does, in a sentence. */
  effect: string;
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

type Row = Omit<Preparation, "packing" | "oil" | "free" | "release"> &
  Partial<Pick<Preparation, "packing" | "oil" | "free" | "release">>;

const withStems: Row = {
  id: "withStems",
  label: "Cut, some stem kept",
  effect: "Stems keep ways open for the steam.",
};
const herb: Row[] = [
  withStems,
  {
    id: "whole",
    label: "Whole, uncut",
    effect: "Quick to load, but less fits and less oil lies open.",
    packing: 0.7,
    free: 0.9,
  },
  {
    id: "leavesOnly",
    label: "Leaves only",
    effect: "A purer oil, and more of it for its weight. Leaves lie close.",
    packing: 1.3,
    oil: 1.3,
    mats: "soft",
  },
  {
    id: "chopped",
    label: "Chopped small",
    effect: "More fits. Some oil goes into the air while you chop, and it mats.",
    packing: 1.5,
    oil: 0.9,
    free: 1.05,
    mats: "always",
  },
];

/* Factors are the order of magnitude that distillers and hydrodistillation papers report for whole
   against cut or crushed material; a person's own runs correct them through the oil content. */
const byTissue: Record<Tissue, Row[]> = {
  surfaceGlands: herb,
  innerGlands: [
    { ...withStems, label: "Torn or cut", effect: "Opens the glands that lie inside the leaf." },
    { ...herb[1]!, free: 0.6, release: 0.7 },
    ...herb.slice(2),
  ],
  zest: [
    { id: "grated", label: "Grated, no pith", effect: "Opens every gland and leaves the pith." },
    {
      id: "strips",
      label: "Peeled in strips",
      effect: "Less work; glands open more slowly.",
      packing: 0.8,
      free: 0.6,
      release: 0.6,
    },
    {
      id: "withPith",
      label: "Peel with its pith",
      effect: "Half of the charge is pith that holds no oil, gels and froths.",
      packing: 1.1,
      oil: 0.55,
      pith: true,
    },
    {
      id: "blended",
      label: "Whole fruit, blended",
      effect:
        "Four fifths are flesh without oil; it froths and burns on a hot floor. Stir and heat slowly.",
      packing: 2.2,
      oil: 0.2,
      free: 1.1,
      mats: "always",
      scorches: true,
      pith: true,
    },
    {
      id: "juicedPulp",
      label: "Peel and pulp from juicing",
      effect: "Half of it is peel, torn open already: at once, since it sours within hours.",
      packing: 1.6,
      oil: 0.5,
      mats: "always",
      pith: true,
    },
  ],
  crushedSeed: [
    { id: "crushed", label: "Crushed just before", effect: "Opens the oil canals." },
    {
      id: "whole",
      label: "Whole",
      effect: "The oil has to find its way through the shell: hours longer.",
      packing: 1.1,
      free: 0.4,
      release: 0.5,
    },
    {
      id: "powder",
      label: "Ground to powder",
      effect: "Gives its oil fastest, but cakes in steam and scorches in water.",
      packing: 1.15,
      free: 1.2,
      release: 1.6,
      mats: "always",
      scorches: true,
    },
  ],
  needles: [
    { id: "cut", label: "Cut with shears", effect: "Opens the resin canals at the cuts." },
    {
      id: "whole",
      label: "Whole branches",
      effect: "Half of the charge is wood that holds little oil.",
      packing: 0.6,
      oil: 0.6,
      free: 0.7,
    },
    {
      id: "chopped",
      label: "Chopped fine",
      effect: "More cuts, more free oil, and more fits.",
      packing: 1.3,
      free: 1.2,
    },
  ],
  rootWoodBark: [
    { id: "chipped", label: "Small pieces", effect: "Short ways out for the oil." },
    {
      id: "whole",
      label: "Whole pieces",
      effect: "The oil has far to go: twice the time.",
      packing: 0.9,
      free: 0.5,
      release: 0.5,
    },
    {
      id: "powder",
      label: "Ground to powder",
      effect: "Gives its oil faster, but cakes in steam and scorches in water.",
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
      label: "Crushed in the cold",
      effect: "Small pieces give their oil to the water.",
    },
    {
      id: "whole",
      label: "Whole tears",
      effect: "They melt together and keep half of their oil for hours.",
      free: 0.5,
      release: 0.6,
    },
  ],
  petals: [
    {
      id: "whole",
      label: "Whole, at once",
      effect: "Petals lose their scent within hours.",
      mats: "soft",
    },
    {
      id: "pressed",
      label: "Pressed in",
      effect: "More fits, but wet petals lie on each other like paper.",
      packing: 1.8,
      mats: "always",
    },
  ],
  fruit: [
    { id: "sliced", label: "Sliced", effect: "Opens the flesh; slices do not burn on." },
    {
      id: "blended",
      label: "Blended",
      effect: "Gives its scent faster, but froths and burns on a hot floor.",
      packing: 1.3,
      free: 1.2,
      release: 1.4,
      mats: "always",
      scorches: true,
    },
    {
      id: "whole",
      label: "Whole",
      effect: "The skin keeps most of the scent in.",
      packing: 0.7,
      free: 0.4,
      release: 0.5,
    },
  ],
};

/** The ways of preparing a plant, the advised one first. */
export function preparationsOf({ tissue }: Pick<Plant, "tissue">): Preparation[] {
  return byTissue[tissue].map((row) => ({ packing: 1, oil: 1, free: 1, release: 1, ...row }));
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

/** Prepared figures as a forecast is asked with. */
export function asMaterial(
  { oilMlPerKg, freeShare, releasePerMinute, washing, hydrodiffusion, moisture }: PreparedFigures,
  plant: Pick<Plant, "id" | "tissue" | "composition">,
): ForecastRequest["material"] {
  return {
    oilMlPerKg,
    composition: plant.composition,
    freeShare,
    releasePerMinute,
    washing,
    hydrodiffusion,
    moisture,
    soakGPerGDry: soakOf(plant),
  };
}

/* Whole seed, and roots and wood in water: the oil reaches the outside only dissolved (hydrodiffusion). */
function carriedByWater(tissue: Tissue, { id }: Preparation, method: Method): boolean {
  return (
    (tissue === "crushedSeed" && id === "whole") ||
    (tissue === "rootWoodBark" && method !== "steam")
  );
}
