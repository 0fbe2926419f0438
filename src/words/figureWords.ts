import { t } from "@/language/t";

/** A number that Sereno works out, and how: from what, by which rule, how sure. */
export interface FigureWords {
  figure: string;
  says: string;
  /** Where the guide tells more. */
  guide: (typeof guide)[keyof typeof guide];
}

/* The sections of the guide. */
const guide = {
  atTheStill: "/bench/guide?about=At%20the%20still",
  learn: "/bench/guide?about=Learn",
  plan: "/bench/guide?about=The%20plan",
  separate: "/bench/guide?about=Separate",
  keep: "/bench/guide?about=Keep",
  harvests: "/bench/guide?about=Harvests",
  day: "/bench/guide?about=A%20day%20at%20several%20stills",
  plants: "/bench/guide?about=Plants",
  still: "/bench/guide?about=Your%20still",
} as const;

/** How each computed number comes about, in at most three short sentences. */
export const figureWords = {
  /* At the still. */
  flow: {
    figure: t`Flow`,
    guide: guide.atTheStill,
    says: t`Distillate a minute. It follows from the heat and your still until you read the jar, count drips or connect a scale. Then your reading counts.`,
  },
  head: {
    figure: t`Head`,
    guide: guide.atTheStill,
    says: t`The temperature you read last, beside where oil and water boil together at your altitude. A head below that gets too little steam. A much hotter one gets no water.`,
  },
  outlet: {
    figure: t`Outlet`,
    guide: guide.atTheStill,
    says: t`The temperature you read last, beside the limit. A warm outlet lets oil leave as vapour.`,
  },
  potLevel: {
    figure: t`Water in the pot`,
    guide: guide.atTheStill,
    says: t`What you filled in, less what came over and what the plant keeps. Water you add is counted. Look yourself wherever you can.`,
  },
  jarLevel: {
    figure: t`In the jar`,
    guide: guide.atTheStill,
    says: t`The flow since the jar was swapped, or the jar's level as you read it last.`,
  },
  oilSoFar: {
    figure: t`Visible oil so far`,
    guide: guide.atTheStill,
    says: t`The middle of many simulated runs that fit what you have read. The range at the end holds eight of ten of them. An oil reading narrows it most.`,
  },
  heatOffIn: {
    figure: t`Heat off in about`,
    guide: guide.atTheStill,
    says: t`The time until your stop, at the flow of now. It moves with each reading and with the heat.`,
  },
  /* Of a run. */
  yieldOf: {
    figure: t`Yield`,
    guide: guide.learn,
    says: t`Measured oil by the weight of plant. As charged counts the plant with its water, dry matter counts it without. Compare runs by dry matter.`,
  },
  expectedOil: {
    figure: t`Expected oil`,
    guide: guide.plan,
    says: t`The plan's likely range: the plant's usual content, less what steam does not reach and what the water dissolves. Eight of ten runs like this end in it.`,
  },
  whereItWent: {
    figure: t`Where the oil went`,
    guide: guide.learn,
    says: t`What the plant held is shared out: drawn off, dissolved, floating as fine drops, left in the plant. Only what you drew off is measured. The rest is an estimate.`,
  },
  /* Separating. */
  settlingTime: {
    figure: t`Time to settle`,
    guide: guide.separate,
    says: t`Drops rise by their size and by how much lighter the oil is than water. The time holds for nine tenths of the oil. Warmth and salt shorten it.`,
  },
  layerHeight: {
    figure: t`Height of the layer`,
    guide: guide.separate,
    says: t`The oil's volume by the width of the vessel. A layer thinner than a coin is hard to see and to draw off.`,
  },
  /* On the shelf. */
  bestByDay: {
    figure: t`Best by`,
    guide: guide.keep,
    says: t`Months for this kind of oil or hydrosol, shortened by warmth, light, air and opening. The months are a rule that you can change. Smell and look decide.`,
  },
  leftInBottle: {
    figure: t`What is left`,
    guide: guide.keep,
    says: t`What was filled in, less each use you noted. What evaporates or sticks to the glass is not counted.`,
  },
  mostOnSkin: {
    figure: t`Most on skin`,
    guide: guide.keep,
    says: t`The strictest of three: the usual limit for that skin, the plant's own, and the limits of what the oil is made of. It is a usual caution, not advice.`,
  },
  costOf: {
    figure: t`Costs`,
    guide: guide.keep,
    says: t`Energy and ice by the run's own log, plant and water by weight, at the prices you set. What has no price is left out.`,
  },
  seasonSum: {
    figure: t`The season`,
    guide: guide.keep,
    says: t`The sum of all lots that were made in this year. Costs follow from the log of each run. What it is worth follows from your own prices.`,
  },
  /* The harvest. */
  waterInPlant: {
    figure: t`Water in the plant`,
    guide: guide.harvests,
    says: t`From the usual water of such a plant when cut, and from each weighing since: dry matter stays, only water leaves. Drying a handful makes it your own.`,
  },
  leftOfHarvest: {
    figure: t`What is left of a harvest`,
    guide: guide.harvests,
    says: t`The last weighing, less each charge and what you took away. Less than a fiftieth counts as nothing.`,
  },
  /* The day. */
  dayEnd: {
    figure: t`When the day ends`,
    guide: guide.day,
    says: t`Each charge's time by its own plan, with loading, cooling and cleaning as your runs usually took. The order is searched for the soonest end that hands and stills allow.`,
  },
  waitingLoss: {
    figure: t`Oil lost by waiting`,
    guide: guide.day,
    says: t`Cut plant loses oil by the hour, petals most, roots hardly any. The range is judged by kind of plant, not measured on yours.`,
  },
  dayGas: {
    figure: t`Gas and ice of the day`,
    guide: guide.day,
    says: t`The sum of what each charge's plan needs. Cleaning and drying are not in it.`,
  },
  /* Learning. */
  ownFactor: {
    figure: t`What your runs teach`,
    guide: guide.learn,
    says: t`Measured oil against the plan, run by run, weighed with what is usual elsewhere. Few runs move it little. It is used in your next plans of that plant.`,
  },
  trialDifference: {
    figure: t`The difference of a trial`,
    guide: guide.learn,
    says: t`The mean of what each pair shows, with its 95 % range. Where the range holds no difference at all, it may be luck.`,
  },
  compared: {
    figure: t`Compared`,
    guide: guide.learn,
    says: t`Runs measured by the same basis, which you choose. What the model explains is told apart from what is left unexplained.`,
  },
  /* Of plants and stills. */
  plantOil: {
    figure: t`Oil in the plant`,
    guide: guide.plants,
    says: t`The usual range of such plants, from reviews of published analyses, or your own figure. Soil, weather and moment move it more than anything at the still.`,
  },
  oilDensity: {
    figure: t`Density and what dissolves`,
    guide: guide.plants,
    says: t`From the substances of the oil, each at its share. An oil of another kind differs.`,
  },
  heatIn: {
    figure: t`Heat that reaches the pot`,
    guide: guide.still,
    says: t`The source's power less what the room takes. One run with water alone measures it for your still.`,
  },
} as const satisfies Record<string, FigureWords>;

export type FigureId = keyof typeof figureWords;

/** The figures of a screen with their explanations, in the order they are given. */
export function figuresOf(ids: readonly FigureId[]): FigureWords[] {
  return ids.map((id) => figureWords[id]);
}
