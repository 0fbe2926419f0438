import type { PlanInput } from "./planInput";
import type { BarePlan } from "./planWarnings";
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
    const warm = setsBelowC + clearOfSettingK;
    warnings.push({
      code: "oilSets",
      severity: "error",
      message: `The oil of ${name.toLowerCase()} sets below about ${setsBelowC} °C. Cooled to ${coldestC.toFixed(0)} °C it can stop up the condenser, and a stopped still builds pressure.`,
      remedy: `Let the cooling water be ${warm} °C or warmer, and leave the ice out.`,
      change: { coolingInC: warm, iceKg: 0 },
    });
  }
  if (cooling?.tub?.minutesToLimit != null) {
    const { limitC, minutesToLimit, endC, iceToHoldKg } = cooling.tub;
    const ice = Math.ceil(iceToHoldKg * 10) / 10;
    const sets = setsBelowC !== undefined;
    warnings.push({
      code: "tubTooWarm",
      severity: "caution",
      message: `The tub passes ${limitC} °C ${Math.round(minutesToLimit)} min after the first drop and would end at ${Math.min(99, Math.round(endC))} °C: distillate comes warm and oil leaves with the air.`,
      remedy: sets
        ? "Swap the tub's water before then for water that is warm enough for this oil."
        : `Start with ${ice} kg of ice in it, or swap its water before then.`,
      ...(sets ? {} : { change: { iceKg: ice } }),
    });
  }
  if (cooling?.tap && cooling.tap.litresPerMin > tapLitresPerMin) {
    warnings.push({
      code: "tapTooSlow",
      severity: "caution",
      message: `This pace asks for ${cooling.tap.litresPerMin.toFixed(1)} L of water a minute; an ordinary tap gives about ${tapLitresPerMin}.`,
      remedy: "Run it gently, or let the water warm up more on its way.",
      change: { pace: "gentle" },
    });
  }
  if (cooling && forecast.rateMlPerMin > 0 && cooling.kind === "iceLid" && cooling.iceKg > 6) {
    warnings.push({
      code: "muchIce",
      severity: "note",
      message: `The lid melts ${cooling.iceKg.toFixed(1)} kg of ice over this run.`,
      remedy: "Freeze it the night before in bags that fit the lid, and pour the melt off.",
    });
  }
  return warnings;
}
