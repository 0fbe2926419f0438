import { act, screen } from "@testing-library/react";
import type { Entry } from "@/records/entry";
import { defaultPreferences } from "@/records/setting";
import { recordsReceived } from "@/store/recordSlice";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import StillWatch from "./StillWatch";

const eight = Date.parse("2026-05-04T08:00:00Z");
const hot = [
  entryAt(0, { type: "lit" }),
  entryAt(20, { type: "boiling" }),
  entryAt(24, { type: "firstDrop" }),
  entryAt(25, { type: "heatChanged", powerW: 1500 }),
  entryAt(39, { type: "reading", outletC: 70 }),
];
let tones = 0;

/** Forty minutes after eight on some screen, with sound allowed. */
function on(path: string, entries: Entry[], id = "run-a") {
  router.path = path;
  jest.setSystemTime(eight + 40 * 60000);
  const preferences = { ...defaultPreferences(), cueSound: true };
  return renderWith(<StillWatch />, [sampleStill(), sampleRun(entries, id), preferences]);
}

beforeEach(() => {
  jest.useFakeTimers();
  tones = 0;
  Object.assign(navigator, { vibrate: () => (tones += 1) });
});
afterEach(() => jest.useRealTimers());

test("a danger at the still stands on any other screen, sounds once however one goes about, and leads back", async () => {
  const { unmount } = on("/shelf", hot);
  expect(screen.getByRole("alert")).toHaveTextContent("Heat off now: vapour at the outlet");
  expect(screen.getByRole("link")).toHaveTextContent("Copper pot");
  await act(async () => void jest.advanceTimersByTime(30_000));
  expect(tones).toBe(1);
  unmount();
  on("/plan", hot);
  expect(screen.getByRole("alert")).toBeVisible();
  expect(tones).toBe(1);
});

test("today and the view of all stills show the still themselves: there it only sounds", async () => {
  for (const path of ["/", "/runs/together", "/runs/run-b/watch"]) {
    tones = 0;
    const { unmount } = on(path, hot, `run at ${path}`);
    expect(screen.queryByRole("link")).not.toBeInTheDocument();
    await act(async () => void jest.advanceTimersByTime(6000));
    expect(tones).toBe(1);
    unmount();
  }
});

test("a danger that is gone with the next look does not ring: a clock that slipped, a log half read", async () => {
  const { store } = on("/shelf", hot, "run-x");
  await act(async () => void jest.advanceTimersByTime(2000));
  const run = store.getState().run.entities["run-x"]!;
  const cooled = {
    ...run,
    entries: [...run.entries, entryAt(40, { type: "reading", outletC: 24 })],
  };
  act(() => void store.dispatch(recordsReceived({ records: [cooled] })));
  await act(async () => void jest.advanceTimersByTime(20_000));
  expect(tones).toBe(0);
});

test("the still's own cockpit sounds for itself; what is only to come is no bar and no sound", () => {
  on("/runs/run-z/watch", hot, "run-z").unmount();
  on("/shelf", hot.slice(0, 4), "run-y");
  expect(screen.queryByRole("link")).not.toBeInTheDocument();
  expect(tones).toBe(0);
});
