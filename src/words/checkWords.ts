import type { Sign, Verdict } from "@/core/shelf/verdict";
import type { Check } from "@/records/check";

export const checkSmellWords: Record<NonNullable<Check["smell"]>, string> = {
  asItWas: "As it was",
  weaker: "Weaker",
  sharp: "Sharp, like varnish",
  sour: "Sour",
  musty: "Musty",
};
export const checkColourWords: Record<NonNullable<Check["colour"]>, string> = {
  asItWas: "As it was",
  darker: "Darker",
  other: "Another colour",
};
export const checkClarityWords: Record<NonNullable<Check["clarity"]>, string> = {
  clear: "Clear",
  hazy: "A haze",
  cloudy: "Cloudy",
};
export const checkSignWords: Record<NonNullable<Check["signs"]>[number], string> = {
  film: "A film that is not oil",
  threads: "Threads or slime",
  thicker: "Thicker",
  stickyRim: "Sticky rim",
  waterBelow: "Water below",
};

/** What a check comes to, and what to do. */
export const verdictWords: Record<Verdict, { is: string; so: string }> = {
  keep: { is: "Keep", so: "As it should be: close it well and look again in time." },
  useSoon: { is: "Use soon", so: "It is past its best: use it up within a month." },
  measureAgain: {
    is: "Measure again",
    so: "Two strips differ by as much. Measure with a new strip, and again in two weeks.",
  },
  warmFirst: {
    is: "Warm it first",
    so: "Cold shows dissolved oil as a haze. Warm it in the hand: if it clears, it is oil, and it keeps. If not, filter it and look in two weeks.",
  },
  chillOrFilter: {
    is: "Chill or filter",
    so: "Filter it through paper, chill it, and look again in two weeks.",
  },
  drawOffWater: {
    is: "Draw off the water",
    so: "Let it stand cold, draw the oil off the water, dry it with a pinch of salt.",
  },
  notOnSkin: {
    is: "Not on skin any more",
    so: "It has taken up oxygen: for cleaning at most, never on skin.",
  },
  throwAway: {
    is: "Throw away",
    so: "It is gone. Wash and heat the bottle before it is used again.",
  },
};

/** What speaks for it. */
const signWords: Record<Sign, string> = {
  phMoved: "Its pH has moved by half a unit.",
  manyColonies: "A plate grew a thousand colonies or more from a millilitre.",
  someColonies: "A plate grew a hundred colonies or more: not near eyes, not for children.",
  phMovedFar: "Its pH has moved by a whole unit or more.",
  newCloud: "It has clouded since.",
  threads: "There are threads or flakes in it.",
  sour: "It smells sour.",
  musty: "It smells musty.",
  varnish: "It smells sharp.",
  thicker: "It is thicker than it was.",
  stickyRim: "Its rim is sticky.",
  water: "There is water in it.",
  haze: "There is a haze in it.",
  film: "There is a film on it that is not oil.",
  darker: "It is darker.",
  otherColour: "Its colour is another.",
  weaker: "It smells weaker.",
};

/** A check's outcome with its reasons, each a sentence. */
export function checkSentence({ verdict, signs }: { verdict: Verdict; signs: Sign[] }): string {
  const { is } = verdictWords[verdict];
  return signs.length === 0 ? `${is}.` : `${is}. ${signs.map((sign) => signWords[sign]).join(" ")}`;
}
