import type { ActCode } from "@/core/practice/acts";
import type { Figure } from "@/core/practice/debrief";
import type { Harm } from "@/core/practice/exercise";
import type { Fault, Sense } from "@/core/practice/faults";
import type { SignCode } from "@/core/practice/signs";

interface FaultWords {
  /** What it is, as a choice and as a headline. */
  name: string;
  /** What happened, for whoever looks back. */
  what: string;
  /** How it is known, what to do, how to keep it from happening: three sentences to take along. */
  take: readonly [string, string, string];
}

/** What can go wrong, in words. */
export const practiceFaultWords: Record<Fault, FaultWords> = {
  coolingLost: {
    name: "Cooling stops",
    what: "No water cooled the condenser any more.",
    take: [
      "A hot outlet is the first figure that tells; steam there is the last.",
      "Heat down or off first. Then the water on again, slowly.",
      "Look at hose, pump, tap or tub before the heat goes on.",
    ],
  },
  airLock: {
    name: "Air in the cooling",
    what: "Air sat in the cooling, and only half of the water got through.",
    take: [
      "The outlet gets warm though the water is cold.",
      "Turn the water on in full until the air is out.",
      "Let the water in at the bottom, so that air leaves at the top.",
    ],
  },
  tubWarm: {
    name: "The tub is warm on top",
    what: "The tub's water stood in layers, the warm one round the coil.",
    take: [
      "A thermometer deep in the tub does not tell how warm the top is.",
      "Stir the tub, or take warm water off the top.",
      "Feel the top of the tub each time you read the drips.",
    ],
  },
  iceGone: {
    name: "The ice was forgotten",
    what: "There was no ice in the tub.",
    take: [
      "The tub warms faster than the plan says.",
      "Put ice in before the outlet is warm, not after.",
      "Put the ice on the list of what you carry out to the still.",
    ],
  },
  leak: {
    name: "A leak at the lid",
    what: "More than half of the steam left at the lid.",
    take: [
      "Fewer drips with the same heat: the steam goes somewhere else. You smell it.",
      "Turn down until it no longer blows, then seal it with paste. Do not tighten under steam.",
      "Wipe the seal and its seat before you close the still.",
    ],
  },
  channel: {
    name: "A channel in the plant",
    what: "The steam found a way through half of the plant and left the rest dry.",
    take: [
      "It drips as planned, but the oil stays behind the plan.",
      "Going on brings little. Stop, and let it cool before you open it.",
      "Pack evenly, press the rim, and leave no hole in the middle.",
    ],
  },
  froth: {
    name: "It froths over",
    what: "Plant and froth rose into the head and came over.",
    take: [
      "A gurgle in the head comes before the froth does.",
      "Turn the heat down at once. Change the jar: what came over is strained.",
      "Fill a fifth lower, and go slowly to the boil.",
    ],
  },
  shortWater: {
    name: "Too little water in the pot",
    what: "Half of the water that the run needed was never filled in.",
    take: [
      "A pot that boils much sooner than planned holds less water than planned.",
      "Fill in hot water while it still boils evenly. Heat off once it crackles.",
      "Measure the water as you pour it, and tick it off.",
    ],
  },
  scorch: {
    name: "Plant burns on the floor",
    what: "Plant lay on the hot floor of the pot and burnt.",
    take: [
      "You smell it long before any figure moves.",
      "Heat off. Put this jar apart: it spoils the others.",
      "Keep plant off the floor, on a grid or in a bag.",
    ],
  },
  heatHigh: {
    name: "The heat is too high",
    what: "The heat stood far above what was set.",
    take: [
      "It drips faster than planned, and the outlet gets warm.",
      "Turn down until the drips are as planned.",
      "Count drips a few minutes after each change of the heat.",
    ],
  },
  heatCut: {
    name: "The heat goes out",
    what: "The flame went out, or the fuse did.",
    take: [
      "First the drips slow down, then the head cools.",
      "Of gas: close the tap and air the place before you light it again.",
      "Shield a flame from the wind. Put the still on a fuse of its own.",
    ],
  },
  blocked: {
    name: "The way out is blocked",
    what: "Plant stopped the way to the condenser, and pressure rose in the still.",
    take: [
      "No drips while it boils, and a hiss at the lid: that is pressure.",
      "Heat off, step back, let it cool. Open nothing.",
      "Leave free space above the plant, and a sieve before the head.",
    ],
  },
  sets: {
    name: "Oil sets in the condenser",
    what: "The water was so cold that the oil turned solid in the condenser.",
    take: [
      "Crystals at the outlet and fewer drips: the tube is closing.",
      "Let the cooling water get warmer until it melts.",
      "For such an oil no ice: keep the water above the point where it sets.",
    ],
  },
  jarOverflow: {
    name: "The jar runs over",
    what: "The jar was full, and nobody changed it.",
    take: [
      "What runs over first is the oil: it floats.",
      "Change the jar when the cue says so, not when it is full.",
      "Have the next jar clean beside the still.",
    ],
  },
  sinks: {
    name: "Oil that sinks",
    what: "The oil lay at the bottom of the jar, where nobody looked.",
    take: [
      "Nothing floats and it still smells: look at the bottom.",
      "Look at each jar against the light before you pour.",
      "Take a receiver that you can empty from below.",
    ],
  },
  wrongPlant: {
    name: "The wrong plant",
    what: "Another plant than the plan's was in the still.",
    take: [
      "The first drops smell of another plant.",
      "Stop, and keep what came over apart.",
      "Crush a leaf and smell it before you load.",
    ],
  },
  lineWater: {
    name: "Water in the steam line",
    what: "Cold water stood in the line from the boiler and knocked.",
    take: [
      "A knock in the line is water that steam throws about.",
      "Turn down and drain the line. Then go on slowly.",
      "Drain the line each time before the steam goes on.",
    ],
  },
  reliefLifts: {
    name: "The relief valve lifts",
    what: "The relief valve opened, and blew off steam.",
    take: [
      "It hisses, and it drips less.",
      "Heat down or off. Keep away from the valve, and never hold it shut.",
      "Find out why pressure rose before you light it again.",
    ],
  },
  helperOpens: {
    name: "A helper opens the lid",
    what: "A helper reached for the lid of the hot still.",
    take: [
      "Whoever stands at the still needs to hear what must not be touched.",
      "Say stop at once, and loudly.",
      "Tell helpers before the heat goes on: nobody opens a hot still.",
    ],
  },
};

/** What a sense tells. */
export const signWords: Record<SignCode, string> = {
  steamAtOutlet: "Steam comes out at the outlet.",
  noDrip: "Nothing drips.",
  wispAtLid: "A thin wisp of steam stands at the lid.",
  lidLifts: "The lid lifts at its rim and blows steam.",
  jarNearlyFull: "The jar is nearly full.",
  jarOver: "The jar runs over.",
  plantComesOver: "Brown froth with bits of plant comes over.",
  noFlame: "The heat is out.",
  flameHigh: "The heat stands far too high.",
  crystals: "White crystals hang at the outlet.",
  noIce: "There is no ice in the tub.",
  oilOnBottom: "Drops of oil lie at the bottom of the jar.",
  film: "A layer of oil floats in the jar.",
  brown: "The distillate is brownish.",
  noCoolingWater: "No water cools the condenser.",
  sputters: "The cooling water comes in bursts, with bubbles.",
  asItShould: "All is as it should be.",
  nothingYet: "Nothing yet.",
  strongInRoom: "The whole place smells of the plant.",
  burnt: "It smells burnt.",
  anotherPlant: "It smells of another plant than the plan's.",
  gas: "It smells of gas.",
  evenBoil: "An even boil.",
  silent: "It is quiet.",
  crackles: "It crackles like a pan that is nearly dry.",
  gurgles: "It gurgles up in the head.",
  hisses: "It hisses at the lid.",
  knocks: "It knocks in the steam line.",
  valveBlows: "The relief valve blows.",
  helperReaches: "A helper says: “Let me have a look inside”, and reaches for the lid.",
  outletCool: "The outlet is cool.",
  outletWarm: "The outlet is warm.",
  outletHot: "The outlet is too hot to hold.",
  tubLayers: "The tub is warm on top and cold below.",
};

/** How an exercise ended that hurt somebody or something: what would have happened. */
export const harmWords: Record<Harm, { name: string; what: string }> = {
  scald: {
    name: "Scalded",
    what: "Steam shot out and scalded face and hands. That needs a doctor.",
  },
  burst: {
    name: "The still burst open",
    what: "Pressure threw the lid off, and boiling plant with it.",
  },
  fire: {
    name: "Fire",
    what: "Vapour or gas caught fire at the flame.",
  },
  dry: {
    name: "The pot ran dry",
    what: "The floor or the element glowed. The plant burnt on it, and the still is spoilt.",
  },
};

/** What hands and senses can do, as it stands on a button, and as it stands in the record. */
export const actWords: Record<ActCode, { label: string; done: string }> = {
  heat: { label: "Heat", done: "Heat set" },
  ice: { label: "Ice", done: "Ice put in" },
  water: { label: "Water", done: "Water filled in" },
  jarSwapped: { label: "Change jar", done: "Jar changed" },
  heatOff: { label: "Heat off", done: "Heat off" },
  look: { label: "Look", done: "Looked" },
  smell: { label: "Smell", done: "Smelt" },
  listen: { label: "Listen", done: "Listened" },
  feel: { label: "Feel the outlet", done: "Felt the outlet" },
  waterOn: { label: "Cooling water on", done: "Cooling water on, in full" },
  stir: { label: "Stir the tub", done: "Tub stirred" },
  warmCooling: { label: "Let the cooling get warmer", done: "Cooling let warmer" },
  seal: { label: "Seal with paste", done: "Sealed with paste" },
  tighten: { label: "Tighten the clamps", done: "Clamps tightened" },
  drain: { label: "Open drain or vent", done: "Drain or vent opened" },
  closeTap: { label: "Close the gas, air the place", done: "Gas closed, place aired" },
  relight: { label: "Heat on again", done: "Heat on again" },
  repack: { label: "Open and loosen the plant", done: "Opened to loosen the plant" },
  openLid: { label: "Open the lid", done: "Lid opened" },
  stopHelper: { label: "Say: stop, hands off", done: "Stopped the helper" },
};

/** Which sense told of it, within a sentence. */
export const senseWords: Record<Sense, string> = {
  look: "By looking",
  smell: "By smelling",
  listen: "By listening",
  feel: "By feeling",
};

/** Which figure stood apart. */
export const figureWords: Record<Figure, string> = {
  head: "The head's temperature",
  outlet: "The outlet's temperature",
  tub: "The tub's temperature",
  distillate: "How fast it drips",
  oil: "How much oil there is",
};
