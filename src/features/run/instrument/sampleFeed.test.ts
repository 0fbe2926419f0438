import fc from "fast-check";
import type { SampleChunk } from "@/records/sampleChunk";
import { SampleFeed } from "./sampleFeed";

const start = Date.parse("2026-07-18T10:00:00Z");
const message = (second: number, value = second) =>
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
        for (const each of sent) feed.take(typeof each === "number" ? message(each) : each, 0);
        const { at = [], value = [] } = feed.series("head") ?? {};
        const expected = [...new Set(seconds)].sort((a, b) => a - b);
        expect(at.map((moment) => (moment - start) / 1000)).toEqual(expected);
        expect(value).toEqual(expected);
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
          feed.take(message(second), 0);
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
