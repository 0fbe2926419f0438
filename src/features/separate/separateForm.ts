import { z } from "zod";
import { unitsFor, type UnitSystem, toInput } from "@/core";
import type { Separated } from "@/records/entry";
import { limits } from "@/messages/limits";
import { numberField, optionalNumberField } from "@/ui/primitives/numberField";

/** What is measured once oil and hydrosol are apart. */
export const separateSchema = z
  .object({
    oil: numberField({ name: "Oil", ...limits.amount, remedy: "None to see? Write 0." }),
    hydrosol: numberField({ name: "Hydrosol", ...limits.amount }),
    firstCut: optionalNumberField({ name: "First cut", ...limits.amount }),
    density: optionalNumberField({ name: "Density", ...limits.oilDensity }),
    look: z.string().max(200),
    smell: z.string().max(200),
    ph: optionalNumberField({ name: "pH", ...limits.ph }),
    note: z.string().max(5000),
  })
  .refine(({ firstCut, hydrosol }) => (firstCut ?? 0) <= hydrosol, {
    path: ["firstCut"],
    message: "The first cut is part of the hydrosol: it cannot be more than all of it.",
  });
export type SeparateForm = z.input<typeof separateSchema>;
export type SeparateValues = z.output<typeof separateSchema>;

/** The form's fields as they stand at first. */
export function separateDefaults(
  result: Separated | undefined,
  units: UnitSystem,
): z.input<typeof separateSchema> {
  const volume = unitsFor("volume", units)[0] ?? "mL";
  return {
    oil: toInput(result?.oilMl, "mL"),
    hydrosol: toInput(result?.hydrosolMl, volume),
    firstCut: toInput(result?.firstCutMl, volume),
    density: toInput(result?.oilDensityGPerMl, "one"),
    look: result?.look ?? "",
    smell: result?.smell ?? "",
    ph: toInput(result?.ph, "one"),
    note: result?.note ?? "",
  };
}

/** The measured values as a log entry keeps them. */
export function asResult({
  oil,
  hydrosol,
  firstCut,
  density,
  look,
  smell,
  ph,
  note,
}: SeparateValues) {
  return {
    oilMl: oil,
    hydrosolMl: hydrosol,
    ...(firstCut !== undefined ? { firstCutMl: firstCut } : {}),
    ...(density !== undefined ? { oilDensityGPerMl: density } : {}),
    ...(look ? { look } : {}),
    ...(smell ? { smell } : {}),
    ...(ph !== undefined ? { ph } : {}),
    ...(note ? { note } : {}),
  };
}
