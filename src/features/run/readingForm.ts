import { z } from "zod";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import { optionalNumberField } from "@/ui/primitives/numberField";

const temperature = (name: string) => optionalNumberField({ name, ...limits.headC });

/** What the reading sheet takes: any one of its fields is enough. */
export const readingSchema = z
  .object({
    distillate: optionalNumberField({ name: t`Distillate`, ...limits.amount }),
    oil: optionalNumberField({ name: t`Oil`, ...limits.amount }),
    head: temperature(t`Head`),
    outlet: temperature(t`Outlet`),
    coolingOut: optionalNumberField({ name: t`Cooling water`, ...limits.tubC }),
    tub: optionalNumberField({ name: t`Tub`, ...limits.tubC }),
    note: z.string().max(5000),
  })
  .refine(
    ({ distillate, oil, head, outlet, coolingOut, tub, note }) =>
      distillate ?? oil ?? head ?? outlet ?? coolingOut ?? tub ?? (note || undefined),
    {
      path: ["distillate"],
      message: t`Read at least one thing: the jar, a temperature, or a note.`,
    },
  );
