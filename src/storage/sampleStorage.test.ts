import fc from "fast-check";
import { chunkSamples, type SampleChunk } from "@/records/sampleChunk";
import { memoryStorage } from "@/testing/memoryStorage";
import { exclusiveAccess } from "./exclusive";
import { openSampleStorage } from "./sampleStorage";

const start = Date.parse("2026-07-18T10:00:00Z");

/** A tab's open chunk: the first sample, and those of these seconds that its line brought. */
function chunkOf(seconds: readonly number[]): SampleChunk {
  const offsetsMs = [...new Set([0, ...seconds])].sort((a, b) => a - b).map((each) => each * 1000);
  return {
    runId: "run-a",
    channel: "head",
    unit: "°C",
    startAt: new Date(start).toISOString(),
    offsetsMs,
    values: offsetsMs.map((offset) => 20 + offset / 1e6),
  };
}

const open = () => {
  const backend = memoryStorage();
  return { backend, storage: openSampleStorage(backend, exclusiveAccess("test")) };
};
const secondsOf = (chunks: readonly SampleChunk[]) =>
  chunks.flatMap(({ startAt, offsetsMs }) =>
    offsetsMs.map((offset) => (Date.parse(startAt) + offset - start) / 1000),
  );

test("what two tabs heard of one instrument is kept, all of it, whoever wrote last", async () => {
  const heard = fc.uniqueArray(fc.integer({ min: 1, max: 2000 }), {
    maxLength: chunkSamples - 1,
    size: "max",
  });
  await fc.assert(
    fc.asyncProperty(heard, heard, heard, async (one, other, later) => {
      const { storage } = open();
      await storage.keep([chunkOf(one)]);
      await storage.keep([chunkOf(other)]);
      await storage.keep([chunkOf(later)]);
      const kept = await storage.load("run-a");
      expect(new Set(secondsOf(kept))).toEqual(new Set([0, ...one, ...other, ...later]));
      for (const { offsetsMs, values, startAt } of kept) {
        const from = (Date.parse(startAt) - start) / 1e6;
        expect(values.map((value, i) => value - from - offsetsMs[i]! / 1e6)).toEqual(
          values.map(() => expect.closeTo(20)),
        );
      }
    }),
    { numRuns: 40 },
  );
});

test("a chunk that has grown takes its own place; what does not open is passed over", async () => {
  const { backend, storage } = open();
  await storage.keep([chunkOf([1])]);
  await storage.keep([chunkOf([1, 2, 3])]);
  expect([...backend.texts.keys()]).toEqual(["samples/run-a/head/2026-07-18T10:00:00.000Z"]);
  backend.texts.set("samples/run-a/head/2026-07-18T10:10:00.000Z", "{ half a chu");
  expect(secondsOf(await storage.load("run-a"))).toEqual([0, 1, 2, 3]);
  expect(await storage.load("run-b")).toEqual([]);
  expect(await storage.load()).toHaveLength(1);
});

test("a store that refuses keeps what it had", async () => {
  const { backend, storage } = open();
  await storage.keep([chunkOf([1])]);
  backend.refuse = "The disk is full.";
  await expect(storage.keep([chunkOf([1, 2])])).rejects.toThrow("The disk is full.");
  backend.refuse = undefined;
  expect(secondsOf(await storage.load("run-a"))).toEqual([0, 1]);
});

test("what is forgotten is gone, what is of another run stays", async () => {
  const { storage, backend } = open();
  await storage.keep([chunkOf([5]), { ...chunkOf([5]), runId: "run-a-2" }]);
  await storage.forget(["run-a"]);
  expect(await storage.load("run-a")).toEqual([]);
  expect(secondsOf(await storage.load("run-a-2"))).toEqual([0, 5]);
  expect(await backend.getAllKeys()).toHaveLength(1);
});
