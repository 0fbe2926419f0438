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
        claim: "Gentle on flowers and on herbs like mint. Nothing scorches, and esters stay whole.",
        effect: "The steam heats the plant before the first drop. The water only has to last.",
      },
      {
        id: "hydro",
        name: "Plant in the water",
        claim: "Reaches the oil in grasses, seeds, roots, petals and zest, where steam passes by.",
        effect: "The first drop comes at the boil. The plant takes room and soaks up water.",
      },
      {
        id: "cohobation",
        name: "With return",
        claim: "For plants with little oil. Water that is full of oil dissolves no more.",
        effect: "Only the water in the pot dissolves oil. No hydrosol is kept.",
      },
      {
        id: "bowl",
        name: "Bowl and lid",
        claim: "Needs no condenser: a pot, a bowl and ice. For a first small try of a plant.",
      },
    ],
    defaultIs: "The plant's own preference",
    reason: "The tissue decides what steam can reach.",
  },
  {
    id: "water",
    question: "How much water?",
    schools: [
      {
        id: "ratio",
        name: "By plant weight",
        claim:
          "Five times the weight of fresh plant, eight to twelve times that of dry. The same every time.",
        effect: "A larger charge gets more water.",
      },
      {
        id: "cover",
        name: "Until it is covered",
        claim: "A finger of water above the plant lets it move.",
        effect: "Loose plant needs more, dense seed less.",
      },
      {
        id: "mark",
        name: "To the pot's mark",
        claim: "One mark, no arithmetic, and the water lasts long.",
        effect: "Slowest to boil.",
      },
    ],
    defaultIs: "By plant weight, as far as the still holds it",
    reason: "It can be repeated, so that runs can be compared.",
  },
  {
    id: "freshness",
    question: "Fresh, wilted or dried?",
    schools: [
      {
        id: "fresh",
        name: "Fresh",
        claim: "Nothing is lost to the air. It smells like the garden.",
        effect: "Less oil for its weight, since much of it is water.",
      },
      {
        id: "wilted",
        name: "Wilted overnight",
        claim: "Loses water, not oil. More fits in, and the hydrosol smells less of grass.",
        effect: "The same cut weighs less and holds more oil for its weight.",
      },
      {
        id: "dried",
        name: "Dried",
        claim: "Keeps until there is time. Right for seeds and roots.",
        effect: "Most oil for its weight, less with every month in storage.",
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
        claim: "A purer oil, without the green smell of stems.",
        effect: "More oil for its weight. Soft leaves mat in steam.",
      },
      {
        id: "withStems",
        name: "Keep some stem",
        claim: "Stems keep paths open for the steam.",
        effect: "Looser packing, no matting.",
      },
    ],
    defaultIs: "Some stem kept",
    reason: "Steam that finds one channel through a matted charge costs more oil than stems do.",
  },
  {
    id: "pace",
    question: "Gentle or brisk?",
    schools: [
      {
        id: "gentle",
        name: "Gentle",
        claim: "About a drop a second on a small still. The hydrosol is richer and comes cooler.",
        effect:
          "You turn the heat down after the first drop. It takes longer, with less water and cooling an hour.",
      },
      {
        id: "brisk",
        name: "Brisk",
        claim: "More in an hour. The heavy part of the oil comes over sooner.",
        effect: "Full heat to the end. Late in the run it only thins the hydrosol.",
      },
    ],
    defaultIs: "Gentle after the first drop",
    reason: "Oil deep in the plant needs time more than steam.",
  },
  {
    id: "stop",
    question: "When to stop?",
    schools: [
      {
        id: "tail",
        name: "Hydrosol first, then oil",
        claim:
          "Keep the hydrosol that is worth it. Then go on while ten more minutes are worth it.",
        effect: "You change the jar once, and stop when the oil gets too little.",
      },
      {
        id: "least",
        name: "Whichever comes first",
        claim: "Hydrosol wanted, not worth ten more minutes, or water runs low.",
        effect: "The first of the three ends the run.",
      },
      {
        id: "ratio",
        name: "Hydrosol wanted",
        claim: "As much hydrosol as plant keeps its scent.",
        effect: "Stops at a volume you can read on the jar.",
      },
      {
        id: "worth",
        name: "Not worth ten more minutes",
        claim: "Stop when ten more minutes bring too little oil.",
        effect: "Follows how the oil comes over.",
      },
      {
        id: "clock",
        name: "By the clock",
        claim: "The same number of minutes every year.",
        effect: "Stops at a time you set.",
      },
      {
        id: "smell",
        name: "By smell",
        claim: "Stop when the drops smell of boiled stalks.",
        effect: "The plan shows the usual time. Your nose decides.",
      },
    ],
    defaultIs: "Hydrosol first, then oil",
    reason: "Hydrosol loses its scent sooner than the plant its oil.",
  },
  {
    id: "hydrosol",
    question: "One hydrosol or several?",
    schools: [
      {
        id: "firstCut",
        name: "First cut in its own jar",
        claim: "The first part holds most of the scent. The rest is for the garden.",
        effect: "You change the jar after a third of the hydrosol.",
      },
      {
        id: "notes",
        name: "A jar for each note",
        claim: "Early, middle and late notes each get a jar, to blend or to leave out.",
        effect: "You change the jar at the two cuts under Which notes come when.",
      },
      { id: "all", name: "All in one jar", claim: "Only the whole run smells like the plant." },
    ],
    defaultIs: "First cut in its own jar",
    reason: "Two jars can still be poured together. One cannot be split again.",
  },
  {
    id: "settling",
    question: "How long to let it settle?",
    schools: [
      {
        id: "share",
        name: "Until 95 % has risen",
        claim: "As long as this oil needs.",
        effect: "Calculated from the oil's density.",
      },
      {
        id: "halfHour",
        name: "Half an hour",
        claim: "What has not separated by then is not worth waiting for.",
        effect: "Half an hour.",
      },
      {
        id: "overnight",
        name: "Overnight",
        claim: "Waiting costs nothing.",
        effect: "Twelve hours.",
      },
      {
        id: "salt",
        name: "With salt",
        claim: "Salt drives fine drops out of the water.",
        effect:
          "Salt makes the water heavier: oil that floats separates sooner, oil that sinks later. Salted hydrosol is not for the skin.",
      },
    ],
    defaultIs: "Until 95 % has risen",
    reason: "Light oils need two hours, heavy ones more than a night.",
  },
  {
    id: "copper",
    question: "Copper?",
    schools: [
      { id: "none", name: "None", claim: "Steel and glass change nothing in the oil." },
      {
        id: "copper",
        name: "In the packing or head",
        claim: "Takes away the sulphur smell of some fresh plants.",
      },
    ],
    defaultIs: "None",
    reason: "Sereno keeps it with the run, so that your own runs can show.",
  },
];
