import { inLanguage } from "@/core/units/language";
import type { MarkCase, MarkMeaning } from "@/core/units/markMeaning";
import { t } from "@/language/t";

const examples: Record<MarkCase, { typed: string; unit: string }> = {
  pointSmall: { typed: "1.200", unit: "g" },
  pointLarge: { typed: "1.200", unit: "kg" },
  commaSmall: { typed: "1,200", unit: "g" },
  commaLarge: { typed: "1,200", unit: "kg" },
};

/** How a number that could be two is read on this device, by an example. */
export function markAnswerWords(of: MarkCase, meaning: MarkMeaning): string {
  const { typed, unit } = examples[of];
  const read = meaning === "thousands" ? "1200" : inLanguage("1.2");
  return t`On this device “${typed} ${unit}” is read as ${read} ${unit}.`;
}
