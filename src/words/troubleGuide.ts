import { t } from "@/language/t";

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

const offFirst = t`Heat off. Stand back from the steam. Let it cool before you touch or open it.`;

/** The guide at the still: what to do now, what to do next time. What is dangerous comes first. */
export const troubleGuide: readonly Trouble[] = [
  {
    id: "pressure",
    sign: t`Pressure, hissing, the lid lifts`,
    danger: true,
    now: [
      offFirst,
      t`Do not hold the lid down and do not open the relief valve by hand.`,
      t`When it is cold, find what stops the path: plant in the head, set oil in the condenser, a kinked hose.`,
    ],
    next: t`Keep the headspace, sieve the charge, keep cooling water above the point where the oil sets.`,
  },
  {
    id: "potDry",
    sign: t`Pot dry, or the element shows`,
    danger: true,
    now: [
      offFirst,
      t`Never pour cold water on a hot element or floor.`,
      t`What came over until now is good; smell it for scorching before you pour it together.`,
    ],
    next: t`Start with more water, or stop earlier: the plan keeps a quarter in reserve.`,
  },
  {
    id: "burnt",
    sign: t`It smells burnt`,
    danger: true,
    now: [
      offFirst,
      t`Put this jar apart: one scorched cut spoils the rest.`,
      t`Cold, look at the floor: plant that sank, or too little water.`,
    ],
    next: t`Plant off the floor on a grid or in a bag, no powder in water, lower heat.`,
  },
  {
    id: "leak",
    sign: t`Steam leaks at a joint`,
    danger: true,
    now: [
      t`Turn the heat down until it no longer blows; off if it is at hand height.`,
      t`Seal small leaks with a paste of flour and water on a cloth, with gloves.`,
      t`Do not tighten clamps under steam.`,
    ],
    next: t`Wipe the seal's seat, look for a leaf in the groove, try it in the clean run.`,
  },
  {
    id: "cooling",
    sign: t`Cooling stopped`,
    danger: true,
    now: [
      t`Heat off: vapour now goes into the room.`,
      t`No flame near the outlet; open a window.`,
      t`Start the water again slowly; hot glass cracks.`,
    ],
    next: t`Check hose, pump and tap in the clean run; keep ice for the case.`,
  },
  {
    id: "vapour",
    sign: t`Distillate warm or steaming`,
    danger: false,
    now: [
      t`Turn the heat down.`,
      t`More cooling water, or ice in the tub.`,
      t`An outlet that is more than hand-warm lets oil go with the air.`,
    ],
    next: t`A gentler pace, a larger tub, or more ice made the night before.`,
  },
  {
    id: "froth",
    sign: t`Froth, or plant comes over`,
    danger: false,
    now: [
      t`Heat down at once, until it falls back.`,
      t`Change the jar: what came over with plant in it is kept apart and strained.`,
      t`If it stops the path, treat it as pressure.`,
    ],
    next: t`Fill a fifth lower, heat slowly to the boil, or distil it over steam.`,
  },
  {
    id: "milky",
    sign: t`The distillate is milky`,
    danger: false,
    now: [
      t`Usual at the start: fine oil drops. Go on.`,
      t`If it stays so, turn down: drops come too fast to join.`,
      t`Let it settle longer; warm or salted water parts sooner.`,
    ],
    next: t`Gentler from the first drop; a taller, narrower receiver.`,
  },
  {
    id: "noDistillate",
    sign: t`No distillate comes`,
    danger: false,
    now: [
      t`Does it boil? Listen. Look for a leak at every joint.`,
      t`If it boils and nothing comes and nothing leaks, heat off: the path may be stopped.`,
      t`A cold, wet charge takes its time: plan and clock tell how long.`,
    ],
    next: t`Looser packing, some stem kept, a hotter start.`,
  },
  {
    id: "overflow",
    sign: t`The jar ran over`,
    danger: false,
    now: [
      t`Swap it. Wipe up: oil on the floor is slippery and burns.`,
      t`Note how much was lost; oil floats, so it went first.`,
    ],
    next: t`A larger jar, or the swap cue with sound.`,
  },
  {
    id: "tubHot",
    sign: t`The tub is hot`,
    danger: false,
    now: [t`Ice in, or swap water from the top.`, t`Turn down until the outlet is cool again.`],
    next: t`More ice the night before: the plan says how much.`,
  },
  {
    id: "sets",
    sign: t`Oil sets in the condenser`,
    danger: true,
    now: [
      t`Heat down at once: a stopped condenser builds pressure.`,
      t`Let the cooling water warm until it melts and runs.`,
      t`If nothing runs, heat off.`,
    ],
    next: t`Cooling water a few degrees above the point where this oil sets; no ice.`,
  },
  {
    id: "sinks",
    sign: t`The oil sinks`,
    danger: false,
    now: [
      t`Pour nothing away: the oil is at the bottom of the jars.`,
      t`Take a receiver that draws from below, or catch all and separate it after.`,
    ],
    next: t`The plan names the receiver for a sinking oil.`,
  },
];
