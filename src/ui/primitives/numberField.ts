import { z } from "zod";
import { type NumberRange, readNumber } from "@/core/units/numberInput";
import { type UnitName, units } from "@/core/units/units";

const bare = z.object({
  text: z.string(),
  unit: z.custom<UnitName>((unit) => typeof unit === "string" && Object.hasOwn(units, unit)),
});

/** A form's field that must hold a number in range; parses to the canonical value. */
export function numberField(range: NumberRange) {
  return bare.transform((input, context) => {
    const read = readNumber(input, range);
    if (read.ok) return read.value;
    context.addIssue({ code: "custom", message: read.problem });
    return z.NEVER;
  });
}

/** A form's field that may be empty. */
export function optionalNumberField(range: NumberRange) {
  return bare.transform((input, context) => {
    if (input.text.trim() === "") return undefined;
    const read = readNumber(input, range);
    if (read.ok) return read.value;
    context.addIssue({ code: "custom", message: read.problem });
    return z.NEVER;
  });
}
