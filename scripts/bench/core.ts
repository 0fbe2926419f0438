import { forecastRun, playWatched } from "../../src/core";
import { playFits } from "../../src/core/learn/playFits";
import { playLooks } from "../../src/core/learn/playTrials";
import { print, timed } from "./print";
import { workedExampleA } from "./workedExample";

/** The core alone, in Node: its speed, and how well the live forecast holds the truth. */
export function core(): void {
  for (let i = 0; i < 300; i += 1) forecastRun(workedExampleA, { samples: 1 });
  const one = timed(() => forecastRun(workedExampleA, { samples: 1 }), 500);
  const thousand = timed(() => forecastRun(workedExampleA, { samples: 1000, seed: 1 }), 15);
  print("one run, middle of the range", one, "ms");
  print("1,000 sampled runs of worked example A, in Node", thousand, "ms");
  const { held, heldByPlan, narrower } = playWatched(
    { ...workedExampleA, stop: { perKg: 1 } },
    300,
    11,
  );
  print("live forecast: 300 runs, truth inside its 80 % range", held * 100, "% (70 to 90)");
  print("the plan's range over the same runs", heldByPlan * 100, "%");
  print("width of the live range after three readings, against the plan's", narrower * 100, "%");
  const began = performance.now();
  const fits = playFits({ ...workedExampleA, stop: { minutes: 120 } }, 100, 2);
  print("one fit of nine readings", (performance.now() - began) / 100, "ms");
  print("fits: middle miss of the oil content", fits.contentMiss * 100, "% (10)");
  for (const [name, share] of Object.entries(fits.held))
    print(`fits: 100 runs, true ${name} in the stated range`, share * 100, "% (70 to 90)");
  const looked = { pairs: 10, deviation: 0.25 };
  const none = playLooks(2000, { ...looked, effect: 1 }, 3);
  print(
    "trials: no effect, looked at after each of ten pairs, called",
    (none.more + none.less) * 100,
    "% (5)",
  );
  const much = playLooks(2000, { ...looked, effect: 1.3 }, 5);
  print("trials: a true 30 %, called more", much.more * 100, "% (82)");
  print("trials: pairs that took in the middle", much.middlePairs, "(6)");
}
