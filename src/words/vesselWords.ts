import type { VesselKind } from "@/core/separation/vesselKinds";

/** What a vessel is called. */
export const vesselWords: Record<VesselKind, string> = {
  funnel: "separating funnel, pear",
  coneFunnel: "separating funnel, cone",
  burette: "burette",
  tube: "narrow tube",
  syringe: "syringe",
  beaker: "beaker",
  jar: "wide jar",
  twoArm: "two arms, for oil that floats",
  twoArmHeavy: "two arms, for oil that sinks",
  continuous: "receiver that lets the water out below",
  headReceiver: "receiver of a head whose water flows back",
};
