import { middleRun } from "../forecast/forecastRun";
import { receiverFit } from "../separation/receiver";
import { methodsOf } from "../still/fillLimits";
import type { PlanInput } from "./planInput";
import type { BarePlan } from "./planWarnings";
import type { PlanChange, Warning } from "./warning";

/* Shorter than this nothing has come that could be poured. */
const leastRunMinutes = 1;

/** The run's own warnings with remedies that this still allows, and whether the receiver keeps the oil. */
export function oilWarnings(input: PlanInput, plan: BarePlan): Warning[] {
  const warnings = plan.forecast.warnings.map((warning) => {
    if (warning.code === "dryBeforeStop") return withinPot(warning, plan);
    if (warning.code === "noOilToSee") return withSomeToSee(warning, input, plan);
    return warning;
  });
  const { receiver, forecast } = plan;
  const atOnce = forecast.runMinutes < leastRunMinutes;
  if (atOnce && forecast.stoppedBy !== "reserve" && forecast.stoppedBy !== "never") {
    const minutes = input.plant.usualMinutes;
    warnings.push({
      code: "stopsAtOnce",
      severity: "error",
      message: "By its stop this run would end with its first drop: nothing would be distilled.",
      remedy: `Ask for less in ten more minutes, or stop by the clock after the usual ${minutes} min.`,
      change: { minutes },
    });
  }
  if (input.receiver && receiver && !receiver.suits && forecast.oil.distilledMl.p50 > 0) {
    const oil = { layer: forecast.oilLayer, densityGPerMl: forecast.oilDensityGPerMl };
    const other = (input.otherReceivers ?? []).findIndex(
      (candidate) => receiverFit(candidate, oil, 1).suits,
    );
    warnings.push({
      code: "wrongReceiver",
      severity: "error",
      message: {
        floats:
          "This oil floats: the receiver for sinking oil would let it run out with the water.",
        sinks:
          "This oil sinks: a receiver that keeps the top layer would send it down the drain with the water.",
        hangs:
          "This oil hangs in the water and never makes a layer: a receiver with two arms would lose it.",
      }[forecast.oilLayer],
      remedy:
        other >= 0
          ? "Put the other receiver under."
          : "Catch it all in a jar and part it there, after a night's rest.",
      ...(other >= 0 ? { change: { otherReceiver: other } } : {}),
    });
  }
  return warnings;
}

/* More water is no remedy where no more fits: then the run has to be shorter, or the charge smaller. */
function withinPot(warning: Warning, plan: BarePlan): Warning {
  if ((warning.change?.waterMl ?? 0) <= plan.mostWaterMl) return warning;
  const minutes = Math.floor(plan.forecast.runMinutes);
  if (minutes < 10) {
    return {
      ...warning,
      remedy:
        "This still holds too little water above its dry line for this charge: make more, smaller charges.",
      change: { charges: plan.charges + 1 },
    };
  }
  return {
    ...warning,
    remedy: `No more water fits. Stop after ${minutes} min.`,
    change: { minutes },
  };
}

/** Looks for what would leave some oil to be seen: water that flows back, or an earlier stop. */
function withSomeToSee(warning: Warning, input: PlanInput, plan: BarePlan): Warning {
  const taken = (remedy: string, change: PlanChange): Warning => ({ ...warning, remedy, change });
  const shows = (part: Partial<BarePlan["request"]>) =>
    middleRun({ ...plan.request, ...part }).visibleMl > 0;
  const returns = methodsOf(input.still.shape).includes("cohobation");
  if (returns && plan.method !== "cohobation" && shows({ method: "cohobation" }))
    return taken("Let the hydrosol flow back: then only the pot's water drinks oil.", {
      method: "cohobation",
    });
  for (const share of [0.7, 0.5, 0.35]) {
    const minutes = Math.floor(plan.forecast.runMinutes * share);
    if (minutes >= 10 && shows({ stop: { minutes } }))
      return taken(
        `Stop after ${minutes} min: less water drinks less oil. Or distil it for its hydrosol.`,
        { minutes },
      );
  }
  return warning;
}
