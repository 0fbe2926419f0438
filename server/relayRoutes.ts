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
import { NoLine, type Relay } from "./relay";

const hasSchema = z.object({ device: deviceId, upTo: z.int().min(0) });

/* A device that takes nothing more is cut off before it fills the memory; it comes again by itself. */
const mostUnsent = 12e6;

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
    const after = Number(request.get("Last-Event-ID") ?? request.query.after ?? 0) || 0;
    tryIt(response, () => {
      try {
        listen(relay, name, device.data, after, request, response);
      } catch (error) {
        if (!(error instanceof NoLine && error.ended)) throw error;
        /* Said on the stream: a browser does not tell a page why it got none. */
        begin(response);
        response.end(`data: ${JSON.stringify({ kind: "ended" } satisfies RelayEvent)}\n\n`);
      }
    });
  });
  return router;
}

function listen(
  relay: Relay,
  name: string,
  device: string,
  after: number,
  request: Request,
  response: Response,
): void {
  const stop = relay.listen(
    name,
    {
      device,
      send(event, seq) {
        begin(response);
        response.write(
          `${seq === undefined ? "" : `id: ${seq}\n`}data: ${JSON.stringify(event)}\n\n`,
        );
        if (event.kind === "ended" || response.writableLength > mostUnsent) response.end();
      },
    },
    after,
  );
  begin(response);
  const beats = setInterval(
    () => response.write(`data: ${JSON.stringify({ kind: "beat" } satisfies RelayEvent)}\n\n`),
    beatMs,
  );
  request.on("close", () => {
    clearInterval(beats);
    stop();
  });
}

function begin(response: Response): void {
  if (response.headersSent) return;
  response.writeHead(200, {
    "Content-Type": "text/event-stream",
    "Cache-Control": "no-cache, no-transform",
    Connection: "keep-alive",
  });
  response.write("retry: 1000\n\n");
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
