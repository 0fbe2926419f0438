/** One school of practice on a question. */
interface School {
  id: string;
  name: string;
  /** What it claims. */
  claim: string;
  /** What it changes in the numbers; absent where the model has no say and it is only written down. */
  effect?: string;
}

/** A question on which practitioners differ. */
export interface SchoolQuestion {
  id:
    | "freshness"
    | "preparation"
    | "method"
    | "water"
    | "pace"
    | "stop"
    | "hydrosol"
    | "settling"
    | "copper";
  question: string;
  schools: readonly School[];
  /** What is taken where the person does not choose, and why. */
  defaultIs: string;
  reason: string;
}

/** The main schools, side by side; none of them is wrong, and a trial of one's own decides. */
export const schoolQuestions: readonly SchoolQuestion[] = [
  {
    id: "method",
    question: "Steam, or plant in the water?",
    schools: [
      {
        id: "steam",
        name: "Over steam",
        claim: "Gentle on flowers and mint-like herbs; nothing scorches and esters stay whole.",
        effect: "Plant must be heated through before the first drop; water only needs a reserve.",
      },
      {
        id: "hydro",
        name: "Plant in the water",
        claim: "Reaches grasses, seeds, roots, petals and mashed zest that steam passes by.",
        effect: "First drop at the boil; plant takes room in the pot and soaks up water.",
      },
      {
        id: "cohobation",
        name: "Hydrosol flows back",
        claim: "For low yields: water that has taken its fill of oil takes no more.",
        effect: "Only the pot's own water dissolves oil; no hydrosol is kept.",
      },
      {
        id: "bowl",
        name: "Bowl and lid",
        claim: "Needs no condenser: a pot, a bowl and ice. For small tastes of a plant.",
      },
    ],
    defaultIs: "The plant's own preference",
    reason: "The tissue decides what steam can reach.",
  },
  {
    id: "water",
    question: "How much water with plant that swims?",
    schools: [
      {
        id: "ratio",
        name: "By ratio to plant",
        claim: "Fresh about one to five, dry one to eight or twelve: the same every time.",
        effect: "Water grows with the charge.",
      },
      {
        id: "cover",
        name: "Until it is covered",
        claim: "A finger of water over the plant is what it needs to move.",
        effect: "Loosely packing plant asks for more, dense seed for less.",
      },
      {
        id: "mark",
        name: "To the pot's mark",
        claim: "One mark, no arithmetic, a long reserve.",
        effect: "Slowest to boil, longest reserve.",
      },
    ],
    defaultIs: "By ratio, capped by the still",
    reason: "It can be repeated, so that one run can be held against the next.",
  },
  {
    id: "freshness",
    question: "At once, wilted or dried?",
    schools: [
      {
        id: "fresh",
        name: "At once",
        claim: "Nothing is lost to the air, and the scent is the garden's.",
        effect: "Less oil per kilogram, since much of it is water.",
      },
      {
        id: "wilted",
        name: "Wilted overnight",
        claim: "Loses water, not oil: more fits in and the hydrosol is less grassy.",
        effect: "The same cut weighs less and holds more oil per kilogram.",
      },
      {
        id: "dried",
        name: "Dried",
        claim: "Waits until there is time; seeds and roots want it.",
        effect: "Most oil per kilogram, less with every month it lies.",
      },
    ],
    defaultIs: "The plant's first state",
    reason: "Published contents differ by plant more than by school.",
  },
  {
    id: "preparation",
    question: "Leaves only, or stems too?",
    schools: [
      {
        id: "leavesOnly",
        name: "Leaves only",
        claim: "A purer oil without the green of the stem.",
        effect: "More oil per kilogram; soft leaves mat in steam.",
      },
      {
        id: "withStems",
        name: "Keep some stem",
        claim: "Stems hold ways open for the steam.",
        effect: "Looser packing, no matting.",
      },
    ],
    defaultIs: "Some stem kept",
    reason: "A channel in a matted charge costs more than stems do.",
  },
  {
    id: "pace",
    question: "Gentle or brisk?",
    schools: [
      {
        id: "gentle",
        name: "Gentle",
        claim: "About a drop a second on a small still: more oil in each litre, cooler distillate.",
        effect:
          "The heat is turned down after the first drop: longer, less water and cooling an hour.",
      },
      {
        id: "brisk",
        name: "Brisk",
        claim: "More in an hour, and heavy parts come over before one tires.",
        effect: "Full heat to the end: past the knee it only thins the hydrosol.",
      },
    ],
    defaultIs: "Gentle after the first drop",
    reason: "Oil bound in the tissue comes with time, not with steam.",
  },
  {
    id: "stop",
    question: "When to stop?",
    schools: [
      {
        id: "tail",
        name: "Hydrosol, then the oil's tail",
        claim: "A jar of hydrosol worth keeping; then a tail while its oil is worth the heat.",
        effect: "A jar swap where the hydrosol ends, the stop where the oil does.",
      },
      {
        id: "least",
        name: "Whichever comes first",
        claim: "Weight of hydrosol, worth of ten more minutes, or the pot's reserve.",
        effect: "The earliest of the three ends the run.",
      },
      {
        id: "ratio",
        name: "Hydrosol to plant",
        claim: "One to one keeps a hydrosol that smells.",
        effect: "Stops at a volume.",
      },
      {
        id: "worth",
        name: "Worth of ten minutes",
        claim: "Stop when the next ten bring too little.",
        effect: "Stops by the oil's curve.",
      },
      {
        id: "clock",
        name: "The clock",
        claim: "So many minutes, as every year.",
        effect: "Stops at a time.",
      },
      {
        id: "smell",
        name: "By smell",
        claim: "When the drops smell of boiled stalk, it is done.",
        effect: "The clock's usual time stands in the plan; your nose ends it.",
      },
    ],
    defaultIs: "Hydrosol, then the oil's tail",
    reason: "They are two questions: how much hydrosol smells, and how long the oil pays.",
  },
  {
    id: "hydrosol",
    question: "One hydrosol or two?",
    schools: [
      {
        id: "firstCut",
        name: "First cut apart",
        claim: "The first part holds most of the scent; the rest is for the garden.",
        effect: "A jar swap is planned at a third of the hydrosol worth keeping.",
      },
      {
        id: "notes",
        name: "By its notes",
        claim: "Sharp, middle and heavy each in a jar of its own, to blend or to leave out.",
        effect: "Jar swaps are planned at the two cuts under Which notes come when.",
      },
      { id: "all", name: "Keep all together", claim: "The whole run is the plant." },
    ],
    defaultIs: "First cut apart",
    reason: "Two jars can still be poured together; one cannot be parted.",
  },
  {
    id: "settling",
    question: "How long to let it settle?",
    schools: [
      {
        id: "share",
        name: "Until 95 % has risen",
        claim: "As long as this oil needs, by its density.",
        effect: "Time from the fine drops' rise.",
      },
      {
        id: "halfHour",
        name: "Half an hour",
        claim: "What has not parted by then never pays.",
        effect: "Half an hour.",
      },
      { id: "overnight", name: "Overnight", claim: "Patience is free.", effect: "Twelve hours." },
      {
        id: "salt",
        name: "With salt",
        claim: "Salted water lets go of fine drops.",
        effect:
          "The water grows heavier: oil that floats parts sooner, oil that sinks later. Salted hydrosol is not for the skin.",
      },
    ],
    defaultIs: "Until 95 % has risen",
    reason: "Light oils are done in two hours, heavy ones are not by morning.",
  },
  {
    id: "copper",
    question: "Copper?",
    schools: [
      { id: "none", name: "None", claim: "Clean steel or glass changes nothing." },
      {
        id: "copper",
        name: "Packing or head",
        claim: "Takes up the sulphur notes of some fresh plants.",
      },
    ],
    defaultIs: "None",
    reason: "It is written down with the run, so that your own runs can tell.",
  },
];
