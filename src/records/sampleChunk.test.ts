import {
  chunkKey,
  chunkSamples,
  joinChunks,
  openChunk,
  sampleChunkSchema,
  type SampleChunk,
} from "./sampleChunk";

const startAt = "2026-05-04T08:00:00.000Z";
const head = (offsetsMs: number[], values: number[]): SampleChunk => ({
  runId: "run-a",
  channel: "head",
  unit: "°C",
  startAt,
  offsetsMs,
  values,
});

test("a chunk holds as many values as offsets, each within its channel's range", () => {
  const takes = (chunk: unknown) => sampleChunkSchema.safeParse(chunk).error?.issues[0]?.message;
  expect(takes(head([0, 1000], [95, 96]))).toBeUndefined();
  expect(takes(head([0, 1000], [95]))).toBe("as many offsets as values");
  expect(takes(head([0, 1000], [95, 4000]))).toBe("a value is out of its channel's range");
  /* In range, but at a time that no probe was ever read. */
  expect(takes({ ...head([0], [95]), startAt: "1970-01-01T00:00:00.000Z" })).toMatch(/out of/);
  expect(takes(head([], []))).toBeDefined();
  expect(takes(head([-1], [95]))).toBeDefined();
  const full = Array.from({ length: chunkSamples }, (_, i) => i);
  expect(
    takes(
      head(
        full,
        full.map(() => 95),
      ),
    ),
  ).toBeUndefined();
  const more = [...full, chunkSamples];
  expect(
    takes(
      head(
        more,
        more.map(() => 95),
      ),
    ),
  ).toBeDefined();
});

test("a whole chunk opens as it was stored", () => {
  const stored = head([0, 1000, 2500], [95, 96, 97]);
  expect(openChunk(JSON.parse(JSON.stringify(stored)))).toEqual(stored);
});

test("samples that cannot be true go alone; what is left begins with its first good one", () => {
  const stored = { ...head([0, 1000, 2500, 4000], []), values: [null, 4000, 96, 97] };
  expect(openChunk(stored)).toEqual({
    ...head([0, 1500], [96, 97]),
    startAt: "2026-05-04T08:00:02.500Z",
  });
  expect(openChunk({ ...head([0], []), values: [null] })).toBeUndefined();
  expect(openChunk(head([0, 1], [95]))).toBeUndefined();
  expect(openChunk("nothing of the kind")).toBeUndefined();
});

test("a chunk is stored under its run, its channel and its beginning", () => {
  expect(chunkKey(head([0], [95]))).toBe(`samples/run-a/head/${startAt}`);
});

test("of two tabs' chunks every sample stays; of one moment mine, and mine as it is where theirs adds nothing", () => {
  const mine = head([0, 1000], [95, 96]);
  expect(joinChunks(head([0], [90]), mine)[0]).toBe(mine);
  expect(joinChunks(head([3000, 1000], [99, 91]), mine)).toEqual([
    head([0, 1000, 3000], [95, 96, 99]),
  ]);
});

test("what is too long for a chunk follows in one of its own", () => {
  const seconds = (from: number, count: number) =>
    Array.from({ length: count }, (_, i) => (from + i) * 1000);
  const joined = joinChunks(
    head(
      seconds(0, chunkSamples),
      seconds(0, chunkSamples).map(() => 90),
    ),
    head([chunkSamples * 1000], [95]),
  );
  expect(joined.map(({ values }) => values.length)).toEqual([chunkSamples, 1]);
  expect(joined[1]).toEqual({ ...head([0], [95]), startAt: "2026-05-04T08:10:00.000Z" });
  expect(joined[0]).toMatchObject({ startAt, offsetsMs: seconds(0, chunkSamples) });
});
