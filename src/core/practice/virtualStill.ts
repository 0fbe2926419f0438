import type { Condenser } from "../cooling/condenser";
import { condenserDutyJ, distillateOutC } from "../cooling/duty";
import { tubAfter } from "../cooling/tub";
import { draws } from "../forecast/draws";
import type { ForecastRequest } from "../forecast/request";
import { runModel } from "../forecast/runModel";
import { caughtShare, courseOf } from "../forecast/simulate";
import { normalStream } from "../statistics/chance";
import type { Fault } from "./faults";
import { growTrouble, grows, passing, ventedUnder } from "./trouble";

/** What a probe and a scale measure. */
export type Channel = "head" | "outlet" | "tub" | "distillate";

/** One measurement of a virtual still. */
export interface VirtualSample {
  channel: Channel;
  value: number;
  unit: "°C" | "g";
}

/** How a virtual still truly stands, whatever its instruments say. */
export interface StillTruth {
  headC: number;
  outletC: number;
  tubC: number;
  iceKg: number;
  /** Into the receiver now, mL/min. */
  rateMlPerMin: number;
  /** All that came into the receiver, mL, and what lies in this jar. */
  distillateMl: number;
  inJarMl: number;
  spilledMl: number;
  /** Oil that has come over into the receiver, mL, what of it was lost since, and what went into the air before. */
  oilMl: number;
  oilInJarMl: number;
  oilLostMl: number;
  /** Water in the pot that stands free, mL. */
  waterMl: number;
  /** Above the air, mbar. */
  overMbar: number;
  /** How far the way out is stopped, 0 to 1; how far the plant is scorched, 0 to 1; how high it froths, 0 to 1. */
  stopped: number;
  scorched: number;
  froth: number;
  /** Vapour that leaves the condenser, g/min. */
  vapourGPerMin: number;
  /** Gas that has flowed unburnt, min. */
  gasMinutes: number;
  /** The head is above the boil: it has to cool before it may be opened. */
  steaming: boolean;
}

/** A virtual still under way. Minutes count from heat on. */
export interface VirtualStill {
  minutes: number;
  boilingAt?: number;
  firstDropAt?: number;
  readonly truth: StillTruth;
  /** Lets time pass at a heat (W at the source); steps of a second or two. */
  advance(minutes: number, now: { powerW: number; faults: ReadonlySet<Fault> }): void;
  /** Ice into the tub, kg. */
  addIce(kg: number): void;
  /** Hot water into the pot, mL. */
  addWater(ml: number): void;
  /** The jar is put aside; `poured`: with the oil that lay unseen at its bottom. */
  swapJar(poured?: boolean): void;
  /** Unburnt gas is aired out. */
  airOut(): void;
  /** What the instruments read now, with noise, drift and drop-outs. */
  read(): VirtualSample[];
}

/** What a virtual still may be told beside its request; the rest is usual. */
interface VirtualPlace {
  jarMl?: number;
  /** Of gas: where the flame goes out it flows on. */
  gas?: boolean;
  /** The oil lies on top of its water: over the brim it goes first. */
  floats?: boolean;
}

/* Data sheets of common digital probes and kitchen scales; drift is a judgement. */
const noise = { temperatureC: 0.15, driftCPerHour: 0.3, massG: 1.5 };
/* One reading in a hundred lies beyond this many deviations: that one is missing. */
const dropOutDeviations = 2.33;
/* Judgements: an outlet and a head follow within a minute or two, as thin metal does. */
const outletMinutes = 1.5;
const headMinutes = 0.7;
/* How long a head stays under the boil while the most of the oil comes, min: the first third of a run. */
const oilyMinutes = 20;
const gridMinutes = 0.5;

/**
 * A still that runs on the core: the same physics as the forecast, with what chance decides drawn
 * once, and instruments that are not perfect. Same request, seed and course of events, same samples.
 * @throws RangeError as forecastRun
 */
export function virtualStill(
  request: ForecastRequest,
  seed: number,
  condenser: Condenser = { kind: "tubCoil", tubL: 20, iceKg: 2 },
  { jarMl = Infinity, gas = false, floats = true }: VirtualPlace = {},
): VirtualStill {
  const model = runModel(request);
  const draw = draws(model, 1, seed)[0]!;
  const normal = normalStream(seed + 17);
  const caught = caughtShare(model, draw);
  const { boil, firstDrop } = model.times(draw.efficiency);
  const fullSteam = steamAt(request.still.heat.powerW);
  const plannedSteam = model.steamGPerMin(draw.efficiency) || 1;
  const oilOver = oilGrid();
  const tapC = model.coolingInC + (condenser.kind === "tap" ? condenser.riseK * 0.5 : 0);
  const state = {
    warmed: 0,
    tubHeatJ: 0,
    tubLitres: "tubL" in condenser ? condenser.tubL : 0,
    /** Minutes of planned steam that the plant has had: the part that it always reaches, and the other. */
    reached: 0,
    besides: 0,
  };
  const truth: StillTruth = {
    headC: model.airC,
    outletC: model.airC,
    tubC: tapC,
    iceKg: "iceKg" in condenser ? condenser.iceKg : 0,
    rateMlPerMin: 0,
    distillateMl: 0,
    inJarMl: 0,
    spilledMl: 0,
    oilMl: 0,
    oilInJarMl: 0,
    oilLostMl: 0,
    waterMl: model.freeWaterMl,
    overMbar: 0,
    stopped: 0,
    scorched: 0,
    froth: 0,
    vapourGPerMin: 0,
    gasMinutes: 0,
    steaming: false,
  };
  const drift = { head: normal(), outlet: normal(), tub: normal() };
  const still: VirtualStill = {
    minutes: 0,
    truth,
    advance,
    addIce(kg) {
      truth.iceKg += kg;
    },
    addWater(ml) {
      truth.waterMl += ml;
    },
    swapJar(poured = false) {
      if (poured) {
        truth.oilLostMl += truth.oilInJarMl;
        truth.oilMl -= truth.oilInJarMl;
      }
      truth.inJarMl = 0;
      truth.oilInJarMl = 0;
    },
    airOut() {
      truth.gasMinutes = 0;
    },
    read() {
      const hours = still.minutes / 60;
      const off = (which: keyof typeof drift) =>
        noise.temperatureC * normal() + noise.driftCPerHour * hours * drift[which];
      const all: VirtualSample[] = [
        { channel: "head", value: truth.headC + off("head"), unit: "°C" },
        { channel: "outlet", value: truth.outletC + off("outlet"), unit: "°C" },
        { channel: "tub", value: tubTemperature() + off("tub"), unit: "°C" },
        {
          channel: "distillate",
          value: Math.max(0, truth.distillateMl + noise.massG * normal()),
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

  function advance(
    minutes: number,
    { powerW, faults }: { powerW: number; faults: ReadonlySet<Fault> },
  ): void {
    still.minutes += minutes;
    if (faults.has("iceGone")) truth.iceKg = 0;
    const out = faults.has("heatCut");
    if (out && gas && powerW > 0) truth.gasMinutes += minutes;
    const steam = steamAt(out ? 0 : powerW * (faults.has("heatHigh") ? grows.heatHigh : 1));
    /* Minutes at full heat that would have warmed as much: what is lost to the air warms nothing. */
    state.warmed += minutes * (steam / fullSteam || 0);
    if (state.warmed >= boil) still.boilingAt ??= still.minutes;
    if (state.warmed >= firstDrop) still.firstDropAt ??= still.minutes;
    const steaming = still.firstDropAt !== undefined;
    /* What has boiled away, through a leak or over, cannot boil again: a dry pot gives no more. */
    const boiled = steaming ? Math.min(steam * minutes, truth.waterMl) : 0;
    const rate = minutes > 0 ? boiled / minutes : 0;
    truth.steaming = steaming && rate > 0;
    const share = plannedSteam > 0 ? rate / plannedSteam : 0;
    growTrouble(truth, minutes, share, faults);
    const through = rate * passing(faults) * (1 - ventedUnder(truth, minutes, share));
    if (!model.returns)
      truth.waterMl = Math.max(
        0,
        truth.waterMl - boiled * caught - (rate > 0 ? model.vesselDrainGPerMin * minutes : 0),
      );
    receive(minutes, rate, through, faults);
    warm(minutes, rate, through, steaming, faults);
  }

  /** What comes over, and what of it is caught. */
  function receive(
    minutes: number,
    rate: number,
    through: number,
    faults: ReadonlySet<Fault>,
  ): void {
    const had = oilSoFar();
    const share = minutes * (rate / plannedSteam);
    state.reached += share;
    if (!faults.has("channel")) state.besides += share;
    const oil = oilSoFar() - had;
    const kept = rate > 0 ? through / rate : 0;
    const cooled = faults.has("coolingLost") ? grows.airCooled : 1;
    const warmth = Math.max(0, truth.outletC - grows.warmFromC) / 60;
    const caughtOil = oil * kept * cooled * (1 - Math.min(1, warmth) * grows.airTakes);
    truth.vapourGPerMin = through * (1 - cooled);
    truth.rateMlPerMin = through * caught * cooled;
    const volume = truth.rateMlPerMin * minutes;
    const room = Math.max(0, jarMl - truth.inJarMl);
    const over = Math.max(0, volume - room);
    truth.distillateMl += volume - over;
    truth.inJarMl += volume - over;
    truth.spilledMl += over;
    /* What floats goes over the brim first. */
    const spilled = floats ? Math.min(truth.oilInJarMl + caughtOil, grows.oilInSpill * over) : 0;
    truth.oilMl = Math.max(0, truth.oilMl + caughtOil - spilled);
    truth.oilInJarMl = Math.max(0, truth.oilInJarMl + caughtOil - spilled);
    truth.oilLostMl += oil - caughtOil + spilled;
  }

  function warm(
    minutes: number,
    rate: number,
    through: number,
    steaming: boolean,
    faults: ReadonlySet<Fault>,
  ): void {
    const cold = faults.has("coolingLost");
    truth.tubC = tubTemperature();
    if (!cold && state.tubLitres > 0)
      state.tubHeatJ += condenserDutyJ(through * minutes, model.boilC, distillateOutC);
    const beyond = Math.max(0, through - grows.condenserRoom * fullSteam);
    const round =
      (faults.has("airLock") ? grows.airLockK : 0) + (faults.has("tubWarm") ? grows.layersK : 0);
    const flowing =
      truth.tubC + 5 + 0.1 * through + grows.warmerKPerMl * beyond + (rate > 0 ? round : 0);
    const outTarget = steaming
      ? cold && rate > 0
        ? model.boilC - 6
        : Math.min(model.boilC - 6, flowing)
      : model.airC;
    const sinceDrop = still.minutes - (still.firstDropAt ?? still.minutes);
    /* Oil and water boil together below the boil of water, by less as the oil runs out. */
    const under = (model.boilC - model.togetherC) * Math.exp(-sinceDrop / oilyMinutes);
    const headTarget =
      rate > 0 && steaming ? model.boilC - 0.3 - under + 0.027 * truth.overMbar : model.airC + 20;
    truth.outletC += (outTarget - truth.outletC) * (1 - Math.exp(-minutes / outletMinutes));
    if (steaming || still.boilingAt !== undefined)
      truth.headC +=
        (headTarget - truth.headC) *
        (1 - Math.exp(-minutes / (rate > 0 && steaming ? headMinutes : 6)));
  }

  function oilSoFar(): number {
    return (
      (1 - grows.channelShare) * oilOver(state.reached) +
      grows.channelShare * oilOver(state.besides)
    );
  }

  /** Oil over after so many minutes of planned steam, mL: read off a grid, since it is asked every second. */
  function oilGrid(): (minutes: number) => number {
    const course = courseOf(model, draw, [{ from: 0, steamGPerMin: plannedSteam }]);
    const known: number[] = [0];
    const at = (place: number) => (known[place] ??= course.overMl(place * gridMinutes));
    return (minutes) => {
      const place = Math.floor(minutes / gridMinutes);
      const share = minutes / gridMinutes - place;
      return at(place) * (1 - share) + at(place + 1) * share;
    };
  }

  function steamAt(powerW: number): number {
    return model.steamGPerMin(draw.efficiency, powerW);
  }

  function tubTemperature(): number {
    if (state.tubLitres <= 0) return tapC;
    const tub = { litres: state.tubLitres, startC: model.coolingInC, iceKg: truth.iceKg };
    return tubAfter(tub, state.tubHeatJ).temperatureC;
  }
}
