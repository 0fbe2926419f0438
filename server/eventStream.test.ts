import { EventEmitter } from "node:events";
import type { Response } from "express";
import { openEventStream } from "./eventStream";

/** An answer to a client that may take nothing: writing to it after its end is an error, as a server's is. */
function client(takes: boolean) {
  const written: string[] = [];
  const response = Object.assign(new EventEmitter(), {
    writableEnded: false,
    destroyed: false,
    writableLength: 0,
    writeHead: () => response,
    write(text: string) {
      if (response.writableEnded) throw new Error("write after end");
      written.push(text);
      if (!takes) response.writableLength += text.length;
    },
    end() {
      response.writableEnded = true;
    },
    destroy() {
      response.destroyed = true;
      response.emit("close");
    },
  });
  return { response, written };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());
const open = (response: object, onClose = () => undefined as void) =>
  openEventStream(response as Response, { beatMs: 10, beat: "beat\n\n" }, onClose);

test("events have their numbers, and a beat comes between them", () => {
  const { response, written } = client(true);
  const events = open(response);
  events.send({ a: 1 }, 7);
  jest.advanceTimersByTime(25);
  expect(written.slice(1)).toEqual(['id: 7\ndata: {"a":1}\n\n', "beat\n\n", "beat\n\n"]);
});

test("after its end nothing is written, though the client has not gone yet", () => {
  const { response, written } = client(true);
  const events = open(response);
  events.end();
  const before = written.length;
  events.send({ late: true });
  jest.advanceTimersByTime(1000);
  expect(written).toHaveLength(before);
});

test("a client that takes nothing is cut off before it fills the memory", () => {
  const { response } = client(false);
  let closed = 0;
  const events = open(response, () => void (closed += 1));
  for (let i = 0; i < 20; i += 1) events.send({ sealed: "A".repeat(1_000_000) });
  expect(response.destroyed).toBe(true);
  expect(closed).toBe(1);
  expect(response.writableLength).toBeLessThan(14e6);
});
