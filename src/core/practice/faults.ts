import { keysOf } from "../keysOf";
import type { AlarmCode } from "../run/alarms";
import type { ActCode } from "./acts";

/** What a still is like, as far as what can go wrong on it depends on that. */
export interface StillTraits {
  /** A jar under the outlet, a trap whose water flows back, or a bowl under an iced lid. */
  catches: "jar" | "trap" | "bowl";
  /** What cools: a tub of water, water from the tap, or ice alone. */
  cooledBy: "tub" | "tap" | "ice";
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
  froths: boolean;
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
  /** What mends it, or ends it safely: any one of these. */
  mends: readonly ActCode[];
  /** What a practised person does, in this order; a share of the planned heat where it is turned. */
  right: readonly (Exclude<ActCode, "heat"> | { heat: number })[];
  /** The cockpit's alarms that tell of it where instruments are on; none where only the senses do. */
  alarms: readonly AlarmCode[];
  /** It endangers the person, not only the oil. */
  danger: boolean;
}

const always = () => true;
const jar = ({ catches }: StillTraits) => catches === "jar";
const tub = ({ cooledBy }: StillTraits) => cooledBy === "tub";

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
    danger: true,
  },
  airLock: {
    from: "firstDrop",
    can: ({ cooledBy }) => cooledBy !== "ice",
    mends: ["waterOn"],
    right: ["waterOn"],
    alarms: ["outletHot", "outletWarm"],
    danger: false,
  },
  tubWarm: {
    from: "firstDrop",
    can: tub,
    mends: ["stir", "ice"],
    right: ["stir"],
    alarms: ["outletHot", "outletWarm", "tubWarm"],
    danger: false,
  },
  iceGone: {
    from: "lit",
    before: true,
    can: tub,
    mends: ["ice"],
    right: ["ice"],
    alarms: ["tubWarm", "outletWarm"],
    danger: false,
  },
  leak: {
    from: "boiling",
    can: always,
    mends: ["seal", "tighten"],
    right: [{ heat: 0.4 }, "seal", { heat: 1 }],
    alarms: ["rateFell", "noFirstDrop"],
    danger: false,
  },
  channel: {
    from: "firstDrop",
    can: ({ inWater, catches }) => !inWater && catches === "jar",
    mends: ["repack"],
    right: ["heatOff"],
    alarms: [],
    danger: false,
  },
  froth: {
    from: "firstDrop",
    can: ({ inWater, catches }) => inWater && catches !== "bowl",
    mends: [],
    right: [{ heat: 0.6 }, "jarSwapped"],
    alarms: ["rateFell"],
    danger: false,
  },
  shortWater: {
    from: "lit",
    before: true,
    can: ({ catches }) => catches !== "trap",
    mends: ["water"],
    right: ["water"],
    alarms: ["boilEarly"],
    danger: true,
  },
  scorch: {
    from: "firstDrop",
    can: ({ inWater }) => inWater,
    mends: ["heatOff"],
    right: ["heatOff"],
    alarms: [],
    danger: false,
  },
  heatHigh: {
    from: "lit",
    can: always,
    mends: ["heat", "heatOff"],
    right: [{ heat: 1 }],
    alarms: ["boilEarly", "outletWarm", "outletHot", "rateHigh"],
    danger: false,
  },
  heatCut: {
    from: "lit",
    can: always,
    mends: ["relight"],
    right: ["closeTap", "relight"],
    alarms: ["boilLate", "noFirstDrop", "rateFell", "headFell"],
    danger: false,
  },
  blocked: {
    from: "firstDrop",
    can: ({ catches }) => catches !== "bowl",
    mends: ["heatOff"],
    right: ["heatOff"],
    alarms: ["rateFell"],
    danger: true,
  },
  sets: {
    from: "firstDrop",
    can: ({ setsBelowC, catches }) => setsBelowC !== undefined && catches === "jar",
    mends: ["warmCooling"],
    right: ["warmCooling"],
    alarms: ["rateFell"],
    danger: true,
  },
  jarOverflow: {
    from: "firstDrop",
    can: jar,
    mends: ["jarSwapped"],
    right: ["jarSwapped"],
    alarms: ["jarFull"],
    danger: false,
  },
  sinks: {
    from: "firstDrop",
    can: ({ layer, catches }) => layer === "sinks" && catches === "jar",
    mends: ["look"],
    right: ["look"],
    alarms: [],
    danger: false,
  },
  wrongPlant: {
    from: "firstDrop",
    can: always,
    mends: ["heatOff"],
    right: ["heatOff"],
    alarms: [],
    danger: false,
  },
  lineWater: {
    from: "boiling",
    can: ({ steamLine }) => steamLine,
    mends: ["drain"],
    right: [{ heat: 0.5 }, "drain", { heat: 1 }],
    alarms: ["rateFell"],
    danger: false,
  },
  reliefLifts: {
    from: "firstDrop",
    can: ({ steamLine, valve }) => steamLine || valve,
    mends: ["heatOff"],
    right: ["heatOff"],
    alarms: ["rateFell"],
    danger: true,
  },
  helperOpens: {
    from: "boiling",
    can: always,
    mends: ["stopHelper"],
    right: ["stopHelper"],
    alarms: [],
    danger: true,
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
