import { forecastRun, playWatched } from "../../src/core";
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
}
