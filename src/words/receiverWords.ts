import { showVolume, words } from "@/core/units/format";
import type { Receiver, ReceiverKind } from "@/core/separation/receivers";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";

/** Kinds of receiver as a choice says them. */
export const receiverWords: Record<ReceiverKind, string> = {
  jar: t`Jar`,
  tube: t`Narrow tube`,
  twoArm: t`Two arms, oil floats`,
  twoArmHeavy: t`Two arms, oil sinks`,
  funnel: t`Separating funnel`,
};

/** The same within a sentence: "too thin to see in the …". */
export const receiverNouns: Record<ReceiverKind, string> = {
  jar: t`jar`,
  tube: t`tube`,
  twoArm: t`two-arm receiver`,
  twoArmHeavy: t`two-arm receiver`,
  funnel: t`funnel`,
};

/** One receiver in a few words. */
export function receiverLine({ kind, volumeMl }: Receiver, units: UnitSystem): string {
  return `${receiverWords[kind]}, ${words(showVolume(volumeMl, units))}`;
}
