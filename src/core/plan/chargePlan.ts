import type { CoolingPlan } from "../cooling/condenser";
import type { Forecast } from "../forecast/forecast";
import type { ForecastRequest } from "../forecast/request";
import type { ReceiverFit } from "../separation/receiver";
import type { FillLimits } from "../still/fillLimits";
import type { Method } from "../still/methods";
import type { ChargeLevels } from "./chargeLevels";
import type { ChargeMaterial } from "./chargeMaterial";
import type { Warning } from "../forecast/warning";

/** One harvest shared out over equal charges, and what each will be like. */
export interface ChargePlan {
  method: Method;
  charges: number;
  chargeG: number;
  waterMl: number;
  /** Water that the run spends and keeps: what the plan would choose. */
  wantedWaterMl: number;
  limits: FillLimits;
  /** Most water beside this charge, mL. */
  mostWaterMl: number;
  levels: ChargeLevels;
  figures: ChargeMaterial;
  request: ForecastRequest;
  /** Hydrosol of one charge that is worth keeping, mL; absent where it flows back. */
  keepMl?: number;
  /** The middle run of one charge, without ranges. */
  forecast: Forecast;
  /** Cooling of one charge, where the condenser is known. */
  cooling?: CoolingPlan;
  /** How the middle run's oil gets on in the receiver, where that is known. */
  receiver?: ReceiverFit;
  warnings: Warning[];
}

/** A plan before its warnings. */
export type BarePlan = Omit<ChargePlan, "warnings">;
