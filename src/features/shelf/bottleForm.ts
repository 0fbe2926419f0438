import { z } from "zod";
import {
  filterings,
  fillings,
  preservativeNames,
  type Filling,
  type Filtering,
  type PreservativeName,
} from "@/core/shelf/waterKeeping";
import { readNumber, type NumberInput } from "@/core/units/numberInput";
import { t } from "@/language/t";
import { bottleSchema, closures, type Bottle } from "@/records/bottle";
import { limits } from "@/messages/limits";
import { numberField } from "@/ui/primitives/numberField";

const percentLimit = { name: t`How much was added`, ...limits.preservativePercent };

/** Bottles as they are typed. */
export const bottleFormSchema = z
  .object({
    size: numberField({ name: t`The bottle's size`, ...limits.positive }),
    filled: numberField({ name: t`What is in it`, ...limits.positive }),
    count: numberField({ name: t`How many`, min: 1, max: 200, remedy: t`One at least.` }),
    glass: bottleSchema.shape.glass,
    closure: z.enum([...closures, ""]),
    storage: bottleSchema.shape.storage,
    place: z.string().max(200),
    filling: z.enum(fillings),
    filtering: z.enum([...filterings, ""]),
    preservative: z.enum([...preservativeNames, ""]),
    /* Read only where something was added: what stands in a field that is hidden again is no fault. */
    preservativePercent: z.object({ text: z.string(), unit: z.custom<NumberInput["unit"]>() }),
    bestBy: z.union([z.literal(""), z.iso.date(t`Best by must be a day.`)]),
    note: z.string().max(5000),
  })
  .refine(({ filled, size }) => filled <= size * 1.05, {
    path: ["filled"],
    message: t`More than the bottle holds. Check the size, or share it over two bottles.`,
  })
  .refine(({ count }) => Number.isInteger(count), {
    path: ["count"],
    message: t`How many must be a whole number.`,
  })
  .refine((form) => !form.preservative || waterOfForm(form).preserved, {
    path: ["preservativePercent"],
    message: t`Say how much was added, in percent and more than 0, or choose none.`,
  });
export type BottleForm = z.input<typeof bottleFormSchema>;

/** What of the form tells how a water is filled, as far as it stands there. */
interface TypedWater {
  filling?: Filling | undefined;
  filtering?: Filtering | "" | undefined;
  preservative?: PreservativeName | "" | undefined;
  preservativePercent?: Partial<NumberInput> | undefined;
}

/** How a water is filled by what stands in the form so far; what is not whole yet is left out. */
export function waterOfForm({
  filling,
  filtering,
  preservative,
  preservativePercent,
}: TypedWater): Pick<Bottle, "filling" | "filtering" | "preserved"> {
  const { text = "", unit = "one" } = preservativePercent ?? {};
  const percent = readNumber({ text, unit }, percentLimit);
  return {
    ...(filling ? { filling } : {}),
    ...(filtering ? { filtering } : {}),
    ...(preservative && percent.ok
      ? { preserved: { with: preservative, percent: percent.value } }
      : {}),
  };
}
