import type { Branch, StepCode } from "@/core/separation/steps";

/** What to do at a step; the caution stands where it bites. */
interface StepSaid {
  say: string;
  how: string;
  caution?: string;
}

/** The steps of parting, for wet hands: short, one thing at a time. */
export const stepWords: Record<StepCode, StepSaid> = {
  close: {
    say: "Close the tap, pour it in",
    how: "A beaker under the tap first. Fill to two thirds, stopper loose.",
  },
  wait: {
    say: "Let it stand",
    how: "Upright, still, covered. Turn it a little now and then, so that drops leave the wall.",
    caution: "Warm it in hand-warm water only: cold glass in hot water breaks.",
  },
  openSlowly: {
    say: "Open the tap slowly",
    how: "Stopper off, or it will not run. A thin stream.",
  },
  slowToDrops: {
    say: "Slow to drops",
    how: "A finger above the line: one drop at a time.",
  },
  stopAtLine: {
    say: "Stop at the line",
    how: "Close when the line stands in the tap's bore. The oil stays in the funnel.",
  },
  drawOilBelow: {
    say: "Draw the oil from below",
    how: "Into the narrow measure, drop by drop, until the water follows.",
    caution: "Clove, cinnamon and wintergreen burn skin: gloves, and glasses for your eyes.",
  },
  secondRest: {
    say: "Rest it once more",
    how: "Ten minutes. What clung to the wall comes down now.",
  },
  narrowMeasure: {
    say: "Into the narrow measure",
    how: "The narrower, the better it can be read. Rinse the funnel with the last drops.",
    caution: "Oil burns: no flame, no glow, no spark in the room.",
  },
  skim: {
    say: "Skim with a syringe",
    how: "Tip just under the surface, draw slowly, turn the jar. Take some water with it.",
  },
  pushOut: {
    say: "Tip up, push the water out",
    how: "Oil gathers at one end: push until it stands at the tip, then into the measure.",
  },
  pourOver: {
    say: "Let the oil pour over",
    how: "Add water to the other arm, drop by drop, until the layer runs over.",
  },
  dyeTest: {
    say: "Is there oil at all?",
    how: "A grain of food dye on the surface: it colours water and leaves oil clear. Take a spoonful aside for it.",
  },
  collectHead: {
    say: "Draw the oil off the head",
    how: "Several charges may run onto one oil. Draw off after the last, warm, by its tap.",
    caution: "Heat off and cool first: the head is full of steam.",
  },
  readLower: {
    say: "Read at the lower curve",
    how: "Eye at its height. Both curves, where water is below: the oil is what lies between.",
  },
  rinse: {
    say: "Rinse what clings",
    how: "A little of its own hydrosol through vessel and tap, back into the measure.",
  },
  dry: {
    say: "Dry and filter",
    how: "A pinch of dry salt, turn, decant; or freeze, and pour the oil off the ice.",
  },
};

/** What to do when it is not as it should be. */
export const branchWords: Record<Branch, { ask: string; answer: string }> = {
  noLayer: {
    ask: "No layer",
    answer:
      "Pour into something narrower: a millimetre shows, less does not. Test with a grain of dye. Still none: salt 50 g to the litre, or keep it as a rich hydrosol. Nothing is lost.",
  },
  cloudy: {
    ask: "Cloudy",
    answer:
      "Fine drops still float. Wait, or stand it in hand-warm water, covered. Drawn off now, they go with the hydrosol.",
  },
  layerBelow: {
    ask: "The layer is below",
    answer:
      "This oil sinks. Pour nothing away from the bottom: draw the first of it, drop by drop, into the narrow measure.",
  },
  lace: {
    ask: "Frothy layer between",
    answer:
      "Wax and plant dust hold drops together. Stir the line gently with a wire, warm it a little, or run it through a wet filter: the lace stays, the oil stands on the water.",
  },
  hasSet: {
    ask: "It has set",
    answer:
      "It is cold enough for crystals. Warm it by hand until it runs, or filter the crystals out cold and let them melt in a jar.",
  },
  pouredOut: {
    ask: "I poured it out",
    answer:
      "What is in the sink trap is lost; what is in the beaker is not. Pour all you have together, let it settle once more, and note what is missing when you measure.",
  },
};
