import type { VesselKind } from "@/core/separation/vesselKinds";
import { t } from "@/language/t";

/** What a vessel is called. */
export const vesselWords: Record<VesselKind, string> = {
  funnel: t`separating funnel, pear`,
  coneFunnel: t`separating funnel, cone`,
  burette: t`burette`,
  tube: t`narrow tube`,
  syringe: t`syringe`,
  beaker: t`beaker`,
  jar: t`wide jar`,
  twoArm: t`two arms, for oil that floats`,
  twoArmHeavy: t`two arms, for oil that sinks`,
  continuous: t`receiver that lets the water out below`,
  headReceiver: t`receiver of a head whose water flows back`,
};
