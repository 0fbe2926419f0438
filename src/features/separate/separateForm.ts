import { z } from "zod";
import { unitsFor, type UnitSystem, toInput } from "@/core";
import type { Separated } from "@/records/entry";
import { limits } from "@/messages/limits";
import { numberField, optionalNumberField } from "@/ui/primitives/numberField";

/** What is measured once oil and hydrosol are apart. */
export const separateSchema = z
  .object({
    oil: numberField({ name: "Oil", ...limits.amount, remedy: "None to see? Write 0." }),
    /** All of it; may stay empty where every jar is told. */
    hydrosol: optionalNumberField({ name: "Hydrosol", ...limits.amount }),
    jars: z
      .array(optionalNumberField({ name: "The jar", ...limits.amount }))
      .max(limits.mostJars.max),
    firstCut: optionalNumberField({ name: "First cut", ...limits.amount }),
    density: optionalNumberField({ name: "Density", ...limits.oilDensity }),
    look: z.string().max(200),
    smell: z.string().max(200),
    hydrosolLook: z.string().max(200),
    hydrosolSmell: z.string().max(200),
    ph: optionalNumberField({ name: "pH", ...limits.ph }),
    note: z.string().max(5000),
  })
  .refine(({ hydrosol, jars }) => hydrosol !== undefined || allTold(jars), {
    path: ["hydrosol"],
    message: "Hydrosol: type how much there is in all, or each jar. None kept? Write 0.",
  })
  .transform(({ hydrosol, jars, ...rest }) => {
    const told = allTold(jars) ? (jars as number[]) : [];
    return {
      ...rest,
      hydrosol: told.length > 0 ? told.reduce((sum, ml) => sum + ml, 0) : (hydrosol ?? 0),
      jars: told,
    };
  })
  .refine(({ hydrosol }) => hydrosol <= limits.amount.max, {
    path: ["hydrosol"],
    message: "The jars together are more than any still gives: look at their units.",
  })
  .refine(({ firstCut, hydrosol }) => (firstCut ?? 0) <= hydrosol, {
    path: ["firstCut"],
    message: "The first cut is part of the hydrosol: it cannot be more than all of it.",
  });

function allTold(jars: readonly (number | undefined)[]): boolean {
  return jars.length > 1 && jars.every((ml) => ml !== undefined);
}
export type SeparateForm = z.input<typeof separateSchema>;
export type SeparateValues = z.output<typeof separateSchema>;

/** The form's fields as they stand at first; more jars than a result can name are told in all alone. */
export function separateDefaults(
  result: Separated | undefined,
  units: UnitSystem,
  jars = 1,
): z.input<typeof separateSchema> {
  const volume = unitsFor("volume", units)[0] ?? "mL";
  return {
    oil: toInput(result?.oilMl, "mL"),
    hydrosol: toInput(result?.hydrosolMl, volume),
    jars:
      jars >= limits.mostJars.min && jars <= limits.mostJars.max
        ? Array.from({ length: jars }, (_, i) => toInput(result?.jars?.[i]?.volumeMl, volume))
        : [],
    firstCut: toInput(result?.firstCutMl, volume),
    density: toInput(result?.oilDensityGPerMl, "one"),
    look: result?.look ?? "",
    smell: result?.smell ?? "",
    hydrosolLook: result?.hydrosolLook ?? "",
    hydrosolSmell: result?.hydrosolSmell ?? "",
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
  hydrosolLook,
  hydrosolSmell,
  jars,
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
    ...(hydrosolLook ? { hydrosolLook } : {}),
    ...(hydrosolSmell ? { hydrosolSmell } : {}),
    ...(jars.length > 1 ? { jars: jars.map((volumeMl) => ({ volumeMl })) } : {}),
    ...(ph !== undefined ? { ph } : {}),
    ...(note ? { note } : {}),
  };
}
