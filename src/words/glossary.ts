/** A word of the craft, and what it means in a sentence or two. */
export interface GlossaryWord {
  term: string;
  says: string;
}

/** The words that somebody who begins may not know, each said plainly. */
export const glossary = {
  altitude: {
    term: "Altitude",
    says: "How high you are above the sea. Higher up water boils cooler, so steam carries a little less oil.",
  },
  asCharged: {
    term: "As charged",
    says: "By the weight of the plant as it went into the still, with all the water in it.",
  },
  basket: {
    term: "Basket",
    says: "The part of a pot that holds the plant above the water, on a grid that lets steam through.",
  },
  bestBy: {
    term: "Best by",
    says: "The day until which a bottle likely keeps its scent. Air, warmth, light and opening bring it nearer.",
  },
  blindSniff: {
    term: "Blind sniff",
    says: "A test by nose where nobody knows which strip is which. It shows whether a difference is really there.",
  },
  bloom: {
    term: "Bloom",
    says: "Mould or germs that grow in a hydrosol: threads, flakes or slime. Throw such a hydrosol away.",
  },
  bowlAndLid: {
    term: "Bowl and lid",
    says: "A pot with a bowl inside and its lid upside down, with ice on it. Drops run down the lid into the bowl.",
  },
  calibration: {
    term: "Calibration",
    says: "One run with water alone. It shows how much of the heat reaches your pot, and makes every time more exact.",
  },
  carrier: {
    term: "Carrier",
    says: "What an oil is thinned with before it goes on skin: a fatty oil, a cream, alcohol.",
  },
  channelling: {
    term: "Channelling",
    says: "Steam that finds one easy path through the charge and misses the rest. Pack evenly to avoid it.",
  },
  charge: { term: "Charge", says: "The plant that goes into the still at one time." },
  cohobation: {
    term: "With return (cohobation)",
    says: "The hydrosol flows back into the pot. Its water is used again and again, so less oil stays dissolved.",
  },
  composition: {
    term: "Composition",
    says: "The compounds an oil is made of, each with its share. It sets smell, density and cautions.",
  },
  condenser: {
    term: "Condenser",
    says: "The cooled pipe or coil in which vapour turns back into water and oil.",
  },
  cut: {
    term: "Cut",
    says: "Where you change the jar during a run, so that early and late distillate stay apart.",
  },
  density: {
    term: "Density",
    says: "How heavy a liquid is for its volume. Oils lighter than water float, heavier ones sink.",
  },
  dilution: {
    term: "Dilution",
    says: "How much oil is in a finished mix, in per cent. On skin two per cent is the usual most, for many oils less.",
  },
  distillate: {
    term: "Distillate",
    says: "All that comes out of the condenser: hydrosol with the oil in it or on it.",
  },
  dissolved: {
    term: "Dissolved oil",
    says: "Oil that stays in the hydrosol for good. It gives the hydrosol its scent and cannot be skimmed off.",
  },
  dropper: {
    term: "Dropper",
    says: "What makes drops. Drops differ: twenty to a mL is usual. Weigh yours once and Sereno knows it.",
  },
  dryLine: {
    term: "Dry line",
    says: "The least water that must stay in the pot to cover its floor or element. Below it the charge burns.",
  },
  dryMatter: {
    term: "Dry matter",
    says: "What would be left of the plant without any water. Yields by dry matter can be compared however wet the plant was.",
  },
  fineDrops: {
    term: "Fine drops",
    says: "Oil drops too small to rise at once. They make the hydrosol cloudy and join the layer while it settles.",
  },
  firstCut: {
    term: "First cut",
    says: "The first part of the hydrosol, kept in its own jar. It holds most of the scent.",
  },
  firstDrop: {
    term: "First drop",
    says: "The moment distillate begins to come. The run's time is counted from here.",
  },
  flow: {
    term: "Flow",
    says: "How much distillate comes in a minute. About a drop a second is gentle on a small still.",
  },
  freeOil: {
    term: "Free oil",
    says: "Oil in glands on the surface or in cells that are broken. It comes over first.",
  },
  haze: {
    term: "Haze",
    says: "A faint cloud in a hydrosol. Warm it: if it clears, it was oil; if it stays, look for bloom.",
  },
  head: {
    term: "Head",
    says: "The top of the still, where vapour leaves the pot. Its temperature rises when steam arrives.",
  },
  headspace: {
    term: "Headspace",
    says: "The free room above the charge. Plant swells and foams; without room it blocks the vapour path.",
  },
  heatOff: {
    term: "Heat off",
    says: "The end of heating. Some distillate still comes for a few minutes while the pot is hot.",
  },
  hydrosol: {
    term: "Hydrosol",
    says: "The distilled water with a little of the plant's oil dissolved in it. Also called flower water.",
  },
  iceLid: {
    term: "Ice lid",
    says: "A lid cooled with ice instead of a condenser. The ice needs changing during the run.",
  },
  layer: {
    term: "Oil layer",
    says: "Visible oil that has gathered on or under the water. Under a millimetre it can hardly be drawn off.",
  },
  likely: {
    term: "Likely range",
    says: "Eight runs in ten end within it. One in ten gives less, one in ten more.",
  },
  lot: {
    term: "Lot",
    says: "One product of one run or blend, in one or more bottles, with a code of its own.",
  },
  mats: {
    term: "Matting",
    says: "Soft leaves that collapse in steam and stick together, so that steam cannot get through.",
  },
  moisture: {
    term: "Water in the plant",
    says: "The share of its weight that is water. Fresh herbs have three quarters, dried ones a tenth.",
  },
  neckTag: { term: "Neck tag", says: "A small label that hangs on a bottle's neck." },
  notes: {
    term: "Notes",
    says: "Parts of a smell: fresh, floral, woody. Light notes come over first, heavy ones last.",
  },
  outlet: {
    term: "Outlet",
    says: "Where the distillate leaves the condenser. Warm distillate loses oil to the air.",
  },
  oxidised: {
    term: "Oxidised",
    says: "Changed by air. Old citrus and pine oils smell sharp and irritate skin: do not use them there.",
  },
  packing: {
    term: "Packing",
    says: "How much plant goes into so much basket. Even and firm, not pressed, is right.",
  },
  pH: {
    term: "pH",
    says: "How acid a hydrosol is. Most lie between 3 and 6. A rise by one often means that germs grow.",
  },
  phototoxic: {
    term: "Phototoxic",
    says: "On skin it burns in the sun, hours after. Pressed citrus peel oils are known for it.",
  },
  plantInWater: {
    term: "Plant in the water",
    says: "The plant boils in the pot's water. Right for roots, seeds, petals and powders that steam passes by.",
  },
  potLiquor: {
    term: "Pot liquor",
    says: "The brown water that is left in the pot. It is not distilled and keeps only days.",
  },
  receiver: {
    term: "Receiver",
    says: "What stands under the outlet and catches the distillate: a jar, a funnel, a tube with two arms.",
  },
  release: {
    term: "Release",
    says: "How fast oil deep in the plant comes out. More heat does not help it; time does.",
  },
  salting: {
    term: "Salting",
    says: "Salt makes water heavier and holds less oil, so that oil separates. Salted hydrosol is not for skin.",
  },
  school: {
    term: "Way of working",
    says: "A question on which experienced distillers differ. Sereno shows each side with its numbers.",
  },
  sensitises: {
    term: "Sensitises",
    says: "It can make skin allergic. Once that has happened, even a trace irritates.",
  },
  separating: {
    term: "Separating funnel",
    says: "A glass with a tap at the bottom. The water runs off below, the oil stays.",
  },
  settling: {
    term: "Settling",
    says: "Waiting until fine oil drops have risen or sunk into the layer. Light oils need hours, heavy ones a night.",
  },
  spent: {
    term: "Spent plant",
    says: "The plant after the run. Smell it: if it still smells strongly, the run was too short.",
  },
  overSteam: {
    term: "Over steam",
    says: "The plant lies above the water and steam goes through it. Gentle, and nothing burns on.",
  },
  tail: {
    term: "Tail",
    says: "The last part of a run: little oil, heavy notes, weak hydrosol.",
  },
  trial: {
    term: "Trial",
    says: "A question asked of your own still: two ways that differ in one thing, tried on halves of one harvest.",
  },
  twoArms: {
    term: "Receiver with two arms",
    says: "Water leaves by one arm, oil by the other, while the run goes on. One kind for oil that floats, one for oil that sinks.",
  },
  visibleOil: {
    term: "Visible oil",
    says: "Oil you can draw off and measure. It is less than what is distilled: some stays dissolved, some on the glass.",
  },
  vw: {
    term: "% v/w",
    says: "Volume by weight: the oil's volume as a share of the plant's weight.",
  },
  waterRunsLow: {
    term: "Water runs low",
    says: "The moment the pot is down to its dry line. It is the latest possible stop.",
  },
  wilted: {
    term: "Wilted",
    says: "Left to lie in the shade for a night. It loses water, not oil, so more fits into the still.",
  },
  ww: { term: "% w/w", says: "Weight by weight: the oil's weight as a share of the plant's." },
  yield: {
    term: "Yield",
    says: "How much oil came from so much plant: its volume for the plant's weight, or in per cent.",
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
