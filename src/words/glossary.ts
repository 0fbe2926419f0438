import { t } from "@/language/t";

/** A word of the craft, and what it means in a sentence or two. */
export interface GlossaryWord {
  term: string;
  says: string;
}

/** The words that somebody who begins may not know, each said plainly. */
export const glossary = {
  altitude: {
    term: t`Altitude`,
    says: t`How high you are above the sea. Higher up water boils cooler, so steam carries a little less oil.`,
  },
  asCharged: {
    term: t`As charged`,
    says: t`By the weight of the plant as it went into the still, with all the water in it.`,
  },
  basket: {
    term: t`Basket`,
    says: t`The part of a pot that holds the plant above the water, on a grid that lets steam through.`,
  },
  bestBy: {
    term: t`Best by`,
    says: t`The day until which a bottle likely keeps its scent. Air, warmth, light and opening bring it nearer.`,
  },
  blindSniff: {
    term: t`Blind sniff`,
    says: t`A test by nose where nobody knows which strip is which. It shows whether a difference is really there.`,
  },
  bloom: {
    term: t`Bloom`,
    says: t`Mould or germs that grow in a hydrosol: threads, flakes or slime. Throw such a hydrosol away.`,
  },
  bowlAndLid: {
    term: t`Bowl and lid`,
    says: t`A pot with a bowl inside and its lid upside down, with ice on it. Drops run down the lid into the bowl.`,
  },
  calibration: {
    term: t`Calibration`,
    says: t`One run with water alone. It shows how much of the heat reaches your pot, and makes every time more exact.`,
  },
  carrier: {
    term: t`Carrier`,
    says: t`What an oil is thinned with before it goes on skin: a fatty oil, a cream, alcohol.`,
  },
  channelling: {
    term: t`Channelling`,
    says: t`Steam that finds one easy path through the charge and misses the rest. Pack evenly to avoid it.`,
  },
  charge: { term: t`Charge`, says: t`The plant that goes into the still at one time.` },
  cohobation: {
    term: t`With return (cohobation)`,
    says: t`The hydrosol flows back into the pot. Its water is used again and again, so less oil stays dissolved.`,
  },
  composition: {
    term: t`Composition`,
    says: t`The compounds an oil is made of, each with its share. It sets smell, density and cautions.`,
  },
  condenser: {
    term: t`Condenser`,
    says: t`The cooled pipe or coil in which vapour turns back into water and oil.`,
  },
  cut: {
    term: t`Cut`,
    says: t`Where you change the jar during a run, so that early and late distillate stay apart.`,
  },
  density: {
    term: t`Density`,
    says: t`How heavy a liquid is for its volume. Oils lighter than water float, heavier ones sink.`,
  },
  dilution: {
    term: t`Dilution`,
    says: t`How much oil is in a finished mix, in per cent. On skin two per cent is the usual most, for many oils less.`,
  },
  distillate: {
    term: t`Distillate`,
    says: t`All that comes out of the condenser: hydrosol with the oil in it or on it.`,
  },
  dissolved: {
    term: t`Dissolved oil`,
    says: t`Oil that stays in the hydrosol for good. It gives the hydrosol its scent and cannot be skimmed off.`,
  },
  dropper: {
    term: t`Dropper`,
    says: t`What makes drops. Drops differ: twenty to a mL is usual. Weigh yours once and Sereno knows it.`,
  },
  dryLine: {
    term: t`Dry line`,
    says: t`The least water that must stay in the pot to cover its floor or element. Below it the charge burns.`,
  },
  dryMatter: {
    term: t`Dry matter`,
    says: t`What would be left of the plant without any water. Yields by dry matter can be compared however wet the plant was.`,
  },
  fineDrops: {
    term: t`Fine drops`,
    says: t`Oil drops too small to rise at once. They make the hydrosol cloudy and join the layer while it settles.`,
  },
  firstCut: {
    term: t`First cut`,
    says: t`The first part of the hydrosol, kept in its own jar. It holds most of the scent.`,
  },
  firstDrop: {
    term: t`First drop`,
    says: t`The moment distillate begins to come. The run's time is counted from here.`,
  },
  flow: {
    term: t`Flow`,
    says: t`How much distillate comes in a minute. About a drop a second is gentle on a small still.`,
  },
  freeOil: {
    term: t`Free oil`,
    says: t`Oil in glands on the surface or in cells that are broken. It comes over first.`,
  },
  haze: {
    term: t`Haze`,
    says: t`A faint cloud in a hydrosol. Warm it: if it clears, it was oil; if it stays, look for bloom.`,
  },
  head: {
    term: t`Head`,
    says: t`The top of the still, where vapour leaves the pot. Its temperature rises when steam arrives.`,
  },
  headspace: {
    term: t`Headspace`,
    says: t`The free room above the charge. Plant swells and foams; without room it blocks the vapour path.`,
  },
  heatOff: {
    term: t`Heat off`,
    says: t`The end of heating. Some distillate still comes for a few minutes while the pot is hot.`,
  },
  hydrosol: {
    term: t`Hydrosol`,
    says: t`The distilled water with a little of the plant's oil dissolved in it. Also called flower water.`,
  },
  iceLid: {
    term: t`Ice lid`,
    says: t`A lid cooled with ice instead of a condenser. The ice needs changing during the run.`,
  },
  layer: {
    term: t`Oil layer`,
    says: t`Visible oil that has gathered on or under the water. Under a millimetre it can hardly be drawn off.`,
  },
  likely: {
    term: t`Likely range`,
    says: t`Eight runs in ten end within it. One in ten gives less, one in ten more.`,
  },
  lot: {
    term: t`Lot`,
    says: t`One product of one run or blend, in one or more bottles, with a code of its own.`,
  },
  mats: {
    term: t`Matting`,
    says: t`Soft leaves that collapse in steam and stick together, so that steam cannot get through.`,
  },
  moisture: {
    term: t`Water in the plant`,
    says: t`The share of its weight that is water. Fresh herbs have three quarters, dried ones a tenth.`,
  },
  neckTag: { term: t`Neck tag`, says: t`A small label that hangs on a bottle's neck.` },
  notes: {
    term: t`Notes`,
    says: t`Parts of a smell: fresh, floral, woody. Light notes come over first, heavy ones last.`,
  },
  outlet: {
    term: t`Outlet`,
    says: t`Where the distillate leaves the condenser. Warm distillate loses oil to the air.`,
  },
  oxidised: {
    term: t`Oxidised`,
    says: t`Changed by air. Old citrus and pine oils smell sharp and irritate skin: do not use them there.`,
  },
  packing: {
    term: t`Packing`,
    says: t`How much plant goes into so much basket. Even and firm, not pressed, is right.`,
  },
  pH: {
    term: "pH",
    says: t`How acid a hydrosol is. Most lie between 3 and 6. A rise by one often means that germs grow.`,
  },
  phototoxic: {
    term: t`Phototoxic`,
    says: t`On skin it burns in the sun, hours after. Pressed citrus peel oils are known for it.`,
  },
  plantInWater: {
    term: t`Plant in the water`,
    says: t`The plant boils in the pot's water. Right for roots, seeds, petals and powders that steam passes by.`,
  },
  potLiquor: {
    term: t`Pot liquor`,
    says: t`The brown water that is left in the pot. It is not distilled and keeps only days.`,
  },
  receiver: {
    term: t`Receiver`,
    says: t`What stands under the outlet and catches the distillate: a jar, a funnel, a tube with two arms.`,
  },
  release: {
    term: t`Release`,
    says: t`How fast oil deep in the plant comes out. More heat does not help it; time does.`,
  },
  salting: {
    term: t`Salting`,
    says: t`Salt makes water heavier and holds less oil, so that oil separates. Salted hydrosol is not for skin.`,
  },
  school: {
    term: t`Way of working`,
    says: t`A question on which experienced distillers differ. Sereno shows each side with its numbers.`,
  },
  sensitises: {
    term: t`Sensitises`,
    says: t`It can make skin allergic. Once that has happened, even a trace irritates.`,
  },
  separating: {
    term: t`Separating funnel`,
    says: t`A glass with a tap at the bottom. The water runs off below, the oil stays.`,
  },
  settling: {
    term: t`Settling`,
    says: t`Waiting until fine oil drops have risen or sunk into the layer. Light oils need hours, heavy ones a night.`,
  },
  spent: {
    term: t`Spent plant`,
    says: t`The plant after the run. Smell it: if it still smells strongly, the run was too short.`,
  },
  overSteam: {
    term: t`Over steam`,
    says: t`The plant lies above the water and steam goes through it. Gentle, and nothing burns on.`,
  },
  tail: {
    term: t`Tail`,
    says: t`The last part of a run: little oil, heavy notes, weak hydrosol.`,
  },
  trial: {
    term: t`Trial`,
    says: t`A question asked of your own still: two ways that differ in one thing, tried on halves of one harvest.`,
  },
  twoArms: {
    term: t`Receiver with two arms`,
    says: t`Water leaves by one arm, oil by the other, while the run goes on. One kind for oil that floats, one for oil that sinks.`,
  },
  visibleOil: {
    term: t`Visible oil`,
    says: t`Oil you can draw off and measure. It is less than what is distilled: some stays dissolved, some on the glass.`,
  },
  vw: {
    term: "% v/w",
    says: t`Volume by weight: the oil's volume as a share of the plant's weight.`,
  },
  waterRunsLow: {
    term: t`Water runs low`,
    says: t`The moment the pot is down to its dry line. It is the latest possible stop.`,
  },
  wilted: {
    term: t`Wilted`,
    says: t`Left to lie in the shade for a night. It loses water, not oil, so more fits into the still.`,
  },
  ww: { term: "% w/w", says: t`Weight by weight: the oil's weight as a share of the plant's.` },
  yield: {
    term: t`Yield`,
    says: t`How much oil came from so much plant: its volume for the plant's weight, or in per cent.`,
  },
} as const satisfies Record<string, GlossaryWord>;

export type GlossaryId = keyof typeof glossary;

/** Some words of the glossary, in the order of the alphabet. */
export function wordsOf(ids: readonly GlossaryId[]): GlossaryWord[] {
  return ids.map((id) => glossary[id]).sort(byTerm);
}

/** The whole glossary, in the order of the alphabet. */
export function allWords(): GlossaryWord[] {
  return Object.values(glossary).sort(byTerm);
}

function byTerm(a: GlossaryWord, b: GlossaryWord): number {
  return a.term.localeCompare(b.term, "en");
}
