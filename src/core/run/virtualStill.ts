import type { Condenser } from "../cooling/condenser";
import { condenserDutyJ, distillateOutC } from "../cooling/duty";
import { tubAfter } from "../cooling/tub";
import { draws } from "../forecast/draws";
import type { ForecastRequest } from "../forecast/request";
import { runModel } from "../forecast/runModel";
import { caughtShare } from "../forecast/simulate";
import { normalStream } from "../statistics/chance";

/** What can be made to go wrong on a virtual still. */
export type Fault = "leak" | "coolingLost" | "heatCut" | "iceGone";

/** What a probe and a scale measure. */
export type Channel = "head" | "outlet" | "tub" | "distillate";

/** One measurement of a virtual still. */
interface VirtualSample {
  channel: Channel;
  value: number;
  unit: "°C" | "g";
}

/** A virtual still under way. Minutes count from heat on. */
export interface VirtualStill {
  minutes: number;
  boilingAt?: number;
  firstDropAt?: number;
  /** Lets time pass at a heat (W at the source); steps of a second or so. */
  advance(minutes: number, now: { powerW: number; faults: ReadonlySet<Fault> }): void;
  /** Ice into the tub, kg. */
  addIce(kg: number): void;
  /** Hot water into the pot, mL. */
  addWater(ml: number): void;
  /** What the instruments read now, with noise, drift and drop-outs. */
  read(): VirtualSample[];
}

/* Data sheets of common digital probes and kitchen scales; drift is a judgement. */
const noise = { temperatureC: 0.15, driftCPerHour: 0.3, massG: 1.5 };
/* One reading in a hundred lies beyond this many deviations: that one is missing. */
const dropOutDeviations = 2.33;
/* Judgements, made to look like what the alarms are for: a leak that takes more than half of the steam;
   an outlet and a head that follow within a minute or two, as thin metal does. */
const leakShare = 0.55;
const outletMinutes = 1.5;
const headMinutes = 0.7;
/* How long a head stays under the boil while the most of the oil comes, min: the first third of a run. */
const oilyMinutes = 20;
/**
 * A still that runs on the core: the same physics as the forecast, with what chance decides drawn
 * once, and instruments that are not perfect. Same request, seed and course of events, same samples.
 * @throws RangeError as forecastRun
 */
export function virtualStill(
  request: ForecastRequest,
  seed: number,
  condenser: Condenser = { kind: "tubCoil", tubL: 20, iceKg: 2 },
): VirtualStill {
  const model = runModel(request);
  const draw = draws(model, 1, seed)[0]!;
  const normal = normalStream(seed + 17);
  const caught = caughtShare(model, draw);
  const { boil, firstDrop } = model.times(draw.efficiency);
  const fullSteam = steamAt(request.still.heat.powerW);
  const tapC = model.coolingInC + (condenser.kind === "tap" ? condenser.riseK * 0.5 : 0);
  const state = {
    warmed: 0,
    headC: model.airC,
    outletC: model.airC,
    distillateMl: 0,
    waterMl: model.freeWaterMl,
    tubHeatJ: 0,
    tubLitres: "tubL" in condenser ? condenser.tubL : 0,
    iceKg: "iceKg" in condenser ? condenser.iceKg : 0,
  };
  const drift = { head: normal(), outlet: normal(), tub: normal() };
  const still: VirtualStill = {
    minutes: 0,
    advance(minutes, { powerW, faults }) {
      still.minutes += minutes;
      if (faults.has("iceGone")) state.iceKg = 0;
      const steam = steamAt(faults.has("heatCut") ? 0 : powerW);
      /* Minutes at full heat that would have warmed as much: what is lost to the air warms nothing. */
      state.warmed += minutes * (steam / fullSteam || 0);
      if (state.warmed >= boil) still.boilingAt ??= still.minutes;
      if (state.warmed >= firstDrop) still.firstDropAt ??= still.minutes;
      const steaming = still.firstDropAt !== undefined;
      /* What has boiled away, through a leak or over, cannot boil again: a dry pot gives no more. */
      const boiled = steaming ? Math.min(steam * minutes, state.waterMl) : 0;
      const rate = minutes > 0 ? boiled / minutes : 0;
      if (!model.returns)
        state.waterMl -= boiled * caught + (rate > 0 ? model.vesselDrainGPerMin * minutes : 0);
      const through = rate * (faults.has("leak") ? 1 - leakShare : 1);
      const cooled = faults.has("coolingLost") ? 0.25 : 1;
      state.distillateMl += through * caught * cooled * minutes;
      const tubC = tubTemperature();
      if (!faults.has("coolingLost") && state.tubLitres > 0)
        state.tubHeatJ += condenserDutyJ(through * minutes, model.boilC, distillateOutC);
      const outTarget = steaming
        ? faults.has("coolingLost")
          ? model.boilC - 6
          : tubC + 5 + 0.1 * through
        : model.airC;
      const sinceDrop = still.minutes - (still.firstDropAt ?? still.minutes);
      /* Oil and water boil together below the boil of water, by less as the oil runs out. */
      const under = (model.boilC - model.togetherC) * Math.exp(-sinceDrop / oilyMinutes);
      const headTarget = rate > 0 && steaming ? model.boilC - 0.3 - under : model.airC + 20;
      state.outletC += (outTarget - state.outletC) * (1 - Math.exp(-minutes / outletMinutes));
      if (steaming || still.boilingAt !== undefined)
        state.headC +=
          (headTarget - state.headC) * (1 - Math.exp(-minutes / (steaming ? headMinutes : 6)));
    },
    addIce(kg) {
      state.iceKg += kg;
    },
    addWater(ml) {
      state.waterMl += ml;
    },
    read() {
      const hours = still.minutes / 60;
      const off = (which: keyof typeof drift) =>
        noise.temperatureC * normal() + noise.driftCPerHour * hours * drift[which];
      const all: VirtualSample[] = [
        { channel: "head", value: state.headC + off("head"), unit: "°C" },
        { channel: "outlet", value: state.outletC + off("outlet"), unit: "°C" },
        { channel: "tub", value: tubTemperature() + off("tub"), unit: "°C" },
        {
          channel: "distillate",
          value: Math.max(0, state.distillateMl + noise.massG * normal()),
          unit: "g",
        },
      ];
      /* A drop-out is drawn from the same stream, so that it comes again when played again. */
      return all
        .filter(() => normal() < dropOutDeviations)
        .map((sample) => ({ ...sample, value: Math.round(sample.value * 100) / 100 }));
    },
  };
  return still;

  function steamAt(powerW: number): number {
    return model.steamGPerMin(draw.efficiency, powerW);
  }

  function tubTemperature(): number {
    if (state.tubLitres <= 0) return tapC;
    const tub = { litres: state.tubLitres, startC: model.coolingInC, iceKg: state.iceKg };
    return tubAfter(tub, state.tubHeatJ).temperatureC;
  }
}
