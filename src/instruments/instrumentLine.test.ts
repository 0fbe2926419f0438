import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { memoryStorage } from "@/testing/memoryStorage";
import { exclusiveAccess } from "@/storage/exclusive";
import { openSampleStorage } from "@/storage/sampleStorage";
import { runState } from "@/logbook/run/runState";
import { handlingOf } from "./handlingOf";
import { openInstrumentLines } from "./instrumentLines";

/** A line to a server that a test lets speak, break and close. */
class FakeSource {
  static readonly CLOSED = 2;
  static last: FakeSource;
  readyState = 1;
  onopen?: () => void;
  onmessage?: (event: { data: string }) => void;
  onerror?: () => void;
  addEventListener() {}
  constructor(readonly address: string) {
    FakeSource.last = this;
  }
  close() {
    this.readyState = FakeSource.CLOSED;
  }
}

const told: { address: string; body: unknown }[] = [];
const answer = (faults: string[]) => ({ ok: true, json: async () => ({ faults, powerW: 1500 }) });
let reply: () => unknown = () => answer([]);

beforeEach(() => {
  jest.useFakeTimers();
  told.length = 0;
  reply = () => answer([]);
  Object.assign(globalThis, {
    EventSource: FakeSource,
    fetch: async (address: string, { body }: { body: string }) => {
      told.push({ address, body: JSON.parse(body) as unknown });
      return reply();
    },
  });
});
afterEach(() => jest.useRealTimers());

const sample = (second: number) => ({
  data: JSON.stringify({
    at: new Date(Date.parse("2026-07-18T10:00:00Z") + second * 1000).toISOString(),
    channel: "head",
    value: 60 + second / 100,
    unit: "°C",
  }),
});

function open() {
  const backend = memoryStorage();
  const storage = openSampleStorage(backend, exclusiveAccess("test"));
  return { backend, storage, lines: openInstrumentLines(storage) };
}
const rest = () => jest.advanceTimersByTimeAsync(6000);

test("samples are heard and stored while anybody holds the line, and stay when nobody does", async () => {
  const { storage, lines } = open();
  const line = lines.of("run-a");
  const [one, other] = [line.hold(), line.hold()];
  line.listenTo("probe-1");
  expect(FakeSource.last.address).toBe("/instruments/probe-1/stream");
  FakeSource.last.onopen?.();
  expect(line.health.status).toBe("live");
  FakeSource.last.onmessage?.(sample(1));
  one();
  one();
  FakeSource.last.onmessage?.(sample(2));
  await rest();
  expect((await storage.load("run-a"))[0]?.values).toEqual([60.01, 60.02]);
  expect(lines.latest("run-a")?.headC).toBeCloseTo(60.02);
  FakeSource.last.onmessage?.(sample(3));
  other();
  await rest();
  expect(FakeSource.last.readyState).toBe(FakeSource.CLOSED);
  expect((await storage.load("run-a"))[0]?.values).toHaveLength(3);
  expect(lines.latest("run-a")).toBeUndefined();
  const again = lines.of("run-a");
  again.hold();
  await rest();
  expect(again.feed.count()).toBe(3);
});

test("what comes before the stored samples are read makes no chunks across them", async () => {
  const { backend, storage } = open();
  const before = openInstrumentLines(storage).of("run-a");
  const letGo = before.hold();
  before.listenTo("probe-1");
  for (let second = 1; second <= 50; second += 1) FakeSource.last.onmessage?.(sample(second));
  await rest();
  letGo();
  await rest();
  /* A slow device: what is stored is read only after new samples have come and wanted to be written. */
  let read: () => void = () => undefined;
  const slow = {
    ...storage,
    load: async (runId?: string) => {
      await new Promise<void>((resolve) => (read = resolve));
      return storage.load(runId);
    },
  };
  const line = openInstrumentLines(slow).of("run-a");
  line.hold();
  line.listenTo("probe-1");
  for (let second = 40; second <= 60; second += 1) FakeSource.last.onmessage?.(sample(second));
  await rest();
  read();
  await rest();
  expect((await backend.getAllKeys()).filter((key) => key.startsWith("samples/"))).toHaveLength(1);
  const [chunk] = await storage.load("run-a");
  expect(chunk!.offsetsMs).toEqual(Array.from({ length: 60 }, (_, i) => i * 1000));
});

test("a lost line is told from an instrument that is gone", async () => {
  const line = open().lines.of("run-a");
  line.hold();
  line.listenTo("probe-1");
  FakeSource.last.readyState = 0;
  FakeSource.last.onerror?.();
  expect(line.health.status).toBe("lost");
  FakeSource.last.readyState = FakeSource.CLOSED;
  FakeSource.last.onerror?.();
  expect(line.health.status).toBe("gone");
  line.listenTo(undefined);
  expect(line.health.status).toBe("none");
});

test("a store that refuses is said; the samples wait and are stored when it takes them", async () => {
  const { backend, storage, lines } = open();
  const line = lines.of("run-a");
  const letGo = line.hold();
  line.listenTo("probe-1");
  FakeSource.last.onmessage?.(sample(1));
  backend.refuse = "The disk is full.";
  await rest();
  expect(line.health.unstored).toBe("The disk is full.");
  letGo();
  await rest();
  expect(lines.of("run-a")).toBe(line);
  backend.refuse = undefined;
  line.hold();
  await rest();
  expect(line.health.unstored).toBeUndefined();
  expect((await storage.load("run-a"))[0]?.values).toEqual([60.01]);
});

test("the simulated still feels what the log says was done, once", async () => {
  const line = open().lines.of("run-a");
  line.hold();
  line.listenTo("probe-1");
  const lit = [entryAt(0, { type: "lit" }), entryAt(30, { type: "heatChanged", powerW: 1500 })];
  const iced = [...lit, entryAt(40, { type: "iceAdded", massG: 2000 })];
  const off = [...iced, entryAt(70, { type: "heatOff" })];
  for (const entries of [lit, lit, iced, iced, off]) {
    const run = sampleRun(entries);
    line.handle(handlingOf(run, runState(run.entries)));
  }
  expect(told.map(({ body }) => body)).toEqual([
    { powerW: 1500, iceAddedKg: 0, waterAddedMl: 0 },
    { powerW: 1500, iceAddedKg: 2, waterAddedMl: 0 },
    { powerW: 0, iceAddedKg: 2, waterAddedMl: 0 },
  ]);
});

test("faults are switched on and off; a server that does not know the still any more is said", async () => {
  const line = open().lines.of("run-a");
  line.hold();
  line.listenTo("probe-1");
  reply = () => answer(["leak"]);
  line.toggle("leak");
  expect(told.at(-1)?.body).toEqual({ faults: ["leak"] });
  await rest();
  expect(line.health.faults).toEqual(["leak"]);
  line.toggle("leak");
  expect(told.at(-1)?.body).toEqual({ faults: [] });
  reply = () => ({ ok: false, status: 404, json: async () => ({ problem: "not running" }) });
  line.toggle("heatCut");
  await rest();
  expect(line.health.status).toBe("gone");
});
