import { buildDemo } from "@/demo/buildDemo";
import { sampleRun, sampleStill } from "@/testing/sampleRecords";
import storedV1 from "./examples/stored-v1.json";
import { openRecord, type Migration } from "./migrate";

test("every record stored by the first version opens", () => {
  for (const record of storedV1) {
    const opened = openRecord(record);
    expect(opened.ok ? "opens" : opened.problem).toBe("opens");
  }
});

test("empties of the first version, a number alone, come in with their changes beside it; written back they are of the second", () => {
  const stored = storedV1.find(({ kind }) => kind === "empty")!;
  expect(stored).not.toHaveProperty("changes");
  const opened = openRecord(stored);
  expect(opened).toMatchObject({ ok: true, record: { version: 2, count: 24, changes: [] } });
  if (!opened.ok) return;
  expect(openRecord(JSON.parse(JSON.stringify(opened.record)))).toEqual(opened);
  /* One more change of the schema, and this edition leaves it alone. */
  expect(openRecord({ ...opened.record, version: 3 })).toMatchObject({ ok: false, newer: true });
});

test("a step lifts an older record, once and in order", () => {
  const { holdUpMl: _, ...older } = sampleStill();
  const step: Migration = {
    kind: "still",
    from: 0,
    name: "holdUp",
    up: (record) => ({ ...record, holdUpMl: sampleStill().holdUpMl }),
  };
  expect(openRecord({ ...older, version: 0 }, [step])).toEqual({ ok: true, record: sampleStill() });
  expect(openRecord({ ...older, version: 0 }, [])).toMatchObject({ ok: false });
});

test("the problem names record, field and fault", () => {
  const run = { ...sampleRun(), plan: { ...sampleRun().plan, chargeG: -20 } };
  expect(openRecord(run)).toMatchObject({
    ok: false,
    problem: expect.stringMatching(/^run run-a: plan\.chargeG: .*>0/),
  });
  expect(openRecord({ ...sampleStill(), version: 7 })).toEqual({
    ok: false,
    problem: "still still-a: made by a newer Sereno (version 7). Update Sereno on this device",
    newer: true,
  });
  expect(openRecord(42)).toEqual({
    ok: false,
    problem: "not a record: it has no kind and version",
  });
  const long = { kind: "k".repeat(50), version: 1, id: "i".repeat(90) };
  expect(openRecord(long)).toMatchObject({
    ok: false,
    problem: expect.stringMatching(/^k{20} i{40}: /),
    lifted: long,
  });
  expect(openRecord({ kind: "still", version: 1 })).toMatchObject({
    ok: false,
    problem: expect.stringMatching(/^still without id: (\w+: [^;]+; ){2}\w+: [^;]+$/),
  });
});

test("an id with a dot or a space, as the first edition took it, opens; one of dots alone does not", () => {
  for (const id of ["run.1", "my still", "a.b c-d_e"])
    expect(openRecord({ ...sampleStill(), id })).toMatchObject({ ok: true, record: { id } });
  for (const id of [".", "..", " ", "a/b", "constructor"])
    expect(openRecord({ ...sampleStill(), id })).toMatchObject({ ok: false });
});

test("what a record does not know stays in it, but nothing gets at what every object has", () => {
  const text = JSON.stringify({ ...sampleStill(), lid: { seal: "flour" } });
  const opened = openRecord(JSON.parse(text.replace("{", '{"__proto__":{"deletedAt":"x"},')));
  expect(opened).toMatchObject({ ok: true, record: { lid: { seal: "flour" } } });
  if (!opened.ok) return;
  expect(Object.getPrototypeOf(opened.record)).toBe(Object.prototype);
  expect(opened.record.deletedAt).toBeUndefined();
});

test("the demonstration is whole, the same for the same moment, and has its stories", () => {
  const now = new Date("2026-10-03T14:00:00Z");
  const records = buildDemo(now);
  expect(JSON.stringify(buildDemo(now)) === JSON.stringify(records)).toBe(true);
  const faults = records.filter((record) => !openRecord(JSON.parse(JSON.stringify(record))).ok);
  expect(faults).toEqual([]);
  const runs = records.filter(({ kind }) => kind === "run");
  expect(runs.length).toBeGreaterThanOrEqual(30);
});
