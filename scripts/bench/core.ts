import { forecastRun, playWatched } from "../../src/core";
import { playFits } from "../../src/core/learn/playFits";
import { playTrials } from "../../src/core/learn/playTrials";
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
  const none = playTrials(300, { pairs: 5, effect: 1, deviation: 0.15 }, 3);
  print("trials: 300 of no effect, called more or less", (none.more + none.less) * 300, "(20)");
  const much = playTrials(300, { pairs: 5, effect: 1.3, deviation: 0.15 }, 5);
  print("trials: 300 of 30 %, five pairs, called more", much.more * 300, "(270)");
}
