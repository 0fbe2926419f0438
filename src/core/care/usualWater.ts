import { extraction } from "../plant/usualRelease";
import { forecastRun } from "../forecast/forecastRun";
import { hydrosolToKeep } from "../plan/hydrosolToKeep";
import { compounds } from "../plant/compounds";
import type { Composition } from "../plant/oil";
import { plantStates, type Plant } from "../plant/plant";

/** Milligrams a litre by compound id. */
export type WaterContent = Readonly<Record<string, number>>;

const before = new WeakMap<Plant, WaterContent>();

/**
 * What a litre of a plant's hydrosol usually holds, mg/L: a kilogram of it, distilled its usual way as far as its
 * hydrosol is worth keeping, at 20 mL/min. A jar that was cut early holds more, one of a long run less.
 */
export function usualWater(plant: Plant): WaterContent {
  const known = before.get(plant);
  if (known) return known;
  const found = content(plant);
  before.set(plant, found);
  return found;
}

function content(plant: Plant): WaterContent {
  const state = plantStates.find((each) => plant.states[each]);
  const figures = state && plant.states[state];
  if (!figures) return {};
  const { distillateMl, compounds: parts } = forecastRun(
    {
      method: plant.preferredMethod === "steam" ? "steam" : "hydro",
      material: {
        oilMlPerKg: figures.oilMlPerKg,
        composition: plant.composition,
        freeShare: plant.freeShare,
        releasePerMinute: plant.releasePerMinute,
        moisture: figures.moisture,
      },
      massG: 1000,
      still: { heat: { powerW: 1300, efficiency: 0.6 }, lossWPerK: 0.4 },
      waterMl: 40_000,
      stop: { perKg: hydrosolToKeep(plant.tissue, state) },
    },
    { samples: 1 },
  );
  if (!(distillateMl > 0)) return {};
  return Object.fromEntries(
    Object.entries(parts)
      .map(([id, { dissolvedG }]): [string, number] => [id, (1e6 * dissolvedG) / distillateMl])
      .filter(([, mgPerL]) => mgPerL > 0),
  );
}

/**
 * What water that lies under an oil holds of it, mg/L, as near to saturation as a jar comes: for an oil whose plant
 * is not known. The oil is taken to be far more than the water can dissolve.
 */
export function waterUnder(composition: Composition): WaterContent {
  const moles = Object.entries(composition).flatMap(([id, share]) => {
    const compound = compounds[id];
    return compound ? [{ id, compound, moles: share / compound.molarMass }] : [];
  });
  const all = moles.reduce((sum, each) => sum + each.moles, 0);
  return Object.fromEntries(
    moles.map(({ id, compound, moles: own }) => [
      id,
      1000 * extraction.waterSaturationJar.usual * (own / all) * compound.solubilityGPerL,
    ]),
  );
}
