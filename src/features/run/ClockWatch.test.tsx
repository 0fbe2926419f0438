import { act, fireEvent, screen } from "@testing-library/react";
import type { Entry } from "@/records/entry";
import { runNow } from "@/logbook/run/runClock";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { ClockWatch } from "./ClockWatch";
import { timeGoesOn } from "./timeGoesOn";

const eight = Date.parse("2026-05-04T08:00:00Z");
const minute = 60000;
const at = (minutes: number) => jest.setSystemTime(eight + minutes * minute);
const goOn = (seconds: number) => act(() => void jest.advanceTimersByTime(seconds * 1000));

function lit(...entries: Entry[]) {
  const { store } = renderWith(<ClockWatch />, [
    sampleRun([entryAt(0, { type: "lit" }), ...entries]),
  ]);
  const run = () => store.getState().run.entities["run-a"]!;
  return { store, run, minutes: () => (runNow(run(), Date.now()) - eight) / minute };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("a clock put back by an hour in mid-run: the run goes on where it was, and the log says so", () => {
  at(30);
  const { run, minutes } = lit();
  goOn(60);
  at(31 - 60);
  goOn(60);
  expect(minutes()).toBeCloseTo(32, 1);
  expect(run().entries.at(-1)).toMatchObject({
    type: "note",
    note: expect.stringContaining("put back by 1 h;") as string,
  });
  expect(run().entries).toHaveLength(2);
  expect(screen.queryByRole("alert")).toBeNull();
});

test("a clock put forward is asked about, for the device may have slept", () => {
  at(30);
  const { run, minutes } = lit();
  goOn(60);
  at(31 + 60);
  goOn(5);
  expect(screen.getByRole("alert")).toHaveTextContent("jumped 1 h");
  expect(minutes()).toBeCloseTo(91, 0);
  fireEvent.click(screen.getByRole("button", { name: "It was set" }));
  expect(minutes()).toBeCloseTo(31, 0);
  expect(run().entries.at(-1)).toMatchObject({ type: "note" });
  expect(screen.queryByRole("alert")).toBeNull();
  /* Not undone a second later: one note, and the run stays where it was set. */
  goOn(60);
  expect(screen.queryByRole("alert")).toBeNull();
  expect(minutes()).toBeCloseTo(32, 0);
  expect(run().entries).toHaveLength(2);
});

test("sleep is no slip: nobody is asked when the page was hidden, and nothing changes", () => {
  at(30);
  const { run, minutes } = lit();
  goOn(5);
  const seen = jest.spyOn(document, "visibilityState", "get").mockReturnValue("hidden");
  fireEvent(document, new Event("visibilitychange"));
  at(70);
  seen.mockRestore();
  fireEvent(document, new Event("visibilitychange"));
  expect(screen.queryByRole("alert")).toBeNull();
  expect(minutes()).toBeCloseTo(70, 0);
  expect(run().entries).toHaveLength(1);
});

test("opened on a device whose clock is behind the log, the run can go on from its last entry", () => {
  at(-120);
  const { minutes } = lit(entryAt(20, { type: "boiling" }));
  expect(screen.getByRole("alert")).toHaveTextContent("behind the log of run 1");
  fireEvent.click(screen.getByRole("button", { name: /Go on from/ }));
  expect(minutes()).toBeCloseTo(20, 1);
  expect(screen.queryByRole("alert")).toBeNull();
});

test("what another tab has mended is not mended again", () => {
  at(30);
  const { run, store } = lit();
  goOn(3);
  at(30 - 60);
  act(() => store.dispatch(timeGoesOn("run-a", () => eight + 30 * minute)));
  goOn(30);
  expect(run().entries).toHaveLength(2);
});
