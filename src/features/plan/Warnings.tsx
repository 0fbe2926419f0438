import { memo } from "react";
import type { ChargePlan, PlanChange } from "@/core";
import { Notice } from "@/ui/primitives/Notice";
import { warningWords } from "@/words/warningWords";
import type { PlanDraft } from "@/records/planDraft";
import type { PlanWork } from "./usePlanDraft";

interface Props {
  plan: ChargePlan;
  /** Those that stand above the drawing; the notes stand below the numbers. */
  grave?: boolean;
  work: PlanWork;
  onChoose: (change: Partial<PlanDraft>, label: string) => void;
}

/** What is wrong with the plan, each with its remedy as a tap where one can be made. */
export const Warnings = memo(function Warnings({ plan, grave = false, work, onChoose }: Props) {
  return plan.warnings
    .filter(({ severity }) => (severity !== "note") === grave)
    .map((warning) => {
      const { code, severity, change } = warning;
      const { message, remedy } = warningWords(warning, work.units);
      return (
        <Notice
          key={code + message}
          severity={severity}
          message={message}
          remedy={remedy}
          action={
            change
              ? { label: "Do that", onPress: () => onChoose(asDraft(change, work), remedy) }
              : undefined
          }
        />
      );
    });
});

/** A warning's remedy as it would be typed. */
function asDraft(change: PlanChange, { read, draft }: PlanWork): Partial<PlanDraft> {
  const { massG, charges, waterMl, minutes, method, preparation, pace, iceKg, coolingInC } = change;
  const others = read.receivers.map((_, at) => at).filter((at) => at !== read.receiverAt);
  const receiver = change.otherReceiver === undefined ? undefined : others[change.otherReceiver];
  return {
    ...(massG !== undefined
      ? {
          goal: "have" as const,
          massBy: "scale" as const,
          massText: String(Math.round(massG)),
          massUnit: "g",
        }
      : {}),
    ...(charges !== undefined ? { chargesText: String(charges) } : {}),
    ...(waterMl !== undefined
      ? { waterText: waterMl === null ? "" : String(Math.round(waterMl)), waterUnit: "mL" }
      : {}),
    ...(minutes !== undefined ? { stopBy: "clock" as const, minutesText: String(minutes) } : {}),
    ...(method !== undefined
      ? { method, waterText: "", ...(draft.chargesText ? { chargesText: "" } : {}) }
      : {}),
    ...(preparation !== undefined ? { preparation, waterText: "", chargesText: "" } : {}),
    ...(pace !== undefined ? { pace, rateText: "" } : {}),
    ...(iceKg !== undefined ? { iceText: String(iceKg) } : {}),
    ...(coolingInC !== undefined ? { coolingText: String(coolingInC) } : {}),
    ...(receiver !== undefined ? { receiver: String(receiver) } : {}),
  };
}
