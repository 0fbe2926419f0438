import "fake-indexeddb/auto";
import { createAsyncStorage } from "@react-native-async-storage/async-storage";
import fc from "fast-check";
import type { AnyRecord } from "@/records/record";
import type { Run } from "@/records/run";
import { memoryStorage } from "@/testing/memoryStorage";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { exclusiveAccess } from "./exclusive";
import type { Loaded } from "./openRecords";
import { openRecordStorage, type RecordStorage } from "./recordStorage";

const now = new Date("2026-06-01T12:00:00Z");
const open = (backend = memoryStorage()) => ({
  backend,
  storage: openRecordStorage(backend, exclusiveAccess("test")),
});

/** Everything stored once it has been opened, read to its end and tidied up. */
async function loadAll(storage: RecordStorage, at: Date): Promise<Loaded> {
  const { quarantined } = await readWhole(storage, at);
  return { quarantined, records: (await readWhole(storage, at)).records };
}

/** Everything stored, to the last of it. */
async function readWhole(storage: RecordStorage, at: Date): Promise<Loaded> {
  const { records, quarantined, rest } = await storage.open(at, await storage.keys());
  for await (const more of rest()) {
    records.push(...more.records);
    quarantined.push(...more.quarantined);
  }
  return { records, quarantined };
}

test("what was committed is there after a restart, over the browser's database", async () => {
  const backend = createAsyncStorage("keeping-test");
  await openRecordStorage(backend, exclusiveAccess("a")).commit([
    { after: sampleStill() },
    { after: sampleRun() },
  ]);
  const { records } = await loadAll(
    openRecordStorage(createAsyncStorage("keeping-test"), exclusiveAccess("b")),
    now,
  );
  expect(records).toEqual(expect.arrayContaining([sampleStill(), sampleRun()]));
});

test("a commit that fails at its end, as on a full disk, leaves everything as it was", async () => {
  const backend = createAsyncStorage("crash-test");
  const storage = openRecordStorage(backend, exclusiveAccess("crash"));
  await storage.commit([{ after: sampleStill() }]);
  const put = IDBObjectStore.prototype.put;
  let puts = 0;
  IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args: Parameters<typeof put>) {
    puts += 1;
    const request = put.apply(this, args);
    /* As on a full disk: every write is taken, and then the transaction fails as a whole. */
    if (puts === 3) request.addEventListener("success", () => this.transaction.abort());
    return request;
  };
  const renamed = { ...sampleStill(), name: "Renamed", updatedAt: now.toISOString() };
  await expect(
    storage.commit([{ before: sampleStill(), after: renamed }, { after: sampleRun() }]),
  ).rejects.toThrow();
  IDBObjectStore.prototype.put = put;
  const { records } = await loadAll(storage, now);
  expect(records).toEqual([sampleStill()]);
});

test("a record that does not parse is set aside word for word, shown, and let go only when told", async () => {
  const { backend, storage } = open();
  backend.texts.set("run/broken", "{ not json");
  backend.texts.set("still/odd", JSON.stringify({ ...sampleStill(), id: "odd", potVolumeMl: -20 }));
  backend.texts.set("still/still-a", JSON.stringify(sampleStill()));
  const first = await loadAll(storage, now);
  expect(first.records).toEqual([sampleStill()]);
  expect(first.quarantined.map(({ problem }) => problem)).toEqual([
    "the stored text is not JSON",
    expect.stringContaining("still odd: potVolumeMl"),
  ]);
  const second = await loadAll(storage, now);
  expect(second.quarantined.map(({ text }) => text)).toContain("{ not json");
  await storage.discardQuarantined("run/broken");
  expect((await loadAll(storage, now)).quarantined).toHaveLength(1);
});

test("what was set aside comes back once it opens", async () => {
  const { backend, storage } = open();
  const text = JSON.stringify(sampleStill());
  backend.texts.set(
    "quarantine/still/still-a",
    JSON.stringify({ key: "still/still-a", text, problem: "newer", at: "" }),
  );
  expect(await loadAll(storage, now)).toEqual({ records: [sampleStill()], quarantined: [] });
});

test("a store that cannot tidy up still opens", async () => {
  const { backend, storage } = open();
  backend.texts.set("run/broken", "{");
  backend.refuse = "no space left";
  const loaded = await loadAll(storage, now);
  expect(loaded.quarantined).toHaveLength(1);
  expect(backend.texts.get("run/broken")).toBe("{");
});

test("binned records stay for 30 days and are gone after", async () => {
  const { storage } = open();
  await storage.commit([{ after: { ...sampleStill(), deletedAt: "2026-05-20T00:00:00Z" } }]);
  expect((await loadAll(storage, now)).records).toHaveLength(1);
  expect((await loadAll(storage, new Date("2026-06-30T00:00:00Z"))).records).toHaveLength(0);
});

test("a binned copy that lies under another key goes alone: the record whose number it bears stays", async () => {
  const { backend, storage } = open();
  const stray = { ...sampleStill(), deletedAt: "2026-01-01T00:00:00Z" };
  await storage.commit([{ after: sampleStill() }]);
  backend.texts.set("still/stray", JSON.stringify(stray));
  await loadAll(storage, new Date("2026-06-30T00:00:00Z"));
  expect(backend.texts.has("still/stray")).toBe(false);
  expect(await storage.read(["still/still-a"])).toEqual([sampleStill()]);
});

test("a clock that was set decades ahead empties no bin, also after a day's changes by it", async () => {
  const { storage } = open();
  const binned = { ...sampleStill(), id: "b", deletedAt: "2026-05-20T00:00:00Z" };
  await storage.commit([{ after: sampleStill() }, { after: binned }]);
  expect((await loadAll(storage, new Date("2099-01-01T00:00:00Z"))).records).toHaveLength(2);
  const changedThen = { ...sampleStill(), name: "By night", updatedAt: "2099-01-01T00:05:00Z" };
  await storage.commit([{ before: sampleStill(), after: changedThen }]);
  expect((await loadAll(storage, new Date("2099-01-01T00:10:00Z"))).records).toHaveLength(2);
  expect((await loadAll(storage, new Date("2026-07-10T00:00:00Z"))).records).toHaveLength(1);
});

test("what can still be read of a store that does not load is saved text by text", async () => {
  const { backend, storage } = open();
  backend.texts.set("still/still-a", JSON.stringify(sampleStill()));
  backend.texts.set("run/torn", "{");
  backend.getMany = () => Promise.reject(new Error("one page of the store is bad"));
  await expect(loadAll(storage, now)).rejects.toThrow();
  expect(await storage.salvage()).toMatchObject({
    records: [sampleStill()],
    quarantined: [{ key: "run/torn", text: "{" }],
  });
});

test("of hundreds of runs those come first that are not over, and the latest; the rest follows whole", async () => {
  const { storage } = open();
  const done = [entryAt(0, { type: "separated", oilMl: 1, hydrosolMl: 500 })];
  const runs = Array.from({ length: 300 }, (_, i) => ({
    ...sampleRun(i === 7 ? [entryAt(0, { type: "lit" })] : done, `run-${i}`),
    number: i + 1,
  }));
  await storage.commit(runs.map((after) => ({ after })));
  const opening = await storage.open(now, await storage.keys());
  const numbers = (records: readonly AnyRecord[]) =>
    records.flatMap((record) => (record.kind === "run" ? [record.number] : []));
  expect(numbers(opening.records)).toContain(8);
  expect(Math.min(...numbers(opening.records).filter((number) => number !== 8))).toBe(241);
  expect(opening.later).toBe(239);
  const { records } = await loadAll(storage, now);
  expect(numbers(records).sort((a, b) => a - b)).toEqual(runs.map(({ number }) => number));
});

test("a run without a mark, or with a wrong one, is read all the same", async () => {
  const { backend, storage } = open();
  await storage.commit([{ after: sampleRun([], "run-x") }]);
  backend.texts.set("mark/over/1/run-x", "");
  backend.texts.set("mark/torn", "");
  backend.texts.set("run/run-y", JSON.stringify(sampleRun([], "run-y")));
  const { records } = await loadAll(storage, now);
  expect(records).toHaveLength(2);
});

test("two tabs that tap on one run at once keep every tap", async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(fc.boolean(), { minLength: 1, maxLength: 30 }), async (turns) => {
      const { storage } = open();
      const start = sampleRun();
      await storage.commit([{ after: start }]);
      const tabs: [Run, Run] = [start, start];
      let taps = 0;
      for (const second of turns) {
        const mine = tabs[Number(second)]!;
        taps += 1;
        const entry = entryAt(taps, { type: "note", note: `tap ${taps}` });
        const [stored] = await storage.commit([
          { before: mine, after: { ...mine, entries: [...mine.entries, entry] } },
        ]);
        tabs[Number(second)] = stored as Run;
      }
      const [run] = await storage.read(["run/run-a"]);
      expect((run as Run).entries.map(({ id }) => id).sort()).toEqual(
        Array.from({ length: taps }, (_, i) => `note-${i + 1}`).sort(),
      );
    }),
    { numRuns: 40 },
  );
});

test("what a newer edition wrote is never overwritten, moved or let go by an older page", async () => {
  const { backend, storage } = open();
  const still = sampleStill();
  await storage.commit([{ after: still }]);
  const newer = JSON.stringify({ ...still, version: 2, lid: { seal: "flour" } });
  await backend.setItem("still/still-a", newer);
  const run = sampleRun();
  const stood = await storage.commit([
    { before: still, after: { ...still, name: "from the older page" } },
    { after: run },
  ]);
  expect(stood).toEqual([run]);
  expect(await backend.getItem("still/still-a")).toBe(newer);
  expect(await storage.anyNewer(["still/still-a"])).toBe(true);
  for (let again = 0; again < 2; again += 1) {
    const { quarantined } = await readWhole(storage, now);
    expect(quarantined).toEqual([
      expect.objectContaining({ text: expect.stringContaining("from the older page") }),
      expect.objectContaining({ key: "still/still-a", text: newer, newer: true }),
    ]);
    expect(await backend.getItem("still/still-a")).toBe(newer);
  }
  await storage.discardQuarantined("still/still-a");
  expect(await backend.getItem("still/still-a")).toBe(newer);
  expect((await readWhole(storage, now)).quarantined).toHaveLength(1);
});

test("fields that this edition does not know are there again after a change, at every depth", async () => {
  const { backend, storage } = open();
  const run = sampleRun([entryAt(0, { type: "lit" }), entryAt(3, { type: "note", note: "first" })]);
  const later = {
    ...run,
    weather: "fog",
    plan: { ...run.plan, draughtMm: 3 },
    entries: run.entries.map((entry) => ({ ...entry, by: "the other phone" })),
  };
  await backend.setItem("run/run-a", JSON.stringify(later));
  const { records } = await readWhole(storage, now);
  const before = records[0] as Run;
  const after = {
    ...before,
    updatedAt: now.toISOString(),
    plan: { ...before.plan, stop: { minutes: 50 } },
    entries: [...before.entries, entryAt(9, { type: "note", note: "second" })],
  };
  await storage.commit([{ before, after }]);
  const text = JSON.parse((await backend.getItem("run/run-a"))!) as typeof later;
  expect(text).toMatchObject({ weather: "fog", plan: { draughtMm: 3, stop: { minutes: 50 } } });
  expect(text.entries.map(({ by }) => by)).toEqual([
    "the other phone",
    "the other phone",
    undefined,
  ]);
});
