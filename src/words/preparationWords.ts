import type { PreparationIds, PreparationName } from "@/core/plant/preparation";
import { t } from "@/language/t";

interface PreparationText {
  label: string;
  /** What it does, in a sentence. */
  effect: string;
}

const preparationWords: {
  readonly [Tissue in keyof PreparationIds]: Readonly<
    Record<PreparationIds[Tissue], PreparationText>
  >;
} = {
  surfaceGlands: {
    withStems: { label: t`Cut, some stem kept`, effect: t`Stems keep ways open for the steam.` },
    whole: {
      label: t`Whole, uncut`,
      effect: t`Quick to load, but less fits and less oil lies open.`,
    },
    leavesOnly: {
      label: t`Leaves only`,
      effect: t`A purer oil, and more of it for its weight. Leaves lie close.`,
    },
    chopped: {
      label: t`Chopped small`,
      effect: t`More fits. Some oil goes into the air while you chop, and it mats.`,
    },
  },
  innerGlands: {
    withStems: { label: t`Torn or cut`, effect: t`Opens the glands that lie inside the leaf.` },
    whole: {
      label: t`Whole, uncut`,
      effect: t`Quick to load, but less fits and less oil lies open.`,
    },
    leavesOnly: {
      label: t`Leaves only`,
      effect: t`A purer oil, and more of it for its weight. Leaves lie close.`,
    },
    chopped: {
      label: t`Chopped small`,
      effect: t`More fits. Some oil goes into the air while you chop, and it mats.`,
    },
  },
  zest: {
    grated: { label: t`Grated, no pith`, effect: t`Opens every gland and leaves the pith.` },
    strips: { label: t`Peeled in strips`, effect: t`Less work; glands open more slowly.` },
    withPith: {
      label: t`Peel with its pith`,
      effect: t`Half of the charge is pith that holds no oil, gels and froths.`,
    },
    blended: {
      label: t`Whole fruit, blended`,
      effect: t`Four fifths are flesh without oil; it froths and burns on a hot floor. Stir and heat slowly.`,
    },
    juicedPulp: {
      label: t`Peel and pulp from juicing`,
      effect: t`Half of it is peel, torn open already: at once, since it sours within hours.`,
    },
  },
  crushedSeed: {
    crushed: { label: t`Crushed just before`, effect: t`Opens the oil canals.` },
    whole: {
      label: t`Whole`,
      effect: t`The oil has to find its way through the shell: hours longer.`,
    },
    powder: {
      label: t`Ground to powder`,
      effect: t`Gives its oil fastest, but cakes in steam and scorches in water.`,
    },
  },
  needles: {
    cut: { label: t`Cut with shears`, effect: t`Opens the resin canals at the cuts.` },
    whole: {
      label: t`Whole branches`,
      effect: t`Half of the charge is wood that holds little oil.`,
    },
    chopped: { label: t`Chopped fine`, effect: t`More cuts, more free oil, and more fits.` },
  },
  rootWoodBark: {
    chipped: { label: t`Small pieces`, effect: t`Short ways out for the oil.` },
    whole: { label: t`Whole pieces`, effect: t`The oil has far to go: twice the time.` },
    powder: {
      label: t`Ground to powder`,
      effect: t`Gives its oil faster, but cakes in steam and scorches in water.`,
    },
  },
  resin: {
    crushed: {
      label: t`Crushed in the cold`,
      effect: t`Small pieces give their oil to the water.`,
    },
    whole: {
      label: t`Whole tears`,
      effect: t`They melt together and keep half of their oil for hours.`,
    },
  },
  petals: {
    whole: { label: t`Whole, at once`, effect: t`Petals lose their scent within hours.` },
    pressed: {
      label: t`Pressed in`,
      effect: t`More fits, but wet petals lie on each other like paper.`,
    },
  },
  fruit: {
    sliced: { label: t`Sliced`, effect: t`Opens the flesh; slices do not burn on.` },
    blended: {
      label: t`Blended`,
      effect: t`Gives its scent faster, but froths and burns on a hot floor.`,
    },
    whole: { label: t`Whole`, effect: t`The skin keeps most of the scent in.` },
  },
};

/** How a plant of such a tissue is made ready, as a person says it. */
export function preparationText({ tissue, id }: PreparationName): PreparationText {
  return (preparationWords[tissue] as Record<string, PreparationText>)[id]!;
}
