/** A number that Sereno works out, and how: from what, by which rule, how sure. */
export interface FigureWords {
  figure: string;
  says: string;
}

/** How each computed number comes about, in at most three short sentences. */
export const figureWords = {
  /* At the still. */
  flow: {
    figure: "Flow",
    says: "Distillate a minute. It follows from the heat and your still until you read the jar, count drips or connect a scale. Then your reading counts.",
  },
  head: {
    figure: "Head",
    says: "The temperature you read last, beside where oil and water boil together at your altitude. A head below that gets too little steam. A much hotter one gets no water.",
  },
  outlet: {
    figure: "Outlet",
    says: "The temperature you read last, beside the limit. A warm outlet lets oil leave as vapour.",
  },
  potLevel: {
    figure: "Water in the pot",
    says: "What you filled in, less what came over and what the plant keeps. Water you add is counted. Look yourself wherever you can.",
  },
  jarLevel: {
    figure: "In the jar",
    says: "The flow since the jar was swapped, or the jar's level as you read it last.",
  },
  oilSoFar: {
    figure: "Visible oil so far",
    says: "The middle of many simulated runs that fit what you have read. The range at the end holds eight of ten of them. An oil reading narrows it most.",
  },
  heatOffIn: {
    figure: "Heat off in about",
    says: "The time until your stop, at the flow of now. It moves with each reading and with the heat.",
  },
  /* Of a run. */
  yieldOf: {
    figure: "Yield",
    says: "Measured oil by the weight of plant. As charged counts the plant with its water, dry matter counts it without. Compare runs by dry matter.",
  },
  expectedOil: {
    figure: "Expected oil",
    says: "The plan's likely range: the plant's usual content, less what steam does not reach and what the water dissolves. Eight of ten runs like this end in it.",
  },
  whereItWent: {
    figure: "Where the oil went",
    says: "What the plant held is shared out: drawn off, dissolved, floating as fine drops, left in the plant. Only what you drew off is measured. The rest is an estimate.",
  },
  /* Separating. */
  settlingTime: {
    figure: "Time to settle",
    says: "Drops rise by their size and by how much lighter the oil is than water. The time holds for nine tenths of the oil. Warmth and salt shorten it.",
  },
  layerHeight: {
    figure: "Height of the layer",
    says: "The oil's volume by the width of the vessel. A layer thinner than a coin is hard to see and to draw off.",
  },
  /* On the shelf. */
  bestByDay: {
    figure: "Best by",
    says: "Months for this kind of oil or hydrosol, shortened by warmth, light, air and opening. The months are a rule that you can change. Smell and look decide.",
  },
  leftInBottle: {
    figure: "What is left",
    says: "What was filled in, less each use you noted. What evaporates or sticks to the glass is not counted.",
  },
  mostOnSkin: {
    figure: "Most on skin",
    says: "The strictest of three: the usual limit for that skin, the plant's own, and the limits of what the oil is made of. It is a usual caution, not advice.",
  },
  costOf: {
    figure: "Costs",
    says: "Energy and ice by the run's own log, plant and water by weight, at the prices you set. What has no price is left out.",
  },
  seasonSum: {
    figure: "The season",
    says: "The sum of all lots that were made in this year. Costs follow from the log of each run. What it is worth follows from your own prices.",
  },
  /* The harvest. */
  waterInPlant: {
    figure: "Water in the plant",
    says: "From the usual water of such a plant when cut, and from each weighing since: dry matter stays, only water leaves. Drying a handful makes it your own.",
  },
  leftOfHarvest: {
    figure: "What is left of a harvest",
    says: "The last weighing, less each charge and what you took away. Less than a fiftieth counts as nothing.",
  },
  /* The day. */
  dayEnd: {
    figure: "When the day ends",
    says: "Each charge's time by its own plan, with loading, cooling and cleaning as your runs usually took. The order is searched for the soonest end that hands and stills allow.",
  },
  waitingLoss: {
    figure: "Oil lost by waiting",
    says: "Cut plant loses oil by the hour, petals most, roots hardly any. The range is judged by kind of plant, not measured on yours.",
  },
  dayGas: {
    figure: "Gas and ice of the day",
    says: "The sum of what each charge's plan needs. Cleaning and drying are not in it.",
  },
  /* Learning. */
  ownFactor: {
    figure: "What your runs teach",
    says: "Measured oil against the plan, run by run, weighed with what is usual elsewhere. Few runs move it little. It is used in your next plans of that plant.",
  },
  trialDifference: {
    figure: "The difference of a trial",
    says: "The mean of what each pair shows, with its 95 % range. Where the range holds no difference at all, it may be luck.",
  },
  compared: {
    figure: "Compared",
    says: "Runs measured by the same basis, which you choose. What the model explains is told apart from what is left unexplained.",
  },
  /* Of plants and stills. */
  plantOil: {
    figure: "Oil in the plant",
    says: "The usual range of such plants, from reviews of published analyses, or your own figure. Soil, weather and moment move it more than anything at the still.",
  },
  oilDensity: {
    figure: "Density and what dissolves",
    says: "From the substances of the oil, each at its share. An oil of another kind differs.",
  },
  heatIn: {
    figure: "Heat that reaches the pot",
    says: "The source's power less what the room takes. One run with water alone measures it for your still.",
  },
} as const satisfies Record<string, FigureWords>;

export type FigureId = keyof typeof figureWords;

/** The figures of a screen with their explanations, in the order they are given. */
export function figuresOf(ids: readonly FigureId[]): FigureWords[] {
  return ids.map((id) => figureWords[id]);
}
