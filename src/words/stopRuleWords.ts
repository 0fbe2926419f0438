import type { EndsBy } from "@/core/forecast/stopRules";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { showOil, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";

/** What ends a run, as a table says it. */
export const stopRuleWords: Record<EndsBy, string> = {
  perKg: "Hydrosol wanted",
  worthMlPer10Min: "Not worth ten more minutes",
  minutes: "By the clock",
  distillateMl: "Distillate wanted",
  reserve: "Water runs low",
};

/** Why a plan turns the heat off when it does. */
export function stoppedByWords(
  { forecast, request }: Pick<ChargePlan, "forecast" | "request">,
  stopBy: string,
  units: UnitSystem,
): string {
  switch (forecast.stoppedBy) {
    case "perKg":
    case "distillateMl":
      return `when ${words(showVolume(forecast.distillateMl, units))} of hydrosol is in the jar`;
    case "worthMlPer10Min":
      return request.stop.worthMlPer10Min === undefined
        ? "when ten more minutes are not worth it"
        : `when 10 more minutes bring less than ${words(showOil(request.stop.worthMlPer10Min))}`;
    case "minutes":
      return stopBy === "smell" ? "the usual time; your nose decides" : "by the clock";
    case "reserve":
      return "when the water runs low";
    case "never":
      return "no steam comes";
  }
}
