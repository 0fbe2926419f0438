import { keysOf } from "../keysOf";
import type { OilProperties } from "../plant/oil";

/** What is true of one kind of receiver. */
export interface ReceiverRow {
  /** Oils it keeps: those that float, sink, or hang in the water. */
  keeps: readonly OilProperties["layer"][];
  /** Of which oils the layer pours from an arm of its own, once it is thick enough. */
  pours?: "floats" | "sinks";
  /** Oil and water part as they come; else the water rests under its oil and takes more of it up. */
  flows: boolean;
}

/**
 * What catches the distillate: an open jar; a narrow tube; a receiver with two arms for oil that
 * floats, or turned about for oil that sinks; a funnel that drains from below. One row each.
 */
export const receivers = {
  jar: { keeps: ["floats", "sinks", "hangs"], flows: false },
  tube: { keeps: ["floats", "sinks", "hangs"], flows: false },
  twoArm: { keeps: ["floats"], pours: "floats", flows: true },
  twoArmHeavy: { keeps: ["sinks"], pours: "sinks", flows: true },
  funnel: { keeps: ["floats", "sinks", "hangs"], flows: false },
} as const satisfies Record<string, ReceiverRow>;

export type ReceiverKind = keyof typeof receivers;
export const receiverKinds = keysOf(receivers);

/** One of a still's receivers. */
export interface Receiver {
  kind: ReceiverKind;
  /** Inner diameter where the layer gathers, mm. */
  diameterMm: number;
  volumeMl: number;
  /** Two arms: how far the oil's lip stands above the water's, mm. */
  lipStepMm?: number;
  /** Two arms: length of the arm in which the layer gathers, mm. */
  armMm?: number;
}

/** A receiver with two arms is made with about this step between its lips, mm. */
export const usualLipStepMm = 4;
