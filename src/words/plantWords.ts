import { fixed, plainNumber } from "@/core/units/format";
import { usualSkinMost } from "@/core/plant/cautions";
import type { Plant, Tissue } from "@/core/plant/plant";
import { keepingMonths } from "@/core/shelf/bestBy";
import { guardsOf, waterMonths } from "@/core/shelf/waterKeeping";
import { usualWater } from "@/core/care/usualWater";
import { spanWords } from "./bestByWords";

/** Where a tissue keeps its oil, and what that means at the still. */
export const tissueWords: Record<Tissue, string> = {
  surfaceGlands: "Glands sit on the surface: the first steam takes most of it.",
  innerGlands: "Glands lie inside the leaf: tearing opens some, heat and time the rest.",
  zest: "Glands lie just under the skin: grating opens them all.",
  crushedSeed: "Oil canals run through the seed: crush them just before.",
  needles: "Resin canals run along the needle: every cut opens some.",
  rootWoodBark: "Oil lies deep in hard tissue: it takes hours to find its way out.",
  resin: "Oil lies in the tear itself: small pieces, much water, hours.",
  petals: "Oil lies in the petal's skin and goes into the air within hours.",
  fruit: "Scent lies all through the flesh, a trace of it: cut it open, and only water is won.",
};

/** A tissue in a word or two, to choose from. */
export const tissueNames: Record<Tissue, string> = {
  surfaceGlands: "Glands on the surface",
  innerGlands: "Glands inside the leaf",
  zest: "Just under the zest's skin",
  crushedSeed: "Canals in the seed",
  needles: "Canals in the needle",
  rootWoodBark: "Deep in root, wood or bark",
  resin: "In tears of resin",
  petals: "In the petal's skin",
  fruit: "All through the flesh",
};

/** How long a plant's oil keeps where it keeps best. */
export function oilKeepingWords(plant: Pick<Plant, "keeping">): string {
  return `about ${spanWords(keepingMonths("oil", plant, { place: "cellar" }))} in dark glass in the cellar`;
}

/** How long a plant's unpreserved hydrosol keeps in the cold, simply bottled and at its best. */
export function waterKeepingWords(plant: Plant): string {
  const { ph } = plant.hydrosol;
  const kept = {
    place: "fridge" as const,
    guards: guardsOf(usualWater(plant)),
    ...(ph ? { ph: (ph[0] + ph[1]) / 2 } : {}),
  };
  return `about ${spanWords(waterMonths(kept))} in the fridge, ${spanWords(waterMonths({ ...kept, filling: "hot" }))} where it was filled hot into a boiled bottle; half of what is left once opened`;
}

/** The pH that a plant's fresh hydrosol usually has; undefined where nobody says. */
export function phWords({ hydrosol: { ph } }: Pick<Plant, "hydrosol">): string | undefined {
  if (!ph) return undefined;
  const [low, high] = ph;
  return low === high
    ? `about ${fixed(low, 1)}`
    : `${fixed(low, 1)} to ${fixed(high, 1)}, a third either way`;
}

/** Most of a plant's oil on skin, in words. */
export function skinWords({ skinMostPercent }: Pick<Plant, "skinMostPercent">): string {
  if (skinMostPercent === "none") return "Not on skin at all.";
  const usual = `${usualSkinMost.body} % on the body, ${usualSkinMost.face} % on the face and for children of two to six`;
  return skinMostPercent === undefined
    ? `Usual cautious maximum: ${usual}.`
    : `Usual cautious maximum on skin: ${plainNumber(skinMostPercent)} % of oil. Check before use.`;
}
