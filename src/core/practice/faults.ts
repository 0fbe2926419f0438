import { keysOf } from "../keysOf";
import type { AlarmCode } from "../run/alarms";
import type { ActCode } from "./acts";

/** What a still is like, as far as what can go wrong on it depends on that. */
export interface StillTraits {
  /** A jar under the outlet, a trap whose water flows back, or a bowl under an iced lid. */
  catches: "jar" | "trap" | "bowl";
  /** What cools: a tub of water, water from the tap, or ice alone. */
  cooledBy: "tub" | "tap" | "ice";
  /** The cooling water flows, from the tap or by a pump; else it stands in its tub. */
  flows: boolean;
  /** An open flame stands under it; of gas, it can go out and gas flows on. */
  flame: boolean;
  gas: boolean;
  /** Steam comes from a boiler or generator with a relief valve, through a line. */
  steamLine: boolean;
  /** It locks, and has a valve. */
  valve: boolean;
  /** The plant lies in the water. */
  inWater: boolean;
  /** The oil sets below this, °C. */
  setsBelowC?: number;
  /** Where the oil lies in its receiver. */
  layer: "floats" | "sinks" | "hangs";
  /** What the jar under the outlet holds, mL. */
  jarMl: number;
}

/** Which sense it is that tells of something first. */
export const senses = ["look", "smell", "listen", "feel"] as const;
export type Sense = (typeof senses)[number];

/** Moments that a fault is counted from. */
export const moments = ["lit", "boiling", "firstDrop"] as const;
export type Moment = (typeof moments)[number];

/** What is true of one thing that can go wrong. */
export interface FaultRow {
  /** The earliest moment of a run at which it can begin. */
  from: Moment;
  /** It was there before the heat went on, or not at all. */
  before?: true;
  /** Whether it can happen on such a still. */
  can: (traits: StillTraits) => boolean;
  /** It falls back once the heat is turned down far enough. */
  fallsBack?: true;
  /** What mends it, or ends it safely: each of these alone. */
  mends: readonly ActCode[];
  /** What a practised person does, in this order; a share of the planned heat where it is turned. */
  right: readonly (Exclude<ActCode, "heat"> | { heat: number })[];
  /** The cockpit's alarms that tell of it where instruments are on; none where only the senses do. */
  alarms: readonly AlarmCode[];
}

const always = () => true;
const jar = ({ catches }: StillTraits) => catches === "jar";

/**
 * What can be made to go wrong on a virtual still, one row each. How fast each grows stands in `virtualStill.ts`;
 * what it ends in, in `exercise.ts`. Judgements, made to look as practitioners describe them.
 */
const faults = {
  coolingLost: {
    from: "firstDrop",
    can: ({ cooledBy }) => cooledBy !== "ice",
    mends: ["waterOn"],
    right: [{ heat: 0 }, "waterOn", { heat: 1 }],
    alarms: ["outletHot", "outletWarm"],
  },
  airLock: {
    from: "firstDrop",
    can: ({ flows }) => flows,
    mends: ["waterOn"],
    right: ["waterOn"],
    alarms: ["outletHot", "outletWarm"],
  },
  tubWarm: {
    from: "firstDrop",
    can: ({ cooledBy, flows }) => cooledBy === "tub" && !flows,
    mends: ["stir", "ice"],
    right: ["stir"],
    alarms: ["outletHot", "outletWarm", "tubWarm"],
  },
  iceGone: {
    from: "lit",
    before: true,
    can: ({ cooledBy }) => cooledBy === "tub",
    mends: ["ice"],
    right: ["ice"],
    alarms: ["tubWarm", "outletWarm"],
  },
  leak: {
    from: "boiling",
    can: always,
    mends: ["seal", "tighten"],
    right: [{ heat: 0.4 }, "seal", { heat: 1 }],
    alarms: ["rateFell", "noFirstDrop"],
  },
  channel: {
    from: "firstDrop",
    can: ({ inWater, catches }) => !inWater && catches === "jar",
    mends: ["repack"],
    right: ["heatOff"],
    alarms: [],
  },
  froth: {
    from: "firstDrop",
    can: ({ inWater, catches }) => inWater && catches !== "bowl",
    fallsBack: true,
    mends: [],
    right: [{ heat: 0.6 }, "jarSwapped"],
    alarms: ["rateFell", "headHigh"],
  },
  shortWater: {
    from: "lit",
    before: true,
    can: ({ catches }) => catches !== "trap",
    mends: ["water"],
    right: ["water"],
    alarms: ["boilEarly"],
  },
  scorch: {
    from: "firstDrop",
    can: ({ inWater }) => inWater,
    mends: ["heatOff"],
    right: ["heatOff"],
    alarms: [],
  },
  heatHigh: {
    from: "lit",
    can: always,
    mends: ["heat", "heatOff"],
    right: [{ heat: 1 }],
    alarms: ["boilEarly", "outletWarm", "outletHot", "rateHigh"],
  },
  heatCut: {
    from: "lit",
    can: always,
    mends: ["relight"],
    right: ["closeTap", "relight"],
    alarms: ["boilLate", "noFirstDrop", "rateFell", "headFell"],
  },
  blocked: {
    from: "firstDrop",
    can: ({ catches }) => catches !== "bowl",
    mends: ["heatOff"],
    right: ["heatOff"],
    alarms: ["rateFell", "headHigh"],
  },
  sets: {
    from: "firstDrop",
    can: ({ setsBelowC, catches }) => setsBelowC !== undefined && catches === "jar",
    mends: ["warmCooling"],
    right: ["warmCooling"],
    alarms: ["rateFell", "headHigh"],
  },
  jarOverflow: {
    from: "firstDrop",
    can: jar,
    mends: ["jarSwapped"],
    right: ["jarSwapped"],
    alarms: ["jarFull"],
  },
  sinks: {
    from: "firstDrop",
    can: ({ layer, catches }) => layer === "sinks" && catches === "jar",
    mends: ["look"],
    right: ["look"],
    alarms: [],
  },
  wrongPlant: {
    from: "firstDrop",
    can: always,
    mends: ["heatOff"],
    right: ["heatOff"],
    alarms: [],
  },
  lineWater: {
    from: "boiling",
    can: ({ steamLine }) => steamLine,
    mends: ["drain"],
    right: [{ heat: 0.5 }, "drain", { heat: 1 }],
    alarms: ["rateFell"],
  },
  reliefLifts: {
    from: "firstDrop",
    can: ({ steamLine, valve }) => steamLine || valve,
    fallsBack: true,
    mends: ["heatOff"],
    right: ["heatOff"],
    alarms: ["rateFell"],
  },
  helperOpens: {
    from: "boiling",
    can: always,
    mends: ["stopHelper"],
    right: ["stopHelper"],
    alarms: [],
  },
} as const satisfies Record<string, FaultRow>;

/** What can be made to go wrong. */
export type Fault = keyof typeof faults;
export const faultKinds = keysOf(faults);

/** What is true of a fault. */
export function faultOf(fault: Fault): FaultRow {
  return faults[fault];
}

/** What can go wrong on such a still. */
export function possibleFaults(traits: StillTraits): Fault[] {
  return faultKinds.filter((fault) => faults[fault].can(traits));
}
