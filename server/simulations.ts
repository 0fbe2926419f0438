import { randomUUID } from "node:crypto";
import { virtualStill, type Fault, type VirtualStill } from "../src/core";
import type { InstrumentSample, Simulation } from "../src/messages/instrumentMessages";

/** A simulated still that runs by the clock, and the samples it has sent. */
export interface RunningSimulation {
  id: string;
  samples: { id: number; sample: InstrumentSample }[];
  listeners: Set<(id: number, sample: InstrumentSample) => void>;
  /** Who started it: its address. */
  client: string;
  /** Told once it has ended. */
  onEnd: Set<() => void>;
  faults: ReadonlySet<Fault>;
  /** Heat at the source, W. */
  powerW: number;
  still: VirtualStill;
  /** Takes in what the tub was given beyond what it was told of before; in all, kg. */
  iceAdded(inAllKg: number): void;
  /** The same for the pot's water; in all, mL. */
  waterAdded(inAllMl: number): void;
  stop(): void;
}

/* At most ten readings a second leave here, however fast the still runs; each tells of a second of
   its time, or of more where time runs faster than that. */
const tickMs = 100;
const sampleSeconds = 1;
/* Three hours of four channels at one a second. */
const keptSamples = 45000;
const mostSimulations = 60;
/* Behind a proxy a whole household has one address. */
const mostOfOne = 12;
/* So long one still works at a time, ms: others, and whoever asks meanwhile, have their turn. */
const sliceMs = 4;
const longestIdleMs = 6 * 3600e3;

/** The simulated stills of this server. They hold no data of a person's, and end by themselves. */
export function openSimulations(clock: () => number = Date.now) {
  const running = new Map<string, RunningSimulation>();
  return {
    get: (id: string) => running.get(id),
    /**
     * Starts one. Where a client has too many, its oldest that nobody listens to makes room; what somebody listens to,
     * and what others started, is never ended.
     * @throws Busy when this client, or this server, runs as many as it can
     * @throws Error when the run cannot be simulated
     */
    start(simulation: Simulation, client = ""): RunningSimulation {
      const own = [...running.values()].filter((each) => each.client === client);
      const full = own.length >= mostOfOne || running.size >= mostSimulations;
      const unheard = full ? own.find(({ listeners }) => listeners.size === 0) : undefined;
      if (full && !unheard)
        throw new Busy("Too many simulated stills run here already. End one, or try again later.");
      const started = run(simulation, client, clock, (id) => running.delete(id));
      unheard?.stop();
      running.set(started.id, started);
      return started;
    },
    stopAll: () => running.forEach((each) => each.stop()),
  };
}

/** There is no room for another one now. */
export class Busy extends Error {}

export type Simulations = ReturnType<typeof openSimulations>;

function run(
  {
    request,
    condenser,
    seed,
    speed,
    litAt,
    heat = [],
    iceAddedKg = 0,
    waterAddedMl = 0,
    minutesSoFar = 0,
  }: Simulation,
  client: string,
  clock: () => number,
  ended: (id: string) => void,
): RunningSimulation {
  /* What the core refuses is refused before anything ticks. */
  const still = virtualStill(request, seed, condenser);
  const startedAt = clock();
  const litMs = Date.parse(litAt);
  let iceKg = 0;
  let waterMl = 0;
  let sent = 0;
  let passedS = 0;
  let nextSampleS = 0;
  const simulation: RunningSimulation = {
    id: randomUUID(),
    samples: [],
    listeners: new Set(),
    client,
    onEnd: new Set(),
    faults: new Set(),
    powerW: request.still.heat.powerW,
    still,
    iceAdded(inAllKg) {
      if (inAllKg > iceKg) simulation.still.addIce(inAllKg - iceKg);
      iceKg = Math.max(iceKg, inAllKg);
    },
    waterAdded(inAllMl) {
      if (inAllMl > waterMl) simulation.still.addWater(inAllMl - waterMl);
      waterMl = Math.max(waterMl, inAllMl);
    },
    stop() {
      over = true;
      clearInterval(timer);
      simulation.listeners.clear();
      for (const tell of simulation.onEnd) tell();
      ended(simulation.id);
    },
  };
  simulation.iceAdded(iceAddedKg);
  simulation.waterAdded(waterAddedMl);
  const soFarS = Math.floor(minutesSoFar * 60);
  const changes = [...heat].sort((a, b) => a.minutes - b.minutes);
  const heatAt = (minutes: number) =>
    changes.findLast((change) => change.minutes <= minutes)?.powerW ?? request.still.heat.powerW;
  simulation.powerW = heatAt(minutesSoFar);
  let over = false;
  let timer: ReturnType<typeof setInterval> | undefined;
  catchUp();
  return simulation;

  /* Slice by slice, as fast as it goes, with everybody else's requests in between. */
  function catchUp(): void {
    if (over) return;
    advanceTo(soFarS);
    if (passedS + sampleSeconds <= soFarS) {
      setImmediate(goOn);
      return;
    }
    timer = setInterval(tick, tickMs);
    timer.unref();
  }

  /* What fails once it runs ends this one still, and nothing else. */
  function goOn(): void {
    try {
      catchUp();
    } catch {
      simulation.stop();
    }
  }

  function advanceTo(targetS: number): void {
    const until = performance.now() + sliceMs;
    while (passedS + sampleSeconds <= targetS && performance.now() < until) {
      /* What was before it was started is caught up with by the heat that was on then. */
      const powerW = passedS < soFarS ? heatAt(passedS / 60) : simulation.powerW;
      simulation.still.advance(sampleSeconds / 60, { faults: simulation.faults, powerW });
      passedS += sampleSeconds;
    }
  }

  function tick(): void {
    const wall = clock() - startedAt;
    if (wall > longestIdleMs) {
      simulation.stop();
      return;
    }
    const targetS = soFarS + (wall / 1000) * speed;
    advanceTo(targetS);
    if (passedS < nextSampleS) return;
    nextSampleS = passedS + sampleSeconds;
    for (const { channel, value, unit } of simulation.still.read()) {
      sent += 1;
      const at = new Date(litMs + passedS * 1000).toISOString();
      const entry = { id: sent, sample: { at, channel, value, unit } };
      simulation.samples.push(entry);
      for (const listener of simulation.listeners) listener(entry.id, entry.sample);
    }
    if (simulation.samples.length > keptSamples)
      simulation.samples.splice(0, simulation.samples.length - keptSamples);
  }
}
