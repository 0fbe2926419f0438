import { showMoney } from "@/core/units/money";
import { oilOfSeries } from "@/core/plan/oilOfSeries";
import {
  fixed,
  showDuration,
  showIce,
  showMass,
  showOil,
  showVolume,
  words,
} from "@/core/units/format";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { type Prices, fuelFor } from "@/core/plan/fuel";
import type { HeatKind } from "@/core/still/heatSources";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";

/** A plan's numbers in all, as a line of words each, to be held against another plan's. */
export interface PlanFigure {
  name: string;
  value: string;
  /** The bare number, to see which way it went. */
  amount: number;
}

/** What a whole plan comes to by its middle run. */
export function planFigures(
  plan: ChargePlan,
  heat: HeatKind,
  units: UnitSystem,
  money?: Partial<Prices> & { currency?: string },
): PlanFigure[] {
  const { forecast, charges } = plan;
  const minutes = (forecast.minutesToFirstDrop ?? 0) + forecast.runMinutes;
  const fuel = fuelFor(forecast.energyKWh * charges, heat, money);
  const visibleMl = oilOfSeries(forecast, charges, plan.request.still.holdUpMl);
  const figures: PlanFigure[] = [
    {
      name: t`Visible oil`,
      amount: visibleMl,
      value: words(showOil(visibleMl)),
    },
    {
      name: t`Oil distilled`,
      amount: forecast.oil.distilledMl.p50 * charges,
      value: words(showOil(forecast.oil.distilledMl.p50 * charges)),
    },
    {
      name: t`Hydrosol`,
      amount: forecast.distillateMl * charges,
      value: words(showVolume(forecast.distillateMl * charges, units)),
    },
    {
      name: t`Charges`,
      amount: charges,
      value: `${charges} × ${words(showMass(plan.chargeG, units))}`,
    },
    { name: t`Heating`, amount: minutes * charges, value: showDuration(minutes * charges) },
    {
      name: t`Water`,
      amount: plan.waterMl * charges,
      value: words(showVolume(plan.waterMl * charges, units)),
    },
    { name: t`Energy`, amount: fuel.kWh, value: t`${fixed(fuel.kWh, 2)} kWh` },
  ];
  if (fuel.cost !== undefined)
    figures.push({
      name: t`Fuel`,
      amount: fuel.cost,
      value: showMoney(fuel.cost, money?.currency),
    });
  const ice = plan.cooling?.iceKg ?? 0;
  if (ice > 0)
    figures.push({
      name: t`Ice`,
      amount: ice * charges,
      value: words(showIce(ice * charges, units)),
    });
  return figures;
}
