import { oilProperties, type Composition } from "./oil";
import type { BarePlant, Plant, PlantState, StateFigures } from "./plant";

/** One plant of a mixed charge. */
export interface PartOfMix {
  plant: Plant;
  /** How it comes to the still; a state that its figures know. */
  state: PlantState;
  /** Its part of the charge's mass; parts count against their sum, above 0. */
  share: number;
}

/** What a mixed charge is, as far as its parts settle it. */
export type MixedFigures = Pick<
  BarePlant,
  | "name"
  | "botanicalName"
  | "part"
  | "states"
  | "waterMlPerG"
  | "freeShare"
  | "releasePerMinute"
  | "froths"
  | "mats"
  | "usualMinutes"
  | "composition"
  | "hazards"
  | "setsBelowC"
> & {
  /** The plant that there is most of: its tissue, method and looks stand for the whole. */
  main: Plant;
  /** The state that the mixture goes by: the main plant's. */
  state: PlantState;
};

interface Weighted extends PartOfMix {
  figures: StateFigures;
  /** Share of the charge's mass, and of its oil's mass, 0 to 1. */
  ofMass: number;
  ofOil: number;
}

/**
 * Several plants distilled in one charge, as one material: what is of the plant goes by mass, what is of the oil by the oil that
 * each brings. Oil contents add up end to end, as if good years came together: the range is rather too wide than too
 * narrow. One release stands for all, so the order in which notes come is rougher than of one plant alone.
 * @throws RangeError with fewer than two parts, a share that is not above 0, or a state without figures
 */
export function mixPlants(parts: readonly PartOfMix[]): MixedFigures {
  if (parts.length < 2) throw new RangeError("parts must be two or more");
  const weighted = weigh(parts);
  const byMass = [...weighted].sort((a, b) => b.ofMass - a.ofMass);
  const { plant: main, state } = byMass[0]!;
  const sum = (of: (part: Weighted) => number) =>
    weighted.reduce((total, part) => total + of(part), 0);
  const sets = weighted.flatMap(({ plant }) => plant.setsBelowC ?? []);
  return {
    main,
    state,
    name: byMass
      .map(({ plant, ofMass }) => `${plant.name} ${Math.round(ofMass * 100)} %`)
      .join(", "),
    botanicalName: byMass.map(({ plant }) => plant.botanicalName).join(" with "),
    part: [...new Set(byMass.map(({ plant }) => plant.part))].join(", "),
    states: {
      [state]: {
        oilMlPerKg: {
          low: sum(({ ofMass, figures }) => ofMass * figures.oilMlPerKg.low),
          high: sum(({ ofMass, figures }) => ofMass * figures.oilMlPerKg.high),
        },
        moisture: sum(({ ofMass, figures }) => ofMass * figures.moisture),
        packingGPerL: 1 / sum(({ ofMass, figures }) => ofMass / figures.packingGPerL),
      },
    },
    waterMlPerG: {
      fresh: sum(({ ofMass, plant }) => ofMass * plant.waterMlPerG.fresh),
      dried: sum(({ ofMass, plant }) => ofMass * plant.waterMlPerG.dried),
    },
    freeShare: sum(({ ofOil, plant }) => ofOil * plant.freeShare),
    releasePerMinute: sum(({ ofOil, plant }) => ofOil * plant.releasePerMinute),
    froths: weighted.some(({ plant }) => plant.froths),
    mats: weighted.some(({ plant }) => plant.mats),
    usualMinutes: Math.max(...weighted.map(({ plant }) => plant.usualMinutes)),
    composition: blend(weighted),
    hazards: [...new Set(byMass.flatMap(({ plant }) => plant.hazards))],
    ...(sets.length > 0 ? { setsBelowC: Math.max(...sets) } : {}),
  };
}

function weigh(parts: readonly PartOfMix[]): Weighted[] {
  const told = parts.map((part) => {
    const figures = part.plant.states[part.state];
    if (!figures)
      throw new RangeError(`state: ${part.plant.name} has no figures for ${part.state} plant`);
    if (!(part.share > 0 && Number.isFinite(part.share)))
      throw new RangeError(`share must be above 0, got ${part.share}`);
    const { low, high } = figures.oilMlPerKg;
    const oilG =
      part.share * Math.sqrt(low * high) * oilProperties(part.plant.composition).densityGPerMl;
    return { ...part, figures, oilG };
  });
  const massSum = told.reduce((sum, { share }) => sum + share, 0);
  const oilSum = told.reduce((sum, { oilG }) => sum + oilG, 0);
  return told.map(({ oilG, ...part }) => ({
    ...part,
    ofMass: part.share / massSum,
    ofOil: oilG / oilSum,
  }));
}

/* What is not named in a part is like the rest of that part: each counts as a whole. */
function blend(parts: readonly Weighted[]): Composition {
  const mixed: Record<string, number> = {};
  for (const { plant, ofOil } of parts) {
    const named = Object.entries(plant.composition);
    const whole = named.reduce((sum, [, share]) => sum + share, 0);
    for (const [id, share] of named) mixed[id] = (mixed[id] ?? 0) + (share / whole) * ofOil;
  }
  return mixed;
}
