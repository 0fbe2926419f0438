import type { Sign, Verdict } from "@/core/shelf/verdict";
import { t } from "@/language/t";
import type { Check } from "@/records/check";

export const checkSmellWords: Record<NonNullable<Check["smell"]>, string> = {
  asItWas: t`As it was`,
  weaker: t`Weaker`,
  sharp: t`Sharp, like varnish`,
  sour: t`Sour`,
  musty: t`Musty`,
};
export const checkColourWords: Record<NonNullable<Check["colour"]>, string> = {
  asItWas: t`As it was`,
  darker: t`Darker`,
  other: t`Another colour`,
};
export const checkClarityWords: Record<NonNullable<Check["clarity"]>, string> = {
  clear: t`Clear`,
  hazy: t`A haze`,
  cloudy: t`Cloudy`,
};
export const checkSignWords: Record<NonNullable<Check["signs"]>[number], string> = {
  film: t`A film that is not oil`,
  threads: t`Threads or slime`,
  thicker: t`Thicker`,
  stickyRim: t`Sticky rim`,
  waterBelow: t`Water below`,
};

/** What a check comes to, and what to do. */
export const verdictWords: Record<Verdict, { is: string; so: string }> = {
  keep: { is: t`Keep`, so: t`As it should be: close it well and look again in time.` },
  useSoon: { is: t`Use soon`, so: t`It is past its best: use it up within a month.` },
  measureAgain: {
    is: t`Measure again`,
    so: t`Two strips differ by as much. Measure with a new strip, and again in two weeks.`,
  },
  warmFirst: {
    is: t`Warm it first`,
    so: t`Cold shows dissolved oil as a haze. Warm it in the hand: if it clears, it is oil, and it keeps. If not, filter it and look in two weeks.`,
  },
  chillOrFilter: {
    is: t`Chill or filter`,
    so: t`Filter it through paper, chill it, and look again in two weeks.`,
  },
  drawOffWater: {
    is: t`Draw off the water`,
    so: t`Let it stand cold, draw the oil off the water, dry it with a pinch of salt.`,
  },
  notOnSkin: {
    is: t`Not on skin any more`,
    so: t`It has taken up oxygen: for cleaning at most, never on skin.`,
  },
  throwAway: {
    is: t`Throw away`,
    so: t`It is gone. Wash and heat the bottle before it is used again.`,
  },
};

/** What speaks for it. */
const signWords: Record<Sign, string> = {
  phMoved: t`Its pH has moved by half a unit.`,
  manyColonies: t`A plate grew a thousand colonies or more from a millilitre.`,
  someColonies: t`A plate grew a hundred colonies or more: not near eyes, not for children.`,
  phMovedFar: t`Its pH has moved by a whole unit or more.`,
  newCloud: t`It has clouded since.`,
  threads: t`There are threads or flakes in it.`,
  sour: t`It smells sour.`,
  musty: t`It smells musty.`,
  varnish: t`It smells sharp.`,
  thicker: t`It is thicker than it was.`,
  stickyRim: t`Its rim is sticky.`,
  water: t`There is water in it.`,
  haze: t`There is a haze in it.`,
  film: t`There is a film on it that is not oil.`,
  darker: t`It is darker.`,
  otherColour: t`Its colour is another.`,
  weaker: t`It smells weaker.`,
};

/** A check's outcome with its reasons, each a sentence. */
export function checkSentence({ verdict, signs }: { verdict: Verdict; signs: Sign[] }): string {
  const { is } = verdictWords[verdict];
  return signs.length === 0 ? `${is}.` : `${is}. ${signs.map((sign) => signWords[sign]).join(" ")}`;
}
