import { z } from "zod";
import { type VesselKind, vesselKindRows, vesselKinds } from "@/core/separation/vesselKinds";
import { toInput } from "@/core/units/numberInput";
import type { UnitName } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import { numberField, optionalNumberField } from "@/ui/primitives/numberField";

const length = (name: string) => ({ name, ...limits.vesselMm, remedy: t`Measure it inside.` });

/** A vessel as it is typed. */
export const vesselFormSchema = z.object({
  name: z
    .string()
    .trim()
    .min(1, t`Give the vessel a name: tall tube, small funnel.`)
    .max(200),
  vessel: z.enum(vesselKinds),
  diameter: numberField(length(t`Inner width`)),
  height: numberField(length(t`Inner height`)),
  step: optionalNumberField(length(t`The step`)),
  arm: optionalNumberField(length(t`The arm`)),
});

/** An ordinary vessel of a kind, to begin with. */
export function vesselFormDefaults(
  vessel: VesselKind,
  unit: UnitName,
): z.input<typeof vesselFormSchema> {
  const { diameterMm, heightMm } = vesselKindRows[vessel].usual;
  return {
    name: "",
    vessel,
    diameter: toInput(diameterMm, unit),
    height: toInput(heightMm, unit),
    step: toInput(undefined, unit),
    arm: toInput(undefined, unit),
  };
}

/** What is typed as a record keeps it. */
export function vesselFromForm({
  name,
  vessel,
  diameter,
  height,
  step,
  arm,
}: z.output<typeof vesselFormSchema>) {
  return {
    name,
    vessel,
    diameterMm: diameter,
    heightMm: height,
    ...(step === undefined ? {} : { armStepMm: step }),
    ...(arm === undefined ? {} : { armMm: arm }),
  };
}
