import type { Forecast } from "@/core/forecast/forecast";
import type { ChargePlan } from "@/core/plan/chargePlan";
import type { Cut } from "@/core/plan/cuts";
import { catchMl } from "./catchMl";
import type { RunPlan } from "@/records/run";
import type { Still } from "@/records/still";

interface Planned {
  plan: ChargePlan;
  /** Ranges over many played runs. */
  oil: Forecast["oil"];
  still: Still;
  /** Which charge of how many. */
  charge: number;
  charges: number;
  preparation?: string;
  /** Schools that were followed, by question. */
  schools?: Record<string, string>;
  agedMonths?: number;
  /** Jar swaps that are planned. */
  cuts?: readonly Cut[];
  reasons?: RunPlan["reasons"];
  filled?: RunPlan["filled"];
  chargeBetweenG?: RunPlan["chargeBetweenG"];
}

/** A plan as a run's record keeps it: frozen, so that a later model or still does not rewrite it. */
export function asRunPlan({ plan, oil, still, charge, charges, ...choices }: Planned): RunPlan {
  const { request, forecast, figures } = plan;
  const { runPowerW } = request.still.heat;
  const { preparation, schools, cuts, agedMonths, reasons, filled, chargeBetweenG } = choices;
  return {
    edition: 3,
    method: plan.method,
    charge,
    charges,
    chargeG: plan.chargeG,
    moisture: figures.moisture,
    waterMl: plan.waterMl,
    dryLineMl: still.dryLineMl,
    jarMl: catchMl(still),
    stop: request.stop,
    powerW: still.heat.powerW,
    ...(runPowerW === undefined ? {} : { runPowerW }),
    ...(preparation ? { preparation } : {}),
    ...(schools ? { schools } : {}),
    ...(reasons ? { reasons } : {}),
    ...(filled ? { filled } : {}),
    ...(chargeBetweenG ? { chargeBetweenG } : {}),
    ...(cuts?.length ? { cuts: [...cuts] } : {}),
    ...(agedMonths === undefined ? {} : { agedMonths }),
    ...(plan.cooling && plan.cooling.iceKg > 0 ? { iceKg: plan.cooling.iceKg } : {}),
    oilMlPerKg: figures.oilMlPerKg,
    request,
    forecast: {
      boilC: forecast.boilC,
      minutesToBoil: forecast.minutesToBoil ?? 0,
      minutesToFirstDrop: forecast.minutesToFirstDrop ?? 0,
      runMinutes: forecast.runMinutes,
      rateMlPerMin: forecast.rateMlPerMin,
      distillateMl: forecast.distillateMl,
      /* No minutes to the dry line: it never comes to it. */
      ...(forecast.minutesToDryLine === null
        ? {}
        : { spendableMl: forecast.minutesToDryLine * forecast.rateMlPerMin }),
      oilDensityGPerMl: forecast.oilDensityGPerMl,
      ...oil,
      curve: forecast.curve.map(({ minutes, oilG, headC }) => ({ minutes, oilG, headC })),
    },
  };
}
