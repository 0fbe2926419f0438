import { bisectLeft } from "d3-array";
import type { Latest } from "@/logbook/run/liveRun";
import type { SampleFeed } from "./sampleFeed";

/* One point a minute of the scale is plenty for a rate. */
const everyMs = 60000;
/* A scale says grams; distillate is water to within its oil. */
const gramsPerMl = 1;
/* Before this much lies in the jar, the scale's noise is louder than the drops. */
const leastG = 15;
/* A head is held against its last half hour but for the last minutes, ms. */
const headWas = { from: 30 * 60_000, to: 3 * 60_000 };

/** What a feed says right now, as the live run takes it. The version tells when to look again. */
export function latestOf(feed: SampleFeed, _version?: number): Latest {
  const tub = feed.latest("tub");
  const scale = feed.series("distillate");
  const distillate: { at: number; volumeMl: number }[] = [];
  let most = 0;
  /* From minute to minute, however many samples lie between: this is asked every second. */
  for (let i = 0; scale && i < scale.at.length;) {
    const at = scale.at[i]!;
    const value = scale.value[i]!;
    if (value < leastG) {
      i += 1;
      continue;
    }
    most = Math.max(most, value);
    distillate.push({ at, volumeMl: most / gramsPerMl });
    i = bisectLeft(scale.at, at + everyMs, i + 1);
  }
  return {
    headC: feed.latest("head")?.value,
    headRoseC: feed.roseSince("head", headWas),
    outletC: feed.latest("outlet")?.value,
    tub: tub && { temperatureC: tub.value, at: tub.at },
    ...(distillate.length > 0 ? { distillate } : {}),
  };
}
