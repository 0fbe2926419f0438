import type { Branch, StepCode } from "@/core/separation/steps";
import { t } from "@/language/t";

/** What to do at a step; the caution stands where it bites. */
interface StepSaid {
  say: string;
  how: string;
  caution?: string;
}

/** The steps of parting, for wet hands: short, one thing at a time. */
export const stepWords: Record<StepCode, StepSaid> = {
  close: {
    say: t`Close the tap, pour it in`,
    how: t`A beaker under the tap first. Fill to two thirds, stopper loose.`,
  },
  wait: {
    say: t`Let it stand`,
    how: t`Upright, still, covered. Turn it a little now and then, so that drops leave the wall.`,
    caution: t`Warm it in hand-warm water only: cold glass in hot water breaks.`,
  },
  openSlowly: {
    say: t`Open the tap slowly`,
    how: t`Stopper off, or it will not run. A thin stream.`,
  },
  slowToDrops: {
    say: t`Slow to drops`,
    how: t`A finger above the line: one drop at a time.`,
  },
  stopAtLine: {
    say: t`Stop at the line`,
    how: t`Close when the line stands in the tap's bore. The oil stays in the funnel.`,
  },
  drawOilBelow: {
    say: t`Draw the oil from below`,
    how: t`Into the narrow measure, drop by drop, until the water follows.`,
    caution: t`Clove, cinnamon and wintergreen burn skin: gloves, and glasses for your eyes.`,
  },
  secondRest: {
    say: t`Rest it once more`,
    how: t`Ten minutes. What clung to the wall comes down now.`,
  },
  narrowMeasure: {
    say: t`Into the narrow measure`,
    how: t`The narrower, the better it can be read. Rinse the funnel with the last drops.`,
    caution: t`Oil burns: no flame, no glow, no spark in the room.`,
  },
  skim: {
    say: t`Skim with a syringe`,
    how: t`Tip just under the surface, draw slowly, turn the jar. Take some water with it.`,
  },
  pushOut: {
    say: t`Tip up, push the water out`,
    how: t`Oil gathers at one end: push until it stands at the tip, then into the measure.`,
  },
  pourOver: {
    say: t`Let the oil pour over`,
    how: t`Add water to the other arm, drop by drop, until the layer runs over.`,
  },
  dyeTest: {
    say: t`Is there oil at all?`,
    how: t`A grain of food dye on the surface: it colours water and leaves oil clear. Take a spoonful aside for it.`,
  },
  collectHead: {
    say: t`Draw the oil off the head`,
    how: t`Several charges may run onto one oil. Draw off after the last, warm, by its tap.`,
    caution: t`Heat off and cool first: the head is full of steam.`,
  },
  readLower: {
    say: t`Read at the lower curve`,
    how: t`Eye at its height. Both curves, where water is below: the oil is what lies between.`,
  },
  rinse: {
    say: t`Rinse what clings`,
    how: t`A little of its own hydrosol through vessel and tap, back into the measure.`,
  },
  dry: {
    say: t`Dry and filter`,
    how: t`A pinch of dry salt, turn, decant; or freeze, and pour the oil off the ice.`,
  },
};

/** What to do when it is not as it should be. */
export const branchWords: Record<Branch, { ask: string; answer: string }> = {
  noLayer: {
    ask: t`No layer`,
    answer: t`Pour into something narrower: a millimetre shows, less does not. Test with a grain of dye. Still none: salt 50 g to the litre, or keep it as a rich hydrosol. Nothing is lost.`,
  },
  cloudy: {
    ask: t`Cloudy`,
    answer: t`Fine drops still float. Wait, or stand it in hand-warm water, covered. Drawn off now, they go with the hydrosol.`,
  },
  layerBelow: {
    ask: t`The layer is below`,
    answer: t`This oil sinks. Pour nothing away from the bottom: draw the first of it, drop by drop, into the narrow measure.`,
  },
  lace: {
    ask: t`Frothy layer between`,
    answer: t`Wax and plant dust hold drops together. Stir the line gently with a wire, warm it a little, or run it through a wet filter: the lace stays, the oil stands on the water.`,
  },
  hasSet: {
    ask: t`It has set`,
    answer: t`It is cold enough for crystals. Warm it by hand until it runs, or filter the crystals out cold and let them melt in a jar.`,
  },
  pouredOut: {
    ask: t`I poured it out`,
    answer: t`What is in the sink trap is lost; what is in the beaker is not. Pour all you have together, let it settle once more, and note what is missing when you measure.`,
  },
};
