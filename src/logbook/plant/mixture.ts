import { plantById } from "@/core/plant/catalogue";
import { mixPlants, type MixedFigures, type PartOfMix } from "@/core/plant/mixPlants";
import { t } from "@/language/t";
import { newRecord } from "@/records/base";
import type { Material } from "@/records/material";

/* As many cautions as a plant's own figures hold. */
const mostHazards = 20;
const mostLetters = 200;

/* More digits than its parts are known to would only be noise in a field. */
const rounded = (value: number) => Number(value.toPrecision(4));

/** A mixed charge as a plant of one's own: its figures worked out, and what it was mixed of kept beside them. */
export function mixtureRecord(parts: readonly PartOfMix[], at: Date): Material {
  const mixed = mixPlants(parts);
  const record = newRecord("material", at);
  return {
    ...record,
    plantId: `own-${record.id}`,
    like: likeOf(mixed.main),
    mixOf: parts.map(({ plant, state, share }) => ({
      plantId: plant.id,
      state,
      share,
      ...(plantById(plant.id) ? {} : { like: likeOf(plant) }),
    })),
    own: {
      name: mixed.name.slice(0, mostLetters),
      botanicalName: mixed.botanicalName.slice(0, mostLetters),
      part: mixed.part.slice(0, mostLetters),
      code: "MX",
      states: { fresh: null, wilted: null, dried: null, ...roundedStates(mixed) },
      waterMlPerG: {
        fresh: rounded(mixed.waterMlPerG.fresh),
        dried: rounded(mixed.waterMlPerG.dried),
      },
      freeShare: rounded(mixed.freeShare),
      releasePerMinute: rounded(mixed.releasePerMinute),
      froths: mixed.froths,
      mats: mixed.mats ?? false,
      usualMinutes: mixed.usualMinutes,
      composition: Object.fromEntries(
        Object.entries(mixed.composition).map(([id, share]) => [id, rounded(share)]),
      ),
      setsBelowC: mixed.setsBelowC ?? null,
      hazards: mixed.hazards.slice(0, mostHazards),
      source: t`Worked out from the plants it is mixed of.`,
    },
  };
}

function roundedStates({ states, state }: MixedFigures): MixedFigures["states"] {
  const figures = states[state];
  if (!figures) return states;
  const { oilMlPerKg, moisture, packingGPerL } = figures;
  return {
    [state]: {
      oilMlPerKg: { low: rounded(oilMlPerKg.low), high: rounded(oilMlPerKg.high) },
      moisture: rounded(moisture),
      packingGPerL: rounded(packingGPerL),
    },
  };
}

/* A plant of one's own stands on one of the book's: so does what is mixed of it. */
function likeOf(plant: MixedFigures["main"]): string {
  const { like } = plant as { like?: string };
  return plantById(plant.id) ? plant.id : (like ?? "lavender");
}
