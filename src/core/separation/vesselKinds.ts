import { keysOf } from "../keysOf";
import type { Arms } from "./parting";
import type { Hollow, VesselShape } from "./vessel";

/** What is true of a kind of vessel. */
interface VesselKindRow {
  shape: VesselShape;
  /** Drained from below through a tap: what sinks comes first. */
  tap: boolean;
  /** Oil pours from an arm of its own. */
  arms?: Arms["keeps"];
  /** Distillate runs through it while the still runs: water leaves, oil stays behind. */
  flows?: true;
  /** An ordinary one, mm. */
  usual: { diameterMm: number; heightMm: number };
}

/** What oil and hydrosol part in. One row each. */
export const vesselKindRows = {
  funnel: { shape: "pear", tap: true, usual: { diameterMm: 80, heightMm: 180 } },
  coneFunnel: { shape: "cone", tap: true, usual: { diameterMm: 90, heightMm: 220 } },
  burette: { shape: "tube", tap: true, usual: { diameterMm: 12, heightMm: 500 } },
  tube: { shape: "tube", tap: false, usual: { diameterMm: 25, heightMm: 200 } },
  syringe: { shape: "tube", tap: true, usual: { diameterMm: 28, heightMm: 110 } },
  beaker: { shape: "tube", tap: false, usual: { diameterMm: 78, heightMm: 110 } },
  jar: { shape: "tube", tap: false, usual: { diameterMm: 90, heightMm: 160 } },
  twoArm: {
    shape: "tube",
    tap: false,
    arms: "floats",
    flows: true,
    usual: { diameterMm: 40, heightMm: 180 },
  },
  twoArmHeavy: {
    shape: "tube",
    tap: false,
    arms: "sinks",
    flows: true,
    usual: { diameterMm: 40, heightMm: 180 },
  },
  continuous: {
    shape: "tube",
    tap: true,
    flows: true,
    usual: { diameterMm: 60, heightMm: 250 },
  },
  headReceiver: {
    shape: "tube",
    tap: true,
    usual: { diameterMm: 10, heightMm: 160 },
  },
} as const satisfies Record<string, VesselKindRow>;
export type VesselKind = keyof typeof vesselKindRows;
export const vesselKinds = keysOf(vesselKindRows);

/** Whether distillate runs through such a vessel while the still runs. */
export function flowsThrough(vessel: VesselKind): boolean {
  const { flows }: VesselKindRow = vesselKindRows[vessel];
  return flows ?? false;
}

/** A vessel as a person tells it. */
export interface ToldVessel {
  vessel: VesselKind;
  diameterMm: number;
  heightMm: number;
  armStepMm?: number;
  armMm?: number;
}

/* Made with about this step between its lips, mm. */
const usualStepMm = 4;

/** Its inside, and its arms where it has some. */
export function insideOf({
  vessel,
  diameterMm,
  heightMm,
  armStepMm = usualStepMm,
  armMm = heightMm,
}: ToldVessel): Hollow & { arms?: Arms } {
  const { shape, arms }: VesselKindRow = vesselKindRows[vessel];
  return {
    shape,
    diameterMm,
    heightMm,
    ...(arms ? { arms: { keeps: arms, stepMm: armStepMm, armMm } } : {}),
  };
}
