import { memoryStorage } from "@/testing/memoryStorage";
import { exclusiveAccess } from "@/storage/exclusive";
import { openSampleStorage } from "@/storage/sampleStorage";
import { openInstrumentLines } from "./instrumentLines";
import { openPracticeSource } from "./practiceSource";

test("what a practice still sends comes over the line of its run, and of no other; garbage is counted", () => {
  const source = openPracticeSource();
  const samples = openSampleStorage(memoryStorage(), exclusiveAccess("test"));
  const lines = openInstrumentLines(samples, source.open);
  const [one, other] = [lines.of("run-1"), lines.of("run-2")];
  one.listenTo("practice-1");
  other.listenTo("practice-2");
  expect(one.health.status).toBe("live");
  const sample = { at: "2026-07-14T08:00:00.000Z", channel: "outlet", value: 31.5, unit: "°C" };
  source.send("practice-1", JSON.stringify(sample));
  source.send("practice-1", "not a sample");
  expect(one.feed.latest("outlet")?.value).toBe(31.5);
  expect(one.feed.rejected).toBe(1);
  expect(other.feed.count()).toBe(0);
  one.listenTo(undefined);
  source.send("practice-1", JSON.stringify({ ...sample, at: "2026-07-14T08:00:01.000Z" }));
  expect(one.feed.count()).toBe(1);
});
