import { act, fireEvent, screen } from "@testing-library/react";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import { useAppSelector } from "@/store/hooks";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { sampleTrial } from "@/testing/sampleShelf";
import WatchScreen from "./WatchScreen";

const eight = Date.parse("2026-05-04T08:00:00Z");
const at = (minutes: number) => jest.setSystemTime(eight + minutes * 60000);

function Watched() {
  const run = useAppSelector((state) => state.run.entities["run-a"]);
  return run ? <WatchScreen run={run} /> : null;
}
const watch = (run: Run) => renderWith(<Watched />, [sampleStill(), run]);

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("a still that heats says when it will boil, and that it is late once it is", () => {
  const run = sampleRun([entryAt(0, { type: "lit" })]);
  const boil = run.plan.forecast.minutesToBoil;
  at(boil - 6);
  watch(run);
  expect(screen.getByText("Boils in about 6 min")).toBeVisible();
  at(boil + 3);
  act(() => void jest.advanceTimersByTime(5000));
  expect(screen.getByRole("alert")).toHaveTextContent("It should boil by now");
});

test("a double tap of a wet thumb is one entry; a later tap is another", () => {
  at(30);
  const { store } = watch(
    sampleRun([
      entryAt(0, { type: "lit" }),
      entryAt(20, { type: "boiling" }),
      entryAt(24, { type: "firstDrop" }),
    ]),
  );
  const count = () =>
    store.getState().run.entities["run-a"]!.entries.filter(({ type }) => type === "jarSwapped")
      .length;
  fireEvent.click(screen.getByRole("button", { name: "Change jar" }));
  fireEvent.click(screen.getByRole("button", { name: "Change jar" }));
  expect(count()).toBe(1);
  at(40);
  fireEvent.click(screen.getByRole("button", { name: "Change jar" }));
  expect(count()).toBe(2);
});

test("two taps between two drawings are two entries: the second does not undo the first", () => {
  at(30);
  const { store } = watch(sampleRun([entryAt(0, { type: "lit" })]));
  act(() => {
    fireEvent.click(screen.getByRole("button", { name: "It boils" }));
    fireEvent.click(screen.getByRole("button", { name: "First drop" }));
  });
  expect(store.getState().run.entities["run-a"]!.entries.map(({ type }) => type)).toEqual([
    "lit",
    "boiling",
    "firstDrop",
  ]);
  expect(screen.getByRole("heading", { name: "Distilling" })).toBeVisible();
});

test("a phone that slept for 40 minutes shows the right minute and the cue that is due now", () => {
  const run = sampleRun([
    entryAt(0, { type: "lit" }),
    entryAt(20, { type: "boiling" }),
    entryAt(24, { type: "firstDrop" }),
  ]);
  at(25);
  watch(run);
  expect(screen.getByText("0:01")).toBeVisible();
  at(25 + 40);
  fireEvent(document, new Event("visibilitychange"));
  expect(screen.getByText("0:41")).toBeVisible();
  expect(screen.getByRole("alert")).toHaveTextContent(/Heat off now/);
});

test("without its still the run can still be watched and ended", async () => {
  at(30);
  const { store } = renderWith(<Watched />, [sampleRun([entryAt(0, { type: "lit" })])]);
  await heatOff();
  expect(screen.getByRole("dialog")).toHaveTextContent("Before the first drop: heat off?");
  fireEvent.click(screen.getByRole("button", { name: "Heat off now" }));
  expect(store.getState().run.entities["run-a"]!.entries.at(-1)).toMatchObject({ type: "heatOff" });
  expect(screen.getByRole("heading", { name: "Let it settle" })).toBeVisible();
});

test("heat off long before the stop is asked about once, and may be let be", async () => {
  at(40);
  const { store } = watch(dripping());
  const last = () => store.getState().run.entities["run-a"]!.entries.at(-1)!.type;
  await heatOff();
  expect(screen.getByRole("dialog")).toHaveTextContent(/^\d+ min before the stop: heat off\?/);
  fireEvent.click(screen.getByRole("button", { name: "Keep heating" }));
  expect(last()).toBe("firstDrop");
  await heatOff();
  fireEvent.click(screen.getByRole("button", { name: "Heat off now" }));
  expect(last()).toBe("heatOff");
});

test("danger is one tap away: vapour at the outlet asks nothing", async () => {
  at(40);
  const { store } = watch(dripping(entryAt(39, { type: "reading", outletC: 75 })));
  await heatOff();
  expect(screen.queryByRole("dialog")).toBeNull();
  expect(store.getState().run.entities["run-a"]!.entries.at(-1)!.type).toBe("heatOff");
});

function dripping(...more: Entry[]) {
  return sampleRun([
    entryAt(0, { type: "lit" }),
    entryAt(20, { type: "boiling" }),
    entryAt(24, { type: "firstDrop" }),
    ...more,
  ]);
}

async function heatOff(): Promise<void> {
  fireEvent.click(screen.getByRole("button", { name: "Heat off" }));
  await act(async () => void jest.advanceTimersByTime(300));
}

test("a run of a trial says its side, what must stay equal, and how the other half went", () => {
  at(30);
  const run = sampleRun([entryAt(0, { type: "lit" }), entryAt(24, { type: "firstDrop" })]);
  const other = {
    ...sampleRun(
      [
        entryAt(0, { type: "lit" }, "o1"),
        entryAt(24, { type: "firstDrop" }, "o2"),
        entryAt(86, { type: "heatOff" }, "o3"),
      ],
      "run-b",
    ),
    number: 7,
  };
  renderWith(<Watched />, [
    sampleStill(),
    run,
    other,
    sampleTrial({
      runs: [
        { runId: "run-a", side: "b", pair: 1 },
        { runId: "run-b", side: "a", pair: 1 },
      ],
    }),
  ]);
  expect(screen.getByText(/this is “wilted”, half of pair 1/)).toBeVisible();
  expect(screen.getByText(/^Keep equal: .*the time from the first drop\.$/)).toBeVisible();
  expect(screen.getByText("Run 7 on the other side: 1 h 2 min from the first drop.")).toBeVisible();
});
