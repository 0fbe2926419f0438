import {
  type CondenserTube,
  capacityW,
  condensedMlPerMin,
  fastestMlPerMin,
} from "../cooling/capacity";
import type { CoolingPlan } from "../cooling/condenser";
import { usualCoolingOutC } from "../cooling/duty";
import type { PlanInput } from "./planInput";
import type { BarePlan } from "./chargePlan";
import type { Warning } from "../forecast/warning";

/* Cooling water stays so much above the point where an oil sets. */
const clearOfSettingK = 4;
/* An ordinary tap gives about this much through a garden hose. */
const tapLitresPerMin = 8;

/** Whether the cooling holds, and whether it is too cold for an oil that sets. */
export function coolingWarnings(input: PlanInput, plan: BarePlan): Warning[] {
  const { cooling, forecast } = plan;
  const warnings: Warning[] = [];
  const { setsBelowC, name } = input.plant;
  const coldestC = cooling?.tub
    ? Math.min(...cooling.tub.curve.map(({ temperatureC }) => temperatureC))
    : input.site.coolingInC;
  if (setsBelowC !== undefined && coldestC < setsBelowC && cooling?.kind !== "iceLid") {
    const warmC = setsBelowC + clearOfSettingK;
    warnings.push({
      code: "oilSets",
      /* What shows no oil has hardly any that could stop up a tube. */
      severity: forecast.oil.visibleMl.p90 > 0 ? "error" : "caution",
      plantName: name,
      setsBelowC,
      coldestC,
      warmC,
      change: { coolingInC: warmC, iceKg: 0 },
    });
  }
  warnings.push(...ofCondenser(input, plan));
  if (cooling?.tub?.minutesToLimit != null) {
    const { limitC, minutesToLimit, endC, iceToHoldKg } = cooling.tub;
    const ice = Math.ceil(iceToHoldKg * 10) / 10;
    const sets = setsBelowC !== undefined;
    warnings.push({
      code: "tubTooWarm",
      severity: "caution",
      limitC,
      minutes: minutesToLimit,
      endC,
      ...(sets ? {} : { iceKg: ice, change: { iceKg: ice } }),
    });
  }
  if (cooling?.tap && cooling.tap.litresPerMin > tapLitresPerMin) {
    warnings.push({
      code: "tapTooSlow",
      severity: "caution",
      litresPerMin: cooling.tap.litresPerMin,
      usualLitresPerMin: tapLitresPerMin,
      change: { pace: "gentle" },
    });
  }
  if (cooling && forecast.rateMlPerMin > 0 && cooling.kind === "iceLid" && cooling.iceKg > 6) {
    warnings.push({ code: "muchIce", severity: "note", iceKg: cooling.iceKg });
  }
  return warnings;
}

/* So much above what a tube bears, vapour fills the room. */
const farBeyond = 1.5;

/** Whether the condenser takes what the heat drives: by its tube where that is known, and by what its outlet showed. */
function ofCondenser(
  { still: { tube }, warmedAtMlPerMin = Infinity }: PlanInput,
  { cooling, forecast: { rateMlPerMin, boilC } }: BarePlan,
): Warning[] {
  if (!cooling || cooling.kind === "iceLid" || !(rateMlPerMin > 0)) return [];
  const byTube = tube && greatestThrough(tube, cooling, boilC);
  const seen = { mlPerMin: warmedAtMlPerMin, by: "seen" as const };
  const most = byTube && byTube.mlPerMin <= seen.mlPerMin ? byTube : seen;
  if (rateMlPerMin <= most.mlPerMin) return [];
  const far = byTube && rateMlPerMin > farBeyond * byTube.mlPerMin;
  return [
    {
      code: "beyondCondenser",
      severity: far ? "error" : "caution",
      rateMlPerMin,
      mostMlPerMin: most.mlPerMin,
      by: most.by,
      change: { pace: "gentle" },
    },
  ];
}

/** The most that goes through a condenser's tube, mL/min, and what sets it; a tub counts at its warmest. */
export function greatestThrough(
  tube: CondenserTube,
  cooling: Pick<CoolingPlan, "tap" | "tub">,
  boilC: number,
): { mlPerMin: number; by: "cooling" | "speed" } {
  const { tub, tap } = cooling;
  const outC = tap?.outC ?? Math.min(tub?.limitC ?? usualCoolingOutC, tub?.endC ?? Infinity);
  const inC = tap ? tap.inC : outC;
  const cooled = condensedMlPerMin(capacityW(tube, boilC, { inC, outC }), boilC);
  const fastest = fastestMlPerMin(tube, boilC);
  return cooled <= fastest
    ? { mlPerMin: cooled, by: "cooling" }
    : { mlPerMin: fastest, by: "speed" };
}
