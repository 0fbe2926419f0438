import { openSharedSource } from "./sharedSource";

class FakeSource {
  static open: FakeSource[] = [];
  static readonly CLOSED = 2;
  readyState = 1;
  onopen?: () => void;
  onmessage?: (event: { data: string }) => void;
  onerror?: () => void;
  beat: () => void = () => undefined;
  addEventListener(_name: string, listener: () => void) {
    this.beat = listener;
  }
  constructor(readonly address: string) {
    FakeSource.open.push(this);
  }
  close() {
    this.readyState = FakeSource.CLOSED;
    FakeSource.open = FakeSource.open.filter((each) => each !== this);
  }
}

/** Locks as a browser has them: one holder a name, the others in a row. */
function fakeLocks() {
  const rows = new Map<string, Promise<unknown>>();
  return {
    request(name: string, { signal }: { signal: AbortSignal }, work: () => Promise<void>) {
      const turn = (rows.get(name) ?? Promise.resolve()).then(() =>
        signal.aborted ? undefined : work(),
      );
      rows.set(name, turn);
      return turn;
    },
  };
}

const turns = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
/* A busy machine takes its time over a message between tabs: the test's own limit ends the wait. */
async function until(met: () => boolean): Promise<void> {
  while (!met()) await turns(5);
}
const opened = (lines: number) => until(() => FakeSource.open.length === lines);
function tab(address = "/instruments/a/stream") {
  const texts: string[] = [];
  const told: string[] = [];
  const stop = openSharedSource(address, {
    onOpen: () => told.push("open"),
    onMessage: (text) => texts.push(text),
    onError: (closed) => told.push(closed ? "closed" : "lost"),
    onSilent: () => told.push("silent"),
  });
  return { texts, told, stop };
}

beforeEach(() => {
  FakeSource.open = [];
  Object.assign(globalThis, { EventSource: FakeSource });
});
afterEach(() => Object.assign(navigator, { locks: undefined }));

test("three tabs on one probe take one line; all hear all, and the next goes on when one goes", async () => {
  Object.assign(navigator, { locks: fakeLocks() });
  const [first, second, third] = [tab(), tab(), tab()];
  await opened(1);
  FakeSource.open[0]!.onopen?.();
  FakeSource.open[0]!.onmessage?.({ data: "one" });
  await until(() => [first, second, third].every(({ texts }) => texts.length > 0));
  await until(() => second.told.includes("open"));
  expect([first.texts, second.texts, third.texts]).toEqual([["one"], ["one"], ["one"]]);
  expect(second.told).toContain("open");
  /* A tab that joins late is told what came; the others do not hear it twice. */
  const late = tab();
  await until(() => late.texts.length > 0);
  FakeSource.open[0]!.onmessage?.({ data: "next" });
  await until(() => [second, third, late].every(({ texts }) => texts.includes("next")));
  for (const { texts } of [second, third, late]) expect(texts).toEqual(["one", "next"]);
  late.stop();
  const [line] = FakeSource.open;
  first.stop();
  await until(() => FakeSource.open.length === 1 && FakeSource.open[0] !== line);
  FakeSource.open[0]!.onmessage?.({ data: "two" });
  await until(() => third.texts.length > 2);
  expect(third.texts).toEqual(["one", "next", "two"]);
  expect(first.texts).toEqual(["one", "next"]);
  second.stop();
  third.stop();
  await opened(0);
});

test("a tab that joins is told what came a moment ago, which may be stored nowhere yet", async () => {
  Object.assign(navigator, { locks: fakeLocks() });
  const first = tab("/instruments/b/stream");
  await opened(1);
  FakeSource.open[0]!.onmessage?.({ data: "one" });
  await until(() => first.texts.length > 0);
  const late = tab("/instruments/b/stream");
  await until(() => late.texts.length > 0);
  expect(late.texts).toEqual(["one"]);
  late.stop();
  first.stop();
});

test("where tabs cannot agree each has a line of its own; garbage between tabs is passed over", async () => {
  const [first, second] = [tab(), tab()];
  expect(FakeSource.open).toHaveLength(2);
  FakeSource.open[0]!.readyState = FakeSource.CLOSED;
  FakeSource.open[0]!.onerror?.();
  FakeSource.open[1]!.onerror?.();
  expect([first.told, second.told]).toEqual([["closed"], ["lost"]]);
  first.stop();
  second.stop();
  Object.assign(navigator, { locks: fakeLocks() });
  const third = tab();
  const intruder = new BroadcastChannel("line/instruments/a/stream");
  intruder.postMessage({ type: "samples", texts: [1, 2] });
  intruder.postMessage("hello");
  await turns(20);
  expect(third.texts).toEqual([]);
  intruder.close();
  third.stop();
});

test("a line over which nothing comes for three beats is silent, and is opened anew until something does", async () => {
  jest.useFakeTimers();
  try {
    const only = tab("/instruments/c/stream");
    const first = FakeSource.open[0]!;
    first.onopen?.();
    first.onmessage?.({ data: "one" });
    for (let beats = 0; beats < 5; beats += 1) {
      jest.advanceTimersByTime(5000);
      first.beat();
    }
    expect(only.told).toEqual(["open"]);
    jest.advanceTimersByTime(17_000);
    expect(only.told).toEqual(["open", "silent"]);
    expect(FakeSource.open).toHaveLength(1);
    const second = FakeSource.open[0]!;
    expect(second).not.toBe(first);
    /* Open is not enough: that it speaks is. */
    second.onopen?.();
    expect(only.told).toEqual(["open", "silent"]);
    second.onmessage?.({ data: "two" });
    expect(only.told).toEqual(["open", "silent", "open"]);
    only.stop();
    jest.advanceTimersByTime(60_000);
    expect(only.told).toHaveLength(3);
  } finally {
    jest.useRealTimers();
  }
});
