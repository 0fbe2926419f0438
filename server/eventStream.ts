import type { Request, Response } from "express";

/* A client that takes nothing more is cut off before it fills the memory; it comes again by itself. */
const mostUnsent = 12e6;

/** A stream of server-sent events to one client. Once it is ended nothing is written any more. */
export interface EventStream {
  /** One event; its number is what the client names when it comes again. */
  send(data: object, id?: number): void;
  end(): void;
}

/**
 * Opens a stream, with a beat as often as is told: what keeps it standing.
 * @param onClose when the client has gone, or was cut off
 */
export function openEventStream(
  response: Response,
  { beatMs, beat }: { beatMs: number; beat: string },
  onClose: () => void,
): EventStream {
  response.writeHead(200, {
    "Content-Type": "text/event-stream",
    "Cache-Control": "no-cache, no-transform",
    Connection: "keep-alive",
  });
  const write = (text: string) => {
    /* A stream that was ended may still be emptying itself: writing to it would end the server. */
    if (response.writableEnded || response.destroyed) return;
    response.write(text);
    if (response.writableLength > mostUnsent) response.destroy();
  };
  write("retry: 1000\n\n");
  const beats = setInterval(() => write(beat), beatMs);
  response.on("close", () => {
    clearInterval(beats);
    onClose();
  });
  return {
    send: (data, id) =>
      write(`${id === undefined ? "" : `id: ${id}\n`}data: ${JSON.stringify(data)}\n\n`),
    end() {
      clearInterval(beats);
      response.end();
    },
  };
}

/** The number of the last event that a client says it has; 0 where it says none. */
export function lastEventOf(request: Request): number {
  return Number(request.get("Last-Event-ID") ?? request.query.after ?? 0) || 0;
}
