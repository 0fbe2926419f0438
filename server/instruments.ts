import express, { Router, type Request, type Response } from "express";
import { z } from "zod";
import {
  instrumentBeatMs,
  simulationChangeSchema,
  simulationSchema,
} from "../src/messages/instrumentMessages";
import { lastEventOf, openEventStream } from "./eventStream";
import { Busy, type RunningSimulation, type Simulations } from "./simulations";

/** Simulated probe and scale: started with a plan, read as server-sent events, told to misbehave. */
export function instruments(simulations: Simulations): Router {
  const router = Router();
  router.use(express.json({ limit: "200kb" }));

  router.post("/", (request, response) => {
    const read = simulationSchema.safeParse(request.body);
    if (!read.success) return refuse(response, read.error);
    try {
      const { id } = simulations.start(read.data, request.socket.remoteAddress);
      response.status(201).json({ id });
    } catch (error) {
      response
        .status(error instanceof Busy ? 503 : 400)
        .json({ problem: error instanceof Error ? error.message : "not possible" });
    }
  });

  router.post("/:id", (request, response) => {
    const simulation = find(request, response);
    if (!simulation) return;
    const read = simulationChangeSchema.safeParse(request.body);
    if (!read.success) return refuse(response, read.error);
    const { faults, powerW, iceAddedKg, waterAddedMl } = read.data;
    if (faults) simulation.faults = new Set(faults);
    if (powerW !== undefined) simulation.powerW = powerW;
    if (iceAddedKg !== undefined) simulation.iceAdded(iceAddedKg);
    if (waterAddedMl !== undefined) simulation.waterAdded(waterAddedMl);
    response.json(stateOf(simulation));
  });

  router.get("/:id", (request, response) => {
    const simulation = find(request, response);
    if (simulation) response.json(stateOf(simulation));
  });

  router.delete("/:id", (request, response) => {
    const simulation = find(request, response);
    if (!simulation) return;
    simulation.stop();
    response.status(204).end();
  });

  router.get("/:id/stream", (request, response) => {
    const simulation = find(request, response);
    if (simulation) stream(simulation, request, response);
  });
  return router;

  function find(request: Request, response: Response): RunningSimulation | undefined {
    const simulation = simulations.get(String(request.params.id));
    if (!simulation)
      response.status(404).json({ problem: "this instrument is not running any more" });
    return simulation;
  }
}

function stateOf({ faults, powerW }: RunningSimulation) {
  return { faults: [...faults], powerW };
}

/** All samples after the last one the client has, then each as it comes: a lost line leaves no gap. */
function stream(simulation: RunningSimulation, request: Request, response: Response): void {
  const last = lastEventOf(request);
  const events = openEventStream(
    response,
    { beatMs: instrumentBeatMs, beat: "event: beat\ndata: \n\n" },
    () => {
      simulation.listeners.delete(send);
      simulation.onEnd.delete(events.end);
    },
  );
  const send = (id: number, sample: object) => events.send(sample, id);
  for (const { id, sample } of simulation.samples) if (id > last) send(id, sample);
  simulation.listeners.add(send);
  simulation.onEnd.add(events.end);
}

function refuse(response: Response, error: z.ZodError): void {
  response.status(400).json({
    problem: error.issues
      .slice(0, 5)
      .map(({ path, message }) => `${path.join(".") || "body"}: ${message}`)
      .join("; "),
  });
}
