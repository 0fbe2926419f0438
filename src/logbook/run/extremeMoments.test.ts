import { buildDemo } from "@/demo/buildDemo";
import { catalogueBook } from "@/logbook/plant/plantBook";
import type { Run } from "@/records/run";
import { explainedRun, flowsOfRun } from "./afterRun";
import { contentOfRun } from "./contentOfRun";
import { doubtfulLog } from "./doubtfulLog";
import { liveRun } from "./liveRun";
import { runState } from "./runState";
import { summarise } from "./runSummary";

const runs = buildDemo(new Date("2026-10-03T14:00:00Z")).filter(
  (record): record is Run => record.kind === "run",
);
const far = "9999-12-31T00:00:00.000Z";

/* Played minute by minute, eight thousand years would never end: that these tests end is what they say. */
test("a heat off in another millennium is asked about, and teaches nothing even when it is said to be right", () => {
  let asked = 0;
  for (const run of runs) {
    const entries = run.entries.map((entry) =>
      entry.type === "heatOff" ? { ...entry, at: far } : entry,
    );
    const odd = summarise({ ...run, entries }, catalogueBook);
    if (odd.overlongMinutes === undefined) continue;
    asked += 1;
    expect(doubtfulLog(odd, catalogueBook)).toMatchObject({ overlong: true });
    const confirmed = summarise({ ...run, entries, confirmed: true }, catalogueBook);
    expect(doubtfulLog(confirmed, catalogueBook)).toBeUndefined();
    for (const each of [odd, confirmed]) {
      expect(contentOfRun(each, catalogueBook)).toBeUndefined();
      flowsOfRun(each);
      explainedRun(each, catalogueBook);
    }
  }
  expect(asked).toBeGreaterThan(10);
});

test("whatever moment an entry has, and however late it is looked at, where the run stands is told", () => {
  for (const run of runs)
    for (const type of ["lit", "firstDrop", "heatOff", "measured"]) {
      const entries = run.entries.map((entry) =>
        entry.type === type ? { ...entry, at: far } : entry,
      );
      const live = liveRun({ ...run, entries }, runState(entries), Date.parse(far));
      for (const cue of live.cues) expect(cue).toBeDefined();
      expect(Number.isFinite(live.powerW)).toBe(true);
    }
});
