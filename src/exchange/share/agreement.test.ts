import fc from "fast-check";
import { recordKey, type AnyRecord } from "@/records/record";
import type { Run } from "@/records/run";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { Agreement } from "./agreement";
import { groupSums, sumInSlices, sumOf } from "./digest";
import { peerMessageSchema, type PeerMessage } from "./peerMessages";

const at = (minutes: number) =>
  new Date(Date.UTC(2026, 4, 4, 8, 0) + minutes * 60000).toISOString();

/** A device with a logbook, and what it has sent and nobody has taken yet. */
function device(name: string) {
  const records = new Map<string, AnyRecord>();
  const outbox: PeerMessage[] = [];
  const told = { agreed: 0, newer: 0, name: "" };
  const agreement = new Agreement({
    name: () => name,
    records: () => records.values(),
    record: (key) => records.get(key),
    take: (taken) => {
      for (const record of taken) records.set(recordKey(record), record);
      agreement.changed(taken);
    },
    send: (message) => outbox.push(peerMessageSchema.parse(JSON.parse(JSON.stringify(message)))),
    agreed: () => (told.agreed += 1),
    named: (other) => (told.name = other),
    newer: () => (told.newer += 1),
  });
  const change = (record: AnyRecord) => {
    records.set(recordKey(record), record);
    agreement.changed([record]);
  };
  return { records, outbox, told, agreement, change };
}
type Device = ReturnType<typeof device>;

/** Hands on what waits, to the end; fails where two devices never stop talking. */
function talk(a: Device, b: Device): number {
  let messages = 0;
  while (a.outbox.length + b.outbox.length > 0) {
    if ((messages += 1) > 400) throw new Error("they never stop");
    const [from, to] = a.outbox.length > 0 ? [a, b] : [b, a];
    to.agreement.heard(from.outbox.shift()!);
  }
  return messages;
}
const sums = ({ records }: Device) => groupSums(records.values());
const run = (id: string, more: Partial<Run> = {}): Run => ({
  ...sampleRun([entryAt(0, { type: "lit" })]),
  id,
  ...more,
});
const noted = (before: AnyRecord, minute: number, note: string): Run => ({
  ...(before as Run),
  updatedAt: at(minute),
  entries: [...(before as Run).entries, entryAt(minute, { type: "note", note })],
});
const notes = ({ records }: Device, id = "r") =>
  (records.get(`run/${id}`) as Run).entries.flatMap(({ note }) => note ?? []).sort();

test("two logbooks that never met become one, and both know that they agree", () => {
  const [a, b] = [device("Shed"), device("Kitchen")];
  a.change(run("one"));
  b.change(run("two"));
  a.outbox.length = b.outbox.length = 0;
  a.agreement.greet();
  talk(a, b);
  expect([...a.records.keys()].sort()).toEqual(["run/one", "run/two"]);
  expect(sums(a)).toEqual(sums(b));
  expect([a.told.agreed, b.told.agreed].every((times) => times > 0)).toBe(true);
  expect([a.told.name, b.told.name]).toEqual(["Kitchen", "Shed"]);
});

test("a tap on one is on the other with one message; what was noted on both at once stands on both", () => {
  const [a, b] = [device("Shed"), device("Kitchen")];
  a.change(run("r"));
  talk(a, b);
  a.change(noted(a.records.get("run/r")!, 5, "boils"));
  expect(a.outbox).toHaveLength(1);
  talk(a, b);
  expect(notes(b)).toEqual(["boils"]);
  a.change(noted(a.records.get("run/r")!, 6, "at the still"));
  b.change(noted(b.records.get("run/r")!, 7, "in the kitchen"));
  talk(a, b);
  for (const each of [a, b])
    expect(notes(each)).toEqual(["at the still", "boils", "in the kitchen"]);
  expect(sums(a)).toEqual(sums(b));
});

test("what one side took back stays taken back, though the other noted something meanwhile", () => {
  const [a, b] = [device("Shed"), device("Kitchen")];
  a.change(run("r", { checked: ["water", "joints"] }));
  talk(a, b);
  a.change({ ...(a.records.get("run/r") as Run), checked: ["water"], updatedAt: at(3) });
  b.change(noted(b.records.get("run/r")!, 4, "smells green"));
  talk(a, b);
  for (const each of [a, b]) {
    expect((each.records.get("run/r") as Run).checked).toEqual(["water"]);
    expect(notes(each)).toEqual(["smells green"]);
  }
});

test("a change that is taken back before the other answers is taken back there too", () => {
  const [a, b] = [device("Shed"), device("Kitchen")];
  const before = run("r", { updatedAt: at(1) });
  a.change(before);
  talk(a, b);
  a.change({ ...before, checked: ["water"], updatedAt: at(2) });
  a.change({ ...before, updatedAt: at(3) });
  talk(a, b);
  expect((b.records.get("run/r") as Run).checked ?? []).toEqual([]);
  expect(sums(a)).toEqual(sums(b));
});

test("what a newer edition wrote is left where it is, and said", () => {
  const [a, b] = [device("Shed"), device("Kitchen")];
  a.agreement.heard({
    kind: "records",
    records: [{ ...run("r"), version: 99, stop: { rule: "new" } }],
  });
  expect(a.records.size).toBe(0);
  expect(a.told.newer).toBe(1);
  a.agreement.greet();
  talk(a, b);
});

/* What happens: somebody notes something, a message arrives or is lost, the line comes back. */
const step = fc.oneof(
  {
    weight: 4,
    arbitrary: fc.record({ did: fc.constant("note" as const), by: fc.boolean(), run: fc.nat(2) }),
  },
  { weight: 4, arbitrary: fc.record({ did: fc.constant("arrive" as const), by: fc.boolean() }) },
  { weight: 1, arbitrary: fc.record({ did: fc.constant("lose" as const), by: fc.boolean() }) },
  { weight: 1, arbitrary: fc.record({ did: fc.constant("greet" as const), by: fc.boolean() }) },
);

test("of 100 days of two devices with messages lost and late, each ends with every note on both", () => {
  fc.assert(
    fc.property(fc.array(step, { maxLength: 60 }), (steps) => {
      const [a, b] = [device("Shed"), device("Kitchen")];
      let minute = 0;
      const written = new Set<string>();
      for (const each of steps) {
        const [me, other] = each.by ? [a, b] : [b, a];
        minute += 1;
        if (each.did === "note") {
          const key = `run/${each.run}`;
          const note = `note ${minute}`;
          written.add(`${each.run} ${note}`);
          me.change(noted(me.records.get(key) ?? run(String(each.run)), minute, note));
        } else if (each.did === "arrive") {
          const message = me.outbox.shift();
          if (message) other.agreement.heard(message);
        } else if (each.did === "lose") me.outbox.shift();
        else me.agreement.greet();
      }
      a.outbox.length = b.outbox.length = 0;
      a.agreement.greet();
      talk(a, b);
      a.agreement.greet();
      talk(a, b);
      expect(sums(a)).toEqual(sums(b));
      for (const each of [a, b]) {
        const found = [...each.records.values()].flatMap((record) =>
          (record as Run).entries.flatMap(({ note }) => (note ? [`${record.id} ${note}`] : [])),
        );
        expect(new Set(found)).toEqual(written);
      }
    }),
    { numRuns: 100 },
  );
});

test("a sum is alike whatever the order of fields and of a log's entries, and unlike with a letter changed", () => {
  const entries = [1, 2, 3].map((n) => entryAt(n, { type: "note", note: String(n) }));
  const one = run("r", { entries });
  const turned = Object.fromEntries(Object.entries(one).reverse()) as unknown as Run;
  expect(sumOf({ ...turned, entries: [...entries].reverse() })).toBe(sumOf(one));
  expect(sumOf(run("r", { entries: entries.slice(1) }))).not.toBe(sumOf(one));
});

test("a logbook is summed in slices, with a pause after each, to the same sums", async () => {
  const records = Array.from({ length: 400 }, (_, i) => run(`run-${i}`));
  let pauses = 0;
  await sumInSlices(records, async () => void (pauses += 1));
  expect(pauses).toBeGreaterThan(0);
  expect(groupSums(records)).toEqual(groupSums(records.map((record) => ({ ...record })).reverse()));
});
