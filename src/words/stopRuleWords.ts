import type { EndsBy } from "@/core/forecast/stopRules";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { showOil, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";

/** What ends a run, as a table says it. */
export const stopRuleWords: Record<EndsBy, string> = {
  perKg: t`Hydrosol wanted`,
  worthMlPer10Min: t`Not worth ten more minutes`,
  minutes: t`By the clock`,
  distillateMl: t`Distillate wanted`,
  reserve: t`Water runs low`,
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
      return t`when ${words(showVolume(forecast.distillateMl, units))} of hydrosol is in the jar`;
    case "worthMlPer10Min":
      return request.stop.worthMlPer10Min === undefined
        ? t`when ten more minutes are not worth it`
        : t`when 10 more minutes bring less than ${words(showOil(request.stop.worthMlPer10Min))}`;
    case "minutes":
      return stopBy === "smell" ? t`the usual time; your nose decides` : t`by the clock`;
    case "reserve":
      return t`when the water runs low`;
    case "never":
      return t`no steam comes`;
  }
}
