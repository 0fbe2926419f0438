import type { PlanInput } from "./planInput";
import type { BarePlan } from "./chargePlan";
import type { Warning } from "./warning";

/* Cooling water stays so much above the point where an oil sets. */
const clearOfSettingK = 4;
/* An ordinary tap gives about this much through a garden hose. */
const tapLitresPerMin = 8;

/** Whether the cooling holds, and whether it is too cold for an oil that sets. */
export function coolingWarnings(input: PlanInput, { cooling, forecast }: BarePlan): Warning[] {
  const warnings: Warning[] = [];
  const { setsBelowC, name } = input.plant;
  const coldestC = cooling?.tub
    ? Math.min(...cooling.tub.curve.map(({ temperatureC }) => temperatureC))
    : input.site.coolingInC;
  if (setsBelowC !== undefined && coldestC < setsBelowC && cooling?.kind !== "iceLid") {
    const warmC = setsBelowC + clearOfSettingK;
    warnings.push({
      code: "oilSets",
      severity: "error",
      plantName: name,
      setsBelowC,
      coldestC,
      warmC,
      change: { coolingInC: warmC, iceKg: 0 },
    });
  }
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
