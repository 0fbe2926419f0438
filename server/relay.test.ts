import { NoLine, Relay, type Listener } from "./relay";
import type { RelayEvent } from "../src/messages/relayMessages";

const line = "0".repeat(32);
const text = (length: number) => "A".repeat(length);

function device(name: string) {
  const heard: { event: RelayEvent; seq?: number }[] = [];
  const listener: Listener = {
    device: name,
    send: (event, seq) => heard.push({ event, ...(seq === undefined ? {} : { seq }) }),
  };
  const messages = () => heard.flatMap(({ event }) => (event.kind === "message" ? [event] : []));
  return { listener, heard, messages };
}

test("a message reaches whoever else listens, and waits for who does not", () => {
  const relay = new Relay();
  const [shed, kitchen] = [device("shed-phone"), device("kitchen-1")];
  relay.listen(line, shed.listener, 0);
  relay.post(line, { from: "shed-phone", sealed: text(50), keep: true });
  expect(shed.messages()).toEqual([]);
  const stop = relay.listen(line, kitchen.listener, 0);
  expect(kitchen.messages()).toHaveLength(1);
  relay.post(line, { from: "shed-phone", sealed: text(60), keep: true });
  expect(kitchen.messages().map(({ sealed }) => sealed.length)).toEqual([50, 60]);
  expect(shed.heard.at(-1)!.event).toEqual({
    kind: "present",
    devices: ["shed-phone", "kitchen-1"],
  });
  stop();
  expect(shed.heard.at(-1)!.event).toEqual({ kind: "present", devices: ["shed-phone"] });
});

test("what a device has is kept no longer; what it sent itself waits for the other", () => {
  const relay = new Relay();
  relay.post(line, { from: "shed-phone", sealed: text(50), keep: true });
  relay.post(line, { from: "kitchen-1", sealed: text(70), keep: true });
  relay.has(line, "kitchen-1", 2);
  expect(relay.size()).toBe(70);
  const shed = device("shed-phone");
  relay.listen(line, shed.listener, 0);
  expect(shed.messages()).toHaveLength(1);
});

test("a line keeps ten megabytes at most, all lines together what they may, and nothing for longer than a week", () => {
  let now = 0;
  const relay = new Relay(() => now, { inAll: 25e6 });
  for (let i = 0; i < 400; i += 1)
    for (const each of ["a", "b", "c", "d"])
      relay.post(each.repeat(32), { from: "shed-phone", sealed: text(100_000), keep: true });
  expect(relay.size()).toBeLessThanOrEqual(25e6);
  const kitchen = device("kitchen-1");
  relay.listen("a".repeat(32), kitchen.listener, 0);
  const kept = kitchen.messages().length * 100_000;
  expect(kept).toBeGreaterThan(5e6);
  expect(kept).toBeLessThanOrEqual(10e6);
  /* The newest are the ones that are kept. */
  expect(kitchen.heard.filter(({ seq }) => seq !== undefined).at(-1)!.seq).toBe(400);
  now += 8 * 86400e3;
  const late = device("late-one-1");
  relay.listen("b".repeat(32), late.listener, 0);
  expect(late.messages()).toEqual([]);
});

test("what is only for who listens just now waits for nobody", () => {
  const relay = new Relay();
  const shed = device("shed-phone");
  relay.listen(line, shed.listener, 0);
  relay.post(line, { from: "kitchen-1", sealed: text(50), keep: false });
  expect(shed.messages()).toHaveLength(1);
  expect(relay.size()).toBe(0);
});

test("an ended line is ended for both, and stays so", () => {
  const relay = new Relay();
  const lost = device("lost-phone");
  relay.listen(line, lost.listener, 0);
  relay.end(line);
  expect(lost.heard.at(-1)!.event).toEqual({ kind: "ended" });
  expect(() => relay.post(line, { from: "lost-phone", sealed: text(50), keep: true })).toThrow(
    NoLine,
  );
  expect(() => relay.listen(line, lost.listener, 0)).toThrow(NoLine);
  expect(relay.size()).toBe(0);
});

test("a full server refuses a new line, and takes one again when an old one was not used for a week", () => {
  let now = 0;
  const relay = new Relay(() => now, { lines: 2 });
  relay.post("a".repeat(32), { from: "shed-phone", sealed: text(50), keep: true });
  relay.post("b".repeat(32), { from: "shed-phone", sealed: text(50), keep: true });
  expect(() =>
    relay.post("c".repeat(32), { from: "shed-phone", sealed: text(50), keep: true }),
  ).toThrow(NoLine);
  now += 8 * 86400e3;
  expect(relay.post("c".repeat(32), { from: "shed-phone", sealed: text(50), keep: true })).toBe(1);
});

test("a device that remembers a number from before the server was started anew gets everything", () => {
  const relay = new Relay();
  relay.post(line, { from: "shed-phone", sealed: text(50), keep: true });
  const kitchen = device("kitchen-1");
  relay.listen(line, kitchen.listener, 900);
  expect(kitchen.messages()).toHaveLength(1);
});
