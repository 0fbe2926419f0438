import type { EndsBy } from "@/core/forecast/stopRules";

/** What ends a run, as a table says it. */
export const stopRuleWords: Record<EndsBy, string> = {
  perKg: "Hydrosol to plant",
  worthMlPer10Min: "Ten more earn too little",
  minutes: "The clock",
  distillateMl: "So much distillate",
  reserve: "The pot's reserve",
};
