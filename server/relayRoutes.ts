import express, { Router, type Request, type Response } from "express";
import { isIPv4 } from "node:net";
import { networkInterfaces } from "node:os";
import { z } from "zod";
import {
  beatMs,
  deviceId,
  lineId,
  longestSealed,
  relayInfoSchema,
  sealedMessageSchema,
  type RelayEvent,
} from "../src/messages/relayMessages";
import { lastEventOf, openEventStream } from "./eventStream";
import { NoLine, type Relay } from "./relay";

const hasSchema = z.object({ device: deviceId, upTo: z.int().min(0) });

/** Two devices' line: sealed messages in, server-sent events out. */
export function relayRoutes(relay: Relay): Router {
  const router = Router();
  router.use(express.json({ limit: longestSealed + 1000 }));

  router.get("/", (request, response) => {
    response.json(relayInfoSchema.parse({ relay: 1, addresses: addressesOf(request) }));
  });

  router.post("/:line", (request, response) => {
    const name = lineOf(request, response);
    const read = sealedMessageSchema.safeParse(request.body);
    if (name === undefined) return;
    if (!read.success) return refuse(response, 400, z.prettifyError(read.error));
    tryIt(response, () => response.status(201).json({ seq: relay.post(name, read.data) }));
  });

  router.post("/:line/has", (request, response) => {
    const name = lineOf(request, response);
    const read = hasSchema.safeParse(request.body);
    if (name === undefined) return;
    if (!read.success) return refuse(response, 400, z.prettifyError(read.error));
    relay.has(name, read.data.device, read.data.upTo);
    response.status(204).end();
  });

  router.delete("/:line", (request, response) => {
    const name = lineOf(request, response);
    if (name === undefined) return;
    tryIt(response, () => {
      relay.end(name);
      response.status(204).end();
    });
  });

  router.get("/:line/stream", (request, response) => {
    const name = lineOf(request, response);
    if (name === undefined) return;
    const device = deviceId.safeParse(request.query.device);
    if (!device.success) return refuse(response, 400, "say which device listens");
    let stop: () => void = () => undefined;
    const events = openEventStream(response, { beatMs, beat: told({ kind: "beat" }) }, () =>
      stop(),
    );
    const send = (event: RelayEvent, seq?: number) => {
      events.send(event, seq);
      if (event.kind === "ended") events.end();
    };
    try {
      stop = relay.listen(name, { device: device.data, send }, lastEventOf(request));
    } catch (error) {
      if (!(error instanceof NoLine)) throw error;
      /* Said on the stream: a browser does not tell a page why it got none. */
      if (error.ended) send({ kind: "ended" });
      else events.end();
    }
  });
  return router;
}

function told(event: RelayEvent): string {
  return `data: ${JSON.stringify(event)}\n\n`;
}

/* Under which addresses a phone on the same network finds this server: none where it listens to itself alone. */
function addressesOf({ socket: { localPort } }: Request): string[] {
  if (!["0.0.0.0", "::"].includes(process.env.HOST ?? "")) return [];
  return Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .filter(({ internal, address }) => !internal && isIPv4(address))
    .map(({ address }) => `http://${address}:${localPort}`);
}

function lineOf(request: Request, response: Response): string | undefined {
  const name = lineId.safeParse(request.params.line);
  if (name.success) return name.data;
  refuse(response, 400, name.error.issues[0]!.message);
  return undefined;
}

function tryIt(response: Response, work: () => unknown): void {
  try {
    work();
  } catch (error) {
    if (!(error instanceof NoLine)) throw error;
    refuse(response, error.ended ? 410 : 503, error.message);
  }
}

function refuse(response: Response, status: number, problem: string): void {
  response.status(status).json({ problem });
}
