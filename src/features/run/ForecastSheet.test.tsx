import { act, cleanup, fireEvent, screen } from "@testing-library/react";
import { liveRun } from "@/logbook/run/liveRun";
import { runState } from "@/logbook/run/runState";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import type { WatchAnswer } from "@/messages/watchMessages";
import { ForecastSheet } from "./ForecastSheet";

const run = sampleRun([
  entryAt(0, { type: "lit" }),
  entryAt(20, { type: "boiling" }),
  entryAt(24, { type: "firstDrop" }),
  entryAt(30, { type: "heatChanged", powerW: 1500 }),
]);
const at = (p10: number, p50: number, p90: number) => ({ p10, p50, p90 });
const planned = run.plan.forecast.distilledMl;
const half = (planned.p90 - planned.p10) / 4;
const never = at(Infinity, Infinity, Infinity);
const watched: WatchAnswer = {
  now: {
    visibleMl: at(1.9, 2.2, 2.5),
    visibleAtOnceMl: at(1.6, 1.9, 2.2),
    distilledMl: at(2.1, 2.4, 2.7),
    distillateMl: at(290, 300, 310),
  },
  end: {
    visibleMl: at(4.1, 4.6, 5.2),
    visibleAtOnceMl: at(3.6, 4, 4.5),
    distilledMl: at(planned.p50 - half, planned.p50, planned.p50 + half),
    distillateMl: at(690, 700, 710),
  },
  endsAt: {
    perKg: at(48, 50, 53),
    worthMlPer10Min: at(30, 36, 41),
    minutes: never,
    distillateMl: never,
    reserve: at(90, 91, 91.5),
  },
  tenMoreMl: at(0.2, 0.31, 0.4),
  rateMlPerMin: at(17, 18, 19),
  effectiveRuns: 120,
  fan: [],
  doubts: [],
};

const write = jest.fn();
const close = jest.fn();

/** The sheet sixteen minutes after the first drop. */
async function open(part: Partial<Parameters<typeof ForecastSheet>[0]> = {}) {
  jest.clearAllMocks();
  cleanup();
  const state = runState(run.entries);
  renderWith(
    <ForecastSheet
      open
      onClose={close}
      run={run}
      state={state}
      still={sampleStill()}
      live={liveRun(run, state, Date.parse("2026-05-04T08:40:00Z"), { still: sampleStill() })}
      watched={watched}
      since={16}
      prices={undefined}
      units="metric"
      log={{ runId: "run-a", write, tap: jest.fn() }}
      {...part}
    />,
    [],
  );
  await act(async () => undefined);
}
const press = (name: string) => fireEvent.click(screen.getByRole("button", { name }));

test("the range at the end stands beside the plan's, with how much the readings narrowed it", async () => {
  await open();
  expect(screen.getByText(/^Likely 4\.1–5\.2 mL of visible oil/)).toBeVisible();
  expect(screen.getByText(/Your readings made it 50 % narrower\./)).toBeVisible();
});

test("every rule says when it stops from now; one that never does is left out", async () => {
  await open();
  expect(screen.getByText("in 32 to 37 min")).toBeVisible();
  expect(screen.getByText("in 14 to 25 min")).toBeVisible();
  expect(screen.queryByText("The clock")).not.toBeInTheDocument();
  await open({ since: 40 });
  expect(screen.getByText("is reached")).toBeVisible();
});

test("ten more minutes are held against their fuel, in money where prices are told", async () => {
  await open();
  expect(screen.getByText("Ten minutes after the stop bring 0.31 mL")).toBeVisible();
  expect(screen.getByText("They take 0.25 kWh.")).toBeVisible();
  await open({ prices: { currency: "€", gasPerKg: 2, electricityPerKWh: 0.4, oilPerMl: 2 } });
  expect(screen.getByText(/That oil is worth €0\.62/)).toBeVisible();
});

test("what nothing explains is said first, with what usually does it", async () => {
  await open({ watched: { ...watched, doubts: ["lessSteam"] } });
  expect(screen.getByText(/^Less comes over .*Usually a leak/)).toBeVisible();
});

test("the stop is moved by ten minutes with a reason, and the sheet goes", async () => {
  await open();
  fireEvent.click(screen.getByRole("radio", { name: "No time" }));
  press("10 min sooner");
  expect(write).toHaveBeenCalledWith(
    expect.objectContaining({ type: "stopMoved", reason: "No time" }),
    { label: "Ten minutes sooner." },
  );
  expect(close).toHaveBeenCalled();
  await open();
  fireEvent.change(screen.getByLabelText("Or in your words"), { target: { value: "rain" } });
  press("10 min longer");
  const [{ minutes, reason }] = write.mock.calls[0] as [{ minutes: number; reason: string }];
  expect(reason).toBe("rain");
  expect(minutes).toBeGreaterThan(26);
});

test("before the first drop there is nothing to move yet", async () => {
  const state = runState(run.entries.slice(0, 1));
  await open({
    state,
    watched: undefined,
    live: liveRun(run, state, Date.parse("2026-05-04T08:10:00Z"), { still: sampleStill() }),
  });
  expect(screen.getByText("The forecast learns from the first drop on.")).toBeVisible();
  expect(screen.queryByText("Move the stop")).not.toBeInTheDocument();
});

test("what comes now and what comes next by the plan stands there, with the run as a strip", async () => {
  await open();
  expect(screen.getByText(/^Coming now: /)).toBeVisible();
  expect(screen.getByRole("img", { name: /^Coming now: / })).toBeInTheDocument();
});
