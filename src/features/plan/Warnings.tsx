import { memo } from "react";
import type { ChargePlan } from "@/core/plan/chargePlan";
import {
  type CraftStop,
  type PlanChange,
  type Warning,
  isCraftStop,
} from "@/core/forecast/warning";
import { t } from "@/language/t";
import { Notice } from "@/ui/primitives/Notice";
import { TextField } from "@/ui/primitives/TextField";
import { remedyLabel, warningWords } from "@/words/warningWords";
import { becauseField, canonicalUnits, type PlanDraft } from "@/records/planDraft";
import type { PlanWork } from "./usePlanDraft";

interface Props {
  plan: ChargePlan;
  /** How grave the ones that stand here are. */
  severity: Warning["severity"];
  work: PlanWork;
  onChoose: (change: Partial<PlanDraft>, label: string) => void;
}

/** What is wrong with the plan, each with its remedies as taps where they can be made. */
export const Warnings = memo(function Warnings({ plan, severity, work, onChoose }: Props) {
  return plan.warnings
    .filter((warning) => warning.severity === severity)
    .map((warning) => <One key={keyOf(warning)} {...{ warning, work, onChoose }} />);
});

function One({ warning, work, onChoose }: Pick<Props, "work" | "onChoose"> & { warning: Warning }) {
  const { code, severity, change } = warning;
  const { message, remedy } = warningWords(warning, work.units);
  const other = "other" in warning ? warning.other : undefined;
  const stop = severity === "error" && isCraftStop(code) ? code : undefined;
  const meant = stop !== undefined && work.draft[becauseField(stop)].trim() !== "";
  const does = (what: PlanChange, label: string, said: string) => ({
    label,
    onPress: () => onChoose(asDraft(what, work), said),
  });
  return (
    <Notice
      severity={meant ? "caution" : severity}
      message={message}
      remedy={remedy}
      action={change && does(change, remedyLabel(change, work.units), remedy)}
      other={other && does(other, remedyLabel(other, work.units), remedy)}
    >
      {stop ? <DoneSo stop={stop} work={work} /> : null}
    </Notice>
  );
}

const aboutPlant: readonly CraftStop[] = ["poisonousPlant", "neverDistil"];

/** Where practice differs a person may go on: why is kept with the run, and the still learns from it. */
function DoneSo({ stop, work }: { stop: CraftStop; work: PlanWork }) {
  const name = becauseField(stop);
  return (
    <TextField
      label={t`My reason to go on`}
      value={work.draft[name]}
      maxLength={200}
      onChange={(text) => work.change({ [name]: text })}
      placeholder={
        aboutPlant.includes(stop)
          ? t`e.g. against moths, locked away`
          : t`e.g. it always went well in this still`
      }
    />
  );
}

/* One of a kind: what is typed into it stays while its numbers move. */
function keyOf(warning: Warning): string {
  return warning.code === "plantHazard" ? warning.code + warning.hazard : warning.code;
}

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
          massUnit: canonicalUnits.massUnit,
        }
      : {}),
    ...(charges !== undefined ? { chargesText: String(charges) } : {}),
    ...(waterMl !== undefined
      ? {
          waterText: waterMl === null ? "" : String(Math.round(waterMl)),
          waterUnit: canonicalUnits.waterUnit,
        }
      : {}),
    ...(minutes !== undefined ? { stopBy: "clock" as const, minutesText: String(minutes) } : {}),
    ...(method !== undefined
      ? { method, waterText: "", ...(draft.chargesText ? { chargesText: "" } : {}) }
      : {}),
    ...(preparation !== undefined ? { preparation, waterText: "", chargesText: "" } : {}),
    ...(pace !== undefined ? { pace, rateText: "" } : {}),
    ...(iceKg !== undefined ? { iceText: String(iceKg), iceUnit: canonicalUnits.iceUnit } : {}),
    ...(coolingInC !== undefined
      ? { coolingText: String(coolingInC), coolingUnit: canonicalUnits.coolingUnit }
      : {}),
    ...(receiver !== undefined ? { receiver: String(receiver) } : {}),
  };
}
