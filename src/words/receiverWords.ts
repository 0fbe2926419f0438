import { showVolume, words } from "@/core/units/format";
import type { Receiver, ReceiverKind } from "@/core/separation/receiver";
import type { UnitSystem } from "@/core/units/units";

/** Kinds of receiver as a choice says them. */
export const receiverWords: Record<ReceiverKind, string> = {
  jar: "Jar",
  tube: "Narrow tube",
  twoArm: "Two arms, oil floats",
  twoArmHeavy: "Two arms, oil sinks",
  funnel: "Separating funnel",
};

/** The same within a sentence: "too thin to see in the …". */
export const receiverNouns: Record<ReceiverKind, string> = {
  jar: "jar",
  tube: "tube",
  twoArm: "two-arm receiver",
  twoArmHeavy: "two-arm receiver",
  funnel: "funnel",
};

/** One receiver in a few words. */
export function receiverLine({ kind, volumeMl }: Receiver, units: UnitSystem): string {
  return `${receiverWords[kind]}, ${words(showVolume(volumeMl, units))}`;
}
