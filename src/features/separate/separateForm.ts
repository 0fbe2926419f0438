import { knownFields } from "@/core/knownFields";
import { z } from "zod";
import { toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import type { Separated } from "@/records/entry";
import { limits } from "@/messages/limits";
import { optionalNumberField } from "@/ui/primitives/numberField";

/** What is measured once oil and hydrosol are apart. */
export const separateSchema = z
  .object({
    /** Empty while it is not measured. */
    oil: optionalNumberField({
      name: t`Oil`,
      ...limits.amount,
      remedy: t`No visible oil? Enter 0.`,
    }),
    /** All of it; may stay empty while it is not measured, or where every jar is told. */
    hydrosol: optionalNumberField({ name: t`Hydrosol`, ...limits.amount }),
    jars: z
      .array(optionalNumberField({ name: t`The jar`, ...limits.amount }))
      .max(limits.mostJars.max),
    /** Oil of each jar that was kept apart from the others'. */
    jarOils: z
      .array(optionalNumberField({ name: t`The jar's oil`, ...limits.amount }))
      .max(limits.mostJars.max),
    firstCut: optionalNumberField({ name: t`First cut`, ...limits.amount }),
    liquor: optionalNumberField({ name: t`Pot liquor`, ...limits.amount }),
    density: optionalNumberField({ name: t`Density`, ...limits.oilDensity }),
    look: z.string().max(200),
    smell: z.string().max(200),
    hydrosolLook: z.string().max(200),
    hydrosolSmell: z.string().max(200),
    ph: optionalNumberField({ name: "pH", ...limits.ph }),
    note: z.string().max(5000),
  })
  .transform(({ oil, hydrosol, jars, jarOils, ...rest }) => {
    const told = allTold(jars) ? jars : [];
    const apart = allTold(jarOils) && told.length > 0 ? jarOils : [];
    return {
      ...rest,
      oil: apart.length > 0 ? sumOf(apart) : oil,
      hydrosol: told.length > 0 ? sumOf(told) : hydrosol,
      jars: told,
      jarOils: apart,
    };
  })
  .refine(({ oil, hydrosol }) => oil !== undefined || hydrosol !== undefined, {
    path: ["oil"],
    message: t`Type the oil, or the hydrosol: what stays empty can come later. None? Write 0.`,
  })
  .refine(({ hydrosol = 0 }) => hydrosol <= limits.amount.max, {
    path: ["hydrosol"],
    message: t`The jars together are more than any still gives: look at their units.`,
  })
  .refine(({ firstCut = 0, hydrosol = firstCut }) => firstCut <= hydrosol, {
    path: ["firstCut"],
    message: t`The first cut is part of the hydrosol: it cannot be more than all of it.`,
  });

function allTold(jars: (number | undefined)[]): jars is number[] {
  return jars.length > 1 && jars.every((ml) => ml !== undefined);
}

function sumOf(volumes: readonly number[]): number {
  return volumes.reduce((sum, ml) => sum + ml, 0);
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
  const named = jars >= limits.mostJars.min && jars <= limits.mostJars.max ? jars : 0;
  return {
    oil: toInput(result?.oilMl, "mL"),
    hydrosol: toInput(result?.hydrosolMl, volume),
    jars: Array.from({ length: named }, (_, i) => toInput(result?.jars?.[i]?.volumeMl, volume)),
    jarOils: Array.from({ length: named }, (_, i) => toInput(result?.jars?.[i]?.oilMl, "mL")),
    firstCut: toInput(result?.firstCutMl, volume),
    liquor: toInput(result?.liquorMl, volume),
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
  liquor,
  density,
  look,
  smell,
  hydrosolLook,
  hydrosolSmell,
  jars,
  jarOils,
  ph,
  note,
}: SeparateValues) {
  return {
    ...knownFields({
      oilMl: oil,
      hydrosolMl: hydrosol,
      firstCutMl: firstCut,
      liquorMl: liquor,
      oilDensityGPerMl: density,
      ph,
    }),
    ...(look ? { look } : {}),
    ...(smell ? { smell } : {}),
    ...(hydrosolLook ? { hydrosolLook } : {}),
    ...(hydrosolSmell ? { hydrosolSmell } : {}),
    ...(jars.length > 1
      ? {
          jars: jars.map((volumeMl, i) => ({
            volumeMl,
            ...(jarOils[i] === undefined ? {} : { oilMl: jarOils[i] }),
          })),
        }
      : {}),
    ...(note ? { note } : {}),
  };
}

/** A draft with as many jars as there are now: one may have been swapped, or struck out, since it was typed. */
export function withItsJars(start: SeparateForm, beginning: SeparateForm): SeparateForm {
  const readable = (jar: unknown): jar is SeparateForm["jars"][number] =>
    typeof jar === "object" && jar !== null && "text" in jar && "unit" in jar;
  const kept = (name: "jars" | "jarOils") =>
    beginning[name].map((jar, i) => {
      /* A draft of before jars had their oil has none. */
      const typed: unknown = (start[name] as readonly unknown[] | undefined)?.[i];
      return readable(typed) ? typed : jar;
    });
  return { ...start, jars: kept("jars"), jarOils: kept("jarOils") };
}
