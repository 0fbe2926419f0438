/** Something that goes wrong at the still, by what is seen, smelt or heard. */
export interface Trouble {
  id: string;
  /** What one sees, smells or hears. */
  sign: string;
  /** Heat off first. */
  danger: boolean;
  now: readonly string[];
  next: string;
}

const offFirst = "Heat off. Stand back from the steam. Let it cool before you touch or open it.";

/** The guide at the still: what to do now, what to do next time. What is dangerous comes first. */
export const troubleGuide: readonly Trouble[] = [
  {
    id: "pressure",
    sign: "Pressure, hissing, the lid lifts",
    danger: true,
    now: [
      offFirst,
      "Do not hold the lid down and do not open the relief valve by hand.",
      "When it is cold, find what stops the path: plant in the head, set oil in the condenser, a kinked hose.",
    ],
    next: "Keep the headspace, sieve the charge, keep cooling water above the point where the oil sets.",
  },
  {
    id: "potDry",
    sign: "Pot dry, or the element shows",
    danger: true,
    now: [
      offFirst,
      "Never pour cold water on a hot element or floor.",
      "What came over until now is good; smell it for scorching before you pour it together.",
    ],
    next: "Start with more water, or stop earlier: the plan keeps a quarter in reserve.",
  },
  {
    id: "burnt",
    sign: "It smells burnt",
    danger: true,
    now: [
      offFirst,
      "Put this jar apart: one scorched cut spoils the rest.",
      "Cold, look at the floor: plant that sank, or too little water.",
    ],
    next: "Plant off the floor on a grid or in a bag, no powder in water, lower heat.",
  },
  {
    id: "leak",
    sign: "Steam leaks at a joint",
    danger: true,
    now: [
      "Turn the heat down until it no longer blows; off if it is at hand height.",
      "Seal small leaks with a paste of flour and water on a cloth, with gloves.",
      "Do not tighten clamps under steam.",
    ],
    next: "Wipe the seal's seat, look for a leaf in the groove, try it in the clean run.",
  },
  {
    id: "cooling",
    sign: "Cooling stopped",
    danger: true,
    now: [
      "Heat off: vapour now goes into the room.",
      "No flame near the outlet; open a window.",
      "Start the water again slowly; hot glass cracks.",
    ],
    next: "Check hose, pump and tap in the clean run; keep ice for the case.",
  },
  {
    id: "vapour",
    sign: "Distillate warm or steaming",
    danger: false,
    now: [
      "Turn the heat down.",
      "More cooling water, or ice in the tub.",
      "An outlet that is more than hand-warm lets oil go with the air.",
    ],
    next: "A gentler pace, a larger tub, or more ice made the night before.",
  },
  {
    id: "froth",
    sign: "Froth, or plant comes over",
    danger: false,
    now: [
      "Heat down at once, until it falls back.",
      "Change the jar: what came over with plant in it is kept apart and strained.",
      "If it stops the path, treat it as pressure.",
    ],
    next: "Fill a fifth lower, heat slowly to the boil, or distil it over steam.",
  },
  {
    id: "milky",
    sign: "The distillate is milky",
    danger: false,
    now: [
      "Usual at the start: fine oil drops. Go on.",
      "If it stays so, turn down: drops come too fast to join.",
      "Let it settle longer; warm or salted water parts sooner.",
    ],
    next: "Gentler from the first drop; a taller, narrower receiver.",
  },
  {
    id: "noDistillate",
    sign: "No distillate comes",
    danger: false,
    now: [
      "Does it boil? Listen. Look for a leak at every joint.",
      "If it boils and nothing comes and nothing leaks, heat off: the path may be stopped.",
      "A cold, wet charge takes its time: plan and clock tell how long.",
    ],
    next: "Looser packing, some stem kept, a hotter start.",
  },
  {
    id: "overflow",
    sign: "The jar ran over",
    danger: false,
    now: [
      "Swap it. Wipe up: oil on the floor is slippery and burns.",
      "Note how much was lost; oil floats, so it went first.",
    ],
    next: "A larger jar, or the swap cue with sound.",
  },
  {
    id: "tubHot",
    sign: "The tub is hot",
    danger: false,
    now: ["Ice in, or swap water from the top.", "Turn down until the outlet is cool again."],
    next: "More ice the night before: the plan says how much.",
  },
  {
    id: "sets",
    sign: "Oil sets in the condenser",
    danger: true,
    now: [
      "Heat down at once: a stopped condenser builds pressure.",
      "Let the cooling water warm until it melts and runs.",
      "If nothing runs, heat off.",
    ],
    next: "Cooling water a few degrees above the point where this oil sets; no ice.",
  },
  {
    id: "sinks",
    sign: "The oil sinks",
    danger: false,
    now: [
      "Pour nothing away: the oil is at the bottom of the jars.",
      "Take a receiver that draws from below, or catch all and separate it after.",
    ],
    next: "The plan names the receiver for a sinking oil.",
  },
];
