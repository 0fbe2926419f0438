import type { Condenser } from "../cooling/condenser";
import { condenserDutyJ, distillateOutC } from "../cooling/duty";
import { tubAfter } from "../cooling/tub";
import { draws } from "../forecast/draws";
import type { ForecastRequest } from "../forecast/request";
import { runModel } from "../forecast/runModel";
import { caughtShare, courseOf } from "../forecast/simulate";
import { normalStream } from "../statistics/chance";
import type { Fault } from "./faults";

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
  /** Hot water into the pot, mL; below 0: it was never filled in. */
  addWater(ml: number): void;
  /** The jar is put aside; `poured`: with the oil that lay unseen at its bottom. */
  swapJar(poured?: boolean): void;
  /** Unburnt gas is aired out. */
  airOut(): void;
  /** What the instruments read now, with noise, drift and drop-outs. */
  read(): VirtualSample[];
}

/** What a virtual still may be told beside its request; the rest is usual. */
export interface VirtualPlace {
  condenser?: Condenser;
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
/* Judgements, made to look like what the alarms are for: a leak that takes more than half of the steam;
   an outlet and a head that follow within a minute or two, as thin metal does. */
const leakShare = 0.55;
const outletMinutes = 1.5;
const headMinutes = 0.7;
/* How long a head stays under the boil while the most of the oil comes, min: the first third of a run. */
const oilyMinutes = 20;
/* Judgements of how each trouble grows. Shares of steam or cooling, minutes, mbar, K. */
const grows = {
  /** Of the vapour a condenser without water still condenses so much by air. */
  airCooled: 0.25,
  /** An air lock halves the flow of water: the coil is so much warmer. */
  airLockK: 26,
  /** Still water stands in layers: round the coil it is so much warmer. */
  layersK: 16,
  channelShare: 0.5,
  heatHigh: 1.6,
  /** A condenser takes so much of what its still gives at its plan's heat; what comes beyond leaves it so much warmer. */
  condenserRoom: 1.3,
  warmerKPerMl: 2.5,
  blocksIn: 9,
  setsIn: 15,
  frothsIn: 3,
  frothBlocksIn: 8,
  frothShare: 0.7,
  scorchesIn: 12,
  reliefShare: 0.45,
  lineShare: 0.35,
  /** A free way needs this pressure; what is narrowed by half four times as much. */
  freeMbar: 0.2,
  /** From here on a lid leaks at its seal, and pressure goes on rising by so much a minute at planned heat. */
  lidMbar: 30,
  risesMbar: 10,
  fallsShare: 0.6,
  /** Oil that the air takes from a warm outlet: none at 40 °C, so much at 100. */
  airTakes: 0.5,
  warmFromC: 40,
  /** Of what runs over so much is oil, while any floats there. */
  oilInSpill: 0.5,
} as const;
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
      truth.waterMl = Math.max(0, truth.waterMl + ml);
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
    trouble(minutes, rate, faults);
    const through = rate * passing(faults) * (1 - pressure(minutes, rate));
    if (!model.returns)
      truth.waterMl = Math.max(
        0,
        truth.waterMl - boiled * caught - (rate > 0 ? model.vesselDrainGPerMin * minutes : 0),
      );
    receive(minutes, rate, through, faults);
    warm(minutes, rate, through, steaming, faults);
  }

  /** How each trouble grows while its cause stands, and falls back. */
  function trouble(minutes: number, rate: number, faults: ReadonlySet<Fault>): void {
    if (rate <= 0) {
      truth.froth = Math.max(0, truth.froth - minutes / 0.5);
      return;
    }
    if (faults.has("blocked")) truth.stopped += minutes / grows.blocksIn;
    if (faults.has("sets")) truth.stopped += minutes / grows.setsIn;
    else if (!faults.has("blocked") && truth.froth < 0.5)
      truth.stopped = Math.max(0, truth.stopped - minutes / 4);
    const driven = rate > grows.frothShare * plannedSteam;
    const frothing = faults.has("froth") && driven;
    truth.froth = Math.min(
      1,
      Math.max(0, truth.froth + (frothing ? minutes / grows.frothsIn : -minutes)),
    );
    if (truth.froth >= 1) truth.stopped += minutes / grows.frothBlocksIn;
    truth.stopped = Math.min(1, truth.stopped);
    if (faults.has("scorch"))
      truth.scorched = Math.min(1, truth.scorched + minutes / grows.scorchesIn);
  }

  /** Share of the steam that goes to the condenser, where the way is free. */
  function passing(faults: ReadonlySet<Fault>): number {
    return (
      (faults.has("leak") ? 1 - leakShare : 1) *
      (faults.has("reliefLifts") ? 1 - grows.reliefShare : 1) *
      (faults.has("lineWater") ? 1 - grows.lineShare : 1)
    );
  }

  /** Sets the pressure, and tells which share of the steam a lid lets out that leaks under it. */
  function pressure(minutes: number, rate: number): number {
    const free = 1 - truth.stopped;
    const wanted = (grows.freeMbar * rate) / plannedSteam / Math.max(free, 0.01) ** 2;
    if (rate <= 0 || wanted <= truth.overMbar) {
      truth.overMbar = Math.max(
        wanted * Number(rate > 0),
        truth.overMbar * (1 - Math.min(1, grows.fallsShare * minutes)),
      );
    } else if (wanted <= grows.lidMbar) truth.overMbar = wanted;
    else
      truth.overMbar =
        Math.max(truth.overMbar, grows.lidMbar) + (grows.risesMbar * minutes * rate) / plannedSteam;
    if (wanted <= grows.lidMbar) return 0;
    return 1 - Math.sqrt(grows.lidMbar / wanted);
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
