import type { OilProperties } from "@/core/plant/oil";
import { fixed, plainNumber } from "@/core/units/format";
import { usualSkinMost } from "@/core/plant/cautions";
import type { Plant, Tissue } from "@/core/plant/plant";
import { keepingMonths } from "@/core/shelf/bestBy";
import { guardsOf, waterMonths } from "@/core/shelf/waterKeeping";
import { usualWater } from "@/core/care/usualWater";
import { t } from "@/language/t";
import { spanWords } from "./bestByWords";

/** Where a tissue keeps its oil, and what that means at the still. */
export const tissueWords: Record<Tissue, string> = {
  surfaceGlands: t`Glands sit on the surface: the first steam takes most of it.`,
  innerGlands: t`Glands lie inside the leaf: tearing opens some, heat and time the rest.`,
  zest: t`Glands lie just under the skin: grating opens them all.`,
  crushedSeed: t`Oil canals run through the seed: crush them just before.`,
  needles: t`Resin canals run along the needle: every cut opens some.`,
  rootWoodBark: t`Oil lies deep in hard tissue: it takes hours to find its way out.`,
  resin: t`Oil lies in the tear itself: small pieces, much water, hours.`,
  petals: t`Oil lies in the petal's skin and goes into the air within hours.`,
  fruit: t`Scent lies all through the flesh, a trace of it: cut it open, and only water is won.`,
};

/** Where the oil lies in the water. */
export const layerWords: Record<OilProperties["layer"], string> = {
  floats: t`it floats`,
  sinks: t`it sinks`,
  hangs: t`it hangs`,
};

/** A tissue in a word or two, to choose from. */
export const tissueNames: Record<Tissue, string> = {
  surfaceGlands: t`Glands on the surface`,
  innerGlands: t`Glands inside the leaf`,
  zest: t`Just under the zest's skin`,
  crushedSeed: t`Canals in the seed`,
  needles: t`Canals in the needle`,
  rootWoodBark: t`Deep in root, wood or bark`,
  resin: t`In tears of resin`,
  petals: t`In the petal's skin`,
  fruit: t`All through the flesh`,
};

/** How long a plant's oil keeps where it keeps best. */
export function oilKeepingWords(plant: Pick<Plant, "keeping">): string {
  return t`about ${spanWords(keepingMonths("oil", plant, { place: "cellar" }))} in dark glass in the cellar`;
}

/** How long a plant's unpreserved hydrosol keeps in the cold, simply bottled and at its best. */
export function waterKeepingWords(plant: Plant): string {
  const { ph } = plant.hydrosol;
  const kept = {
    place: "fridge" as const,
    guards: guardsOf(usualWater(plant)),
    ...(ph ? { ph: (ph[0] + ph[1]) / 2 } : {}),
  };
  return t`about ${spanWords(waterMonths(kept))} in the fridge, ${spanWords(waterMonths({ ...kept, filling: "hot" }))} where it was filled hot into a boiled bottle; half of what is left once opened`;
}

/** The pH that a plant's fresh hydrosol usually has; undefined where nobody says. */
export function phWords({ hydrosol: { ph } }: Pick<Plant, "hydrosol">): string | undefined {
  if (!ph) return undefined;
  const [low, high] = ph;
  return low === high
    ? t`about ${fixed(low, 1)}`
    : t`${fixed(low, 1)} to ${fixed(high, 1)}, a third either way`;
}

/** Most of a plant's oil on skin, in words. */
export function skinWords({ skinMostPercent }: Pick<Plant, "skinMostPercent">): string {
  if (skinMostPercent === "none") return t`Not on skin at all.`;
  const usual = t`${usualSkinMost.body} % on the body, ${usualSkinMost.face} % on the face and for children of two to six`;
  return skinMostPercent === undefined
    ? t`Usual cautious maximum: ${usual}.`
    : t`Usual cautious maximum on skin: ${plainNumber(skinMostPercent)} % of oil. Check before use.`;
}
