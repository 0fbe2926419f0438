import fc from "fast-check";
import { chunkKey, type SampleChunk } from "@/records/sampleChunk";
import { latestOf } from "./latestOf";
import { SampleFeed } from "./sampleFeed";

const start = Date.parse("2026-07-18T10:00:00Z");
const message = (second: number, value = second / 100) =>
  JSON.stringify({
    at: new Date(start + second * 1000).toISOString(),
    channel: "head",
    value,
    unit: "°C",
  });

test("garbage, repeats and any order: each sample once, by its moment", () => {
  fc.assert(
    fc.property(
      fc.array(fc.oneof(fc.integer({ min: 0, max: 1500 }), fc.string()), { maxLength: 400 }),
      (sent) => {
        const feed = new SampleFeed("run-a");
        const seconds = sent.filter((each): each is number => typeof each === "number");
        const garbage = sent.length - seconds.length;
        for (const each of sent) feed.take(typeof each === "number" ? message(each) : each);
        const { at = [], value = [] } = feed.series("head") ?? {};
        const expected = [...new Set(seconds)].sort((a, b) => a - b);
        expect(at.map((moment) => (moment - start) / 1000)).toEqual(expected);
        expect(value).toEqual(expected.map((second) => second / 100));
        expect(feed.rejected).toBe(garbage);
      },
    ),
  );
});

test("what is stored in any split comes back as it was, late samples too", () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: 0, max: 4000 }), { minLength: 1, maxLength: 1800 }),
      fc.integer({ min: 1, max: 700 }),
      (seconds, every) => {
        const feed = new SampleFeed("run-a");
        const disk = new Map<string, SampleChunk>();
        const flush = () => {
          const chunks = feed.pending();
          for (const chunk of chunks) disk.set(`${chunk.channel}/${chunk.startAt}`, chunk);
          feed.kept(chunks);
        };
        seconds.forEach((second, i) => {
          feed.take(message(second));
          if (i % every === 0) flush();
        });
        flush();
        expect(feed.pending()).toEqual([]);
        const again = new SampleFeed("run-a");
        again.restore([...disk.values()]);
        expect(again.series("head")?.at).toEqual(feed.series("head")?.at);
        expect(again.series("head")?.value).toEqual(feed.series("head")?.value);
      },
    ),
    { numRuns: 60 },
  );
});

test("fifty messages a second for three hours, garbage and repeats among them: all are kept, once, in whole chunks", () => {
  const feed = new SampleFeed("run-a");
  const disk = new Map<string, SampleChunk>();
  const channels = ["head", "outlet", "tub", "distillate"];
  const count = 3 * 3600 * 50;
  let largest = 0;
  for (let i = 0; i < count; i += 1) {
    const at = new Date(start + Math.floor(i / 4) * 80).toISOString();
    const channel = channels[i % 4];
    const unit = channel === "distillate" ? "g" : "°C";
    feed.take(JSON.stringify({ at, channel, value: i % 100, unit }));
    if (i % 1000 === 0) feed.take("{ no");
    if (i % 1500 === 0) feed.take(JSON.stringify({ at, channel, value: 1, unit }));
    if (i % 250 === 249) {
      const chunks = feed.pending();
      largest = Math.max(largest, chunks.length);
      for (const chunk of chunks) disk.set(chunkKey(chunk), chunk);
      feed.kept(chunks);
    }
  }
  expect(feed.count()).toBe(count);
  expect(feed.rejected).toBe(count / 1000);
  /* What is written each time stays as small after three hours as in the first minute. */
  expect(largest).toBeLessThanOrEqual(8);
  const again = new SampleFeed("run-a");
  again.restore([...disk.values()]);
  expect(again.count()).toBe(count);
  expect(again.series("tub")?.value).toEqual(feed.series("tub")?.value);
  expect(latestOf(feed, 0).distillate).toHaveLength(180);
});

test("a head is held against its own last half hour: a rise is told, a spike, an offset and a dip are not", () => {
  const feed = new SampleFeed("run-a");
  const hear = (from: number, to: number, valueAt: (second: number) => number) => {
    for (let second = from; second < to; second += 10) feed.take(message(second, valueAt(second)));
  };
  const window = { from: 30 * 60_000, to: 3 * 60_000 };
  expect(feed.roseSince("head", window)).toBeUndefined();
  hear(0, 1200, (second) => (second === 600 ? 140 : 100.2));
  expect(feed.roseSince("head", window)).toBeCloseTo(0);
  hear(1200, 1260, () => 97);
  hear(1260, 1320, () => 100.2);
  expect(feed.roseSince("head", window)).toBeCloseTo(0);
  hear(1320, 1440, (second) => 100.2 + (second - 1320) / 120);
  expect(feed.roseSince("head", window)).toBeGreaterThan(0.6);
});
