import { randomUUID } from "node:crypto";
import { virtualStill, type Fault, type VirtualStill } from "../src/core";
import type { InstrumentSample, Simulation } from "../src/messages/instrumentMessages";

/** A simulated still that runs by the clock, and the samples it has sent. */
export interface RunningSimulation {
  id: string;
  samples: { id: number; sample: InstrumentSample }[];
  listeners: Set<(id: number, sample: InstrumentSample) => void>;
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
const mostSimulations = 20;
const longestIdleMs = 6 * 3600e3;

/** The simulated stills of this server. They hold no data of a person's, and end by themselves. */
export function openSimulations(clock: () => number = Date.now) {
  const running = new Map<string, RunningSimulation>();
  return {
    get: (id: string) => running.get(id),
    /** Starts one; the oldest makes room when there are too many. */
    start(simulation: Simulation): RunningSimulation {
      const oldest = running.keys().next().value;
      if (running.size >= mostSimulations && oldest !== undefined) running.get(oldest)?.stop();
      const started = run(simulation, clock, (id) => running.delete(id));
      running.set(started.id, started);
      return started;
    },
    stopAll: () => running.forEach((each) => each.stop()),
  };
}
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
      clearInterval(timer);
      simulation.listeners.clear();
      ended(simulation.id);
    },
  };
  simulation.iceAdded(iceAddedKg);
  simulation.waterAdded(waterAddedMl);
  const soFarS = Math.floor(minutesSoFar * 60);
  const changes = [...heat].sort((a, b) => a.minutes - b.minutes);
  const heatAt = (minutes: number) =>
    changes.findLast((change) => change.minutes <= minutes)?.powerW ?? request.still.heat.powerW;
  for (; passedS < soFarS; passedS += sampleSeconds) {
    simulation.powerW = heatAt(passedS / 60);
    simulation.still.advance(sampleSeconds / 60, simulation);
  }
  simulation.powerW = heatAt(minutesSoFar);
  const timer = setInterval(tick, tickMs);
  timer.unref();
  return simulation;

  function tick(): void {
    const wall = clock() - startedAt;
    if (wall > longestIdleMs) {
      simulation.stop();
      return;
    }
    const targetS = soFarS + (wall / 1000) * speed;
    while (passedS + sampleSeconds <= targetS) {
      passedS += sampleSeconds;
      simulation.still.advance(sampleSeconds / 60, simulation);
    }
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
