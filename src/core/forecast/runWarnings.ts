import type { Warning } from "../plan/warning";
import type { Forecast } from "./forecastRun";
import type { RunModel } from "./runModel";
import { stopTimes } from "./simulate";

/* Below this the named part no longer speaks for the whole oil. */
const leastNamedShare = 0.5;

/** What a forecast has to say beside its numbers. */
export function runWarnings(model: RunModel, forecast: Forecast): Warning[] {
  const { request, material } = model;
  const warnings: Warning[] = [];
  if (forecast.stoppedBy === "never") {
    warnings.push({
      code: "neverBoils",
      severity: "error",
      message: `This heat never brings the still to ${forecast.boilC.toFixed(1)} °C: what it gives, the still loses to the room.`,
      remedy: "Use more power, insulate the still, or check the heat source's figures.",
    });
    return warnings;
  }
  const rateMl = forecast.rateMlPerMin;
  const wanted = wantedMinutes(model, forecast);
  if (forecast.stoppedBy === "reserve" && wanted > forecast.runMinutes) {
    const missingMl = Math.ceil(((wanted - forecast.runMinutes) * rateMl) / 10) * 10;
    const noneAtAll = forecast.runMinutes < 1;
    warnings.push({
      code: "dryBeforeStop",
      severity: "error",
      message: noneAtAll
        ? "The water stands at or under the dry line before the first drop comes."
        : `The pot reaches its dry line ${Math.floor(forecast.runMinutes)} min after the first drop, before the run is done.`,
      remedy: `Start with ${missingMl} mL more water, or stop earlier.`,
      change: { waterMl: request.waterMl + missingMl },
    });
  } else if (
    !model.returns &&
    model.freeWaterMl - forecast.distillateMl < (request.still.dryLineMl ?? 0)
  ) {
    warnings.push({
      code: "soakedDry",
      severity: "caution",
      message:
        "Near the end the plant has soaked up what is left: it may sit on the hot floor and scorch.",
      remedy: "Add water, keep the plant off the floor, and turn the heat down for the last part.",
    });
  }
  if (material.namedShare < leastNamedShare) {
    warnings.push({
      code: "littleKnownOil",
      severity: "note",
      message: `Only ${Math.round(material.namedShare * 100)} % of this oil is named: the rest is taken to be like it.`,
      remedy: "Name more of its compounds, or trust its density and solubility less.",
    });
  }
  if (material.oilMlPerKg.high > 0 && forecast.oil.visibleMl.p50 === 0) {
    const never = forecast.oil.visibleMl.p90 === 0;
    warnings.push({
      code: "noOilToSee",
      severity: "caution",
      message: never
        ? "No oil will show: the hydrosol takes up all of it."
        : "Most likely no oil will show: the hydrosol takes up nearly all of it.",
      remedy: "Distil it for its hydrosol, stop earlier, or charge more plant for the same water.",
    });
  }
  if (material.oil.layer !== "floats" && forecast.oil.visibleMl.p90 > 0) {
    const sinks = material.oil.layer === "sinks";
    warnings.push({
      code: sinks ? "oilSinks" : "oilHangs",
      severity: "caution",
      message: sinks
        ? "This oil is heavier than water: it gathers at the bottom."
        : "This oil is as heavy as water: it hangs in the hydrosol.",
      remedy: sinks
        ? "Use a receiver that draws from below, and throw no first water away."
        : "Settle it warm or with salt, in a tall vessel, overnight.",
    });
  }
  return warnings;
}

/** When the run would have ended by the rules that were asked for, the dry line left out. */
function wantedMinutes(model: RunModel, forecast: Forecast): number {
  const { request } = model;
  const { worthMlPer10Min: _, ...plain } = request.stop;
  const times = stopTimes(plain, {
    steam: forecast.rateMlPerMin,
    massG: request.massG,
    spendableMl: model.spendableMl,
    oilMlAt: () => 0,
  });
  return Math.min(Infinity, ...Object.values(times));
}
