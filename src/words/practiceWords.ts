import type { ActCode } from "@/core/practice/acts";
import type { Figure } from "@/core/practice/debrief";
import type { Harm } from "@/core/practice/exercise";
import type { Fault, Sense } from "@/core/practice/faults";
import type { SignCode } from "@/core/practice/signs";
import { t } from "@/language/t";

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
    name: t`Cooling stops`,
    what: t`No water cooled the condenser any more.`,
    take: [
      t`A hot outlet is the first figure that tells; steam there is the last.`,
      t`Heat down or off first. Then the water on again, slowly.`,
      t`Look at hose, pump, tap or tub before the heat goes on.`,
    ],
  },
  airLock: {
    name: t`Air in the cooling`,
    what: t`Air sat in the cooling, and only half of the water got through.`,
    take: [
      t`The outlet gets warm though the water is cold.`,
      t`Turn the water on in full until the air is out.`,
      t`Let the water in at the bottom, so that air leaves at the top.`,
    ],
  },
  tubWarm: {
    name: t`The tub is warm on top`,
    what: t`The tub's water stood in layers, the warm one round the coil.`,
    take: [
      t`A thermometer deep in the tub does not tell how warm the top is.`,
      t`Stir the tub, or take warm water off the top.`,
      t`Feel the top of the tub each time you read the drips.`,
    ],
  },
  iceGone: {
    name: t`The ice was forgotten`,
    what: t`There was no ice in the tub.`,
    take: [
      t`The tub warms faster than the plan says.`,
      t`Put ice in before the outlet is warm, not after.`,
      t`Put the ice on the list of what you carry out to the still.`,
    ],
  },
  leak: {
    name: t`A leak at the lid`,
    what: t`More than half of the steam left at the lid.`,
    take: [
      t`Fewer drips with the same heat: the steam goes somewhere else. You smell it.`,
      t`Turn down until it no longer blows, then seal it with paste. Do not tighten under steam.`,
      t`Wipe the seal and its seat before you close the still.`,
    ],
  },
  channel: {
    name: t`A channel in the plant`,
    what: t`The steam found a way through half of the plant and left the rest dry.`,
    take: [
      t`It drips as planned, but the oil stays behind the plan.`,
      t`Going on brings little. Stop, and let it cool before you open it.`,
      t`Pack evenly, press the rim, and leave no hole in the middle.`,
    ],
  },
  froth: {
    name: t`It froths over`,
    what: t`Plant and froth rose into the head and came over.`,
    take: [
      t`A gurgle in the head comes before the froth does.`,
      t`Turn the heat down at once. Change the jar: what came over is strained.`,
      t`Fill a fifth lower, and go slowly to the boil.`,
    ],
  },
  shortWater: {
    name: t`Too little water in the pot`,
    what: t`Half of the water that the run needed was never filled in.`,
    take: [
      t`A pot that boils much sooner than planned holds less water than planned.`,
      t`Fill in hot water while it still boils evenly. Heat off once it crackles.`,
      t`Measure the water as you pour it, and tick it off.`,
    ],
  },
  scorch: {
    name: t`Plant burns on the floor`,
    what: t`Plant lay on the hot floor of the pot and burnt.`,
    take: [
      t`You smell it long before any figure moves.`,
      t`Heat off. Put this jar apart: it spoils the others.`,
      t`Keep plant off the floor, on a grid or in a bag.`,
    ],
  },
  heatHigh: {
    name: t`The heat is too high`,
    what: t`The heat stood far above what was set.`,
    take: [
      t`It drips faster than planned, and the outlet gets warm.`,
      t`Turn down until the drips are as planned.`,
      t`Count drips a few minutes after each change of the heat.`,
    ],
  },
  heatCut: {
    name: t`The heat goes out`,
    what: t`The flame went out, or the fuse did.`,
    take: [
      t`First the drips slow down, then the head cools.`,
      t`Of gas: close the tap and air the place before you light it again.`,
      t`Shield a flame from the wind. Put the still on a fuse of its own.`,
    ],
  },
  blocked: {
    name: t`The way out is blocked`,
    what: t`Plant stopped the way to the condenser, and pressure rose in the still.`,
    take: [
      t`No drips while it boils, and a hiss at the lid: that is pressure.`,
      t`Heat off, step back, let it cool. Open nothing.`,
      t`Leave free space above the plant, and a sieve before the head.`,
    ],
  },
  sets: {
    name: t`Oil sets in the condenser`,
    what: t`The water was so cold that the oil turned solid in the condenser.`,
    take: [
      t`Crystals at the outlet and fewer drips: the tube is closing.`,
      t`Let the cooling water get warmer until it melts.`,
      t`For such an oil no ice: keep the water above the point where it sets.`,
    ],
  },
  jarOverflow: {
    name: t`The jar runs over`,
    what: t`The jar was full, and nobody changed it.`,
    take: [
      t`What runs over first is the oil: it floats.`,
      t`Change the jar when the cue says so, not when it is full.`,
      t`Have the next jar clean beside the still.`,
    ],
  },
  sinks: {
    name: t`Oil that sinks`,
    what: t`The oil lay at the bottom of the jar, where nobody looked.`,
    take: [
      t`Nothing floats and it still smells: look at the bottom.`,
      t`Look at each jar against the light before you pour.`,
      t`Take a receiver that you can empty from below.`,
    ],
  },
  wrongPlant: {
    name: t`The wrong plant`,
    what: t`Another plant than the plan's was in the still.`,
    take: [
      t`The first drops smell of another plant.`,
      t`Stop, and keep what came over apart.`,
      t`Crush a leaf and smell it before you load.`,
    ],
  },
  lineWater: {
    name: t`Water in the steam line`,
    what: t`Cold water stood in the line from the boiler and knocked.`,
    take: [
      t`A knock in the line is water that steam throws about.`,
      t`Turn down and drain the line. Then go on slowly.`,
      t`Drain the line each time before the steam goes on.`,
    ],
  },
  reliefLifts: {
    name: t`The relief valve lifts`,
    what: t`The relief valve opened, and blew off steam.`,
    take: [
      t`It hisses, and it drips less.`,
      t`Heat down or off. Keep away from the valve, and never hold it shut.`,
      t`Find out why pressure rose before you light it again.`,
    ],
  },
  helperOpens: {
    name: t`A helper opens the lid`,
    what: t`A helper reached for the lid of the hot still.`,
    take: [
      t`Whoever stands at the still needs to hear what must not be touched.`,
      t`Say stop at once, and loudly.`,
      t`Tell helpers before the heat goes on: nobody opens a hot still.`,
    ],
  },
};

/** What a sense tells. */
export const signWords: Record<SignCode, string> = {
  steamAtOutlet: t`Steam comes out at the outlet.`,
  noDrip: t`Nothing drips.`,
  wispAtLid: t`A thin wisp of steam stands at the lid.`,
  lidLifts: t`The lid lifts at its rim and blows steam.`,
  jarNearlyFull: t`The jar is nearly full.`,
  jarOver: t`The jar runs over.`,
  plantComesOver: t`Brown froth with bits of plant comes over.`,
  noFlame: t`The heat is out.`,
  flameHigh: t`The heat stands far too high.`,
  crystals: t`White crystals hang at the outlet.`,
  noIce: t`There is no ice in the tub.`,
  oilOnBottom: t`Drops of oil lie at the bottom of the jar.`,
  film: t`A layer of oil floats in the jar.`,
  brown: t`The distillate is brownish.`,
  noCoolingWater: t`No water cools the condenser.`,
  sputters: t`The cooling water comes in bursts, with bubbles.`,
  asItShould: t`All is as it should be.`,
  nothingYet: t`Nothing yet.`,
  strongInRoom: t`The whole place smells of the plant.`,
  burnt: t`It smells burnt.`,
  anotherPlant: t`It smells of another plant than the plan's.`,
  gas: t`It smells of gas.`,
  evenBoil: t`An even boil.`,
  silent: t`It is quiet.`,
  crackles: t`It crackles like a pan that is nearly dry.`,
  gurgles: t`It gurgles up in the head.`,
  hisses: t`It hisses at the lid.`,
  knocks: t`It knocks in the steam line.`,
  valveBlows: t`The relief valve blows.`,
  helperReaches: t`A helper says: “Let me have a look inside”, and reaches for the lid.`,
  outletCool: t`The outlet is cool.`,
  outletWarm: t`The outlet is warm.`,
  outletHot: t`The outlet is too hot to hold.`,
  tubLayers: t`The tub is warm on top and cold below.`,
};

/** How an exercise ended that hurt somebody or something: what would have happened. */
export const harmWords: Record<Harm, { name: string; what: string }> = {
  scald: {
    name: t`Scalded`,
    what: t`Steam shot out and scalded face and hands. That needs a doctor.`,
  },
  burst: {
    name: t`The still burst open`,
    what: t`Pressure threw the lid off, and boiling plant with it.`,
  },
  fire: {
    name: t`Fire`,
    what: t`Vapour or gas caught fire at the flame.`,
  },
  dry: {
    name: t`The pot ran dry`,
    what: t`The floor or the element glowed. The plant burnt on it, and the still is spoilt.`,
  },
};

/** What hands and senses can do, as it stands on a button, and as it stands in the record. */
export const actWords: Record<ActCode, { label: string; done: string }> = {
  heat: { label: t`Heat`, done: t`Heat set` },
  ice: { label: t`Ice`, done: t`Ice put in` },
  water: { label: t`Water`, done: t`Water filled in` },
  jarSwapped: { label: t`Change jar`, done: t`Jar changed` },
  heatOff: { label: t`Heat off`, done: t`Heat off` },
  look: { label: t`Look`, done: t`Looked` },
  smell: { label: t`Smell`, done: t`Smelt` },
  listen: { label: t`Listen`, done: t`Listened` },
  feel: { label: t`Feel the outlet`, done: t`Felt the outlet` },
  waterOn: { label: t`Cooling water on`, done: t`Cooling water on, in full` },
  stir: { label: t`Stir the tub`, done: t`Tub stirred` },
  warmCooling: { label: t`Let the cooling get warmer`, done: t`Cooling let warmer` },
  seal: { label: t`Seal with paste`, done: t`Sealed with paste` },
  tighten: { label: t`Tighten the clamps`, done: t`Clamps tightened` },
  drain: { label: t`Open drain or vent`, done: t`Drain or vent opened` },
  closeTap: { label: t`Close the gas, air the place`, done: t`Gas closed, place aired` },
  relight: { label: t`Heat on again`, done: t`Heat on again` },
  repack: { label: t`Open and loosen the plant`, done: t`Opened to loosen the plant` },
  openLid: { label: t`Open the lid`, done: t`Lid opened` },
  stopHelper: { label: t`Say: stop, hands off`, done: t`Stopped the helper` },
};

/** Which sense told of it, within a sentence. */
export const senseWords: Record<Sense, string> = {
  look: t`By looking`,
  smell: t`By smelling`,
  listen: t`By listening`,
  feel: t`By feeling`,
};

/** Which figure stood apart. */
export const figureWords: Record<Figure, string> = {
  head: t`The head's temperature`,
  outlet: t`The outlet's temperature`,
  tub: t`The tub's temperature`,
  distillate: t`How fast it drips`,
  oil: t`How much oil there is`,
};
