import { act, fireEvent, screen, within } from "@testing-library/react";
import type { Entry } from "@/records/entry";
import { useAppSelector } from "@/store/hooks";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { TogetherScreen } from "./TogetherScreen";
import WatchScreen from "./WatchScreen";

const eight = Date.parse("2026-05-04T08:00:00Z");
const at = (minutes: number) => jest.setSystemTime(eight + minutes * 60000);
const lit = entryAt(0, { type: "lit" });
const dripping = [
  lit,
  entryAt(20, { type: "boiling" }),
  entryAt(24, { type: "firstDrop" }),
  entryAt(25, { type: "heatChanged", powerW: 1500 }),
];

/** The copper pot's run and a second one on a steel pot. */
function two(first: Entry[], second: Entry[]) {
  const steel = { ...sampleStill(), id: "still-b", name: "Steel pot" };
  return [
    sampleStill(),
    steel,
    sampleRun(first),
    { ...sampleRun(second, "run-b"), number: 2, stillId: "still-b", stillName: "Steel pot" },
  ];
}
function Watched() {
  const run = useAppSelector((state) => state.run.entities["run-a"]);
  return run ? <WatchScreen run={run} /> : null;
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("with nothing on the heat the way to a plan is shown", () => {
  renderWith(<TogetherScreen />, [sampleStill(), sampleRun()]);
  expect(screen.getByText(/No still is heating/)).toBeVisible();
  expect(screen.getByRole("button", { name: "Plan a charge" })).toBeVisible();
});

test("what is dangerous on one still stands before all that is due on the other", () => {
  at(40);
  const hot = entryAt(39, { type: "reading", outletC: 70 });
  renderWith(<TogetherScreen />, two([lit], [...dripping, hot]));
  const due = within(screen.getByRole("list", { name: "What is due" })).getAllByRole("listitem");
  expect(due[0]).toHaveTextContent("Heat off now: vapour at the outlet");
  expect(due[0]).toHaveTextContent("Steel pot");
  expect(due.length).toBeGreaterThan(2);
});

test("heat off is the one still's, and it leaves the list; the other goes on", async () => {
  at(40);
  const { store } = renderWith(<TogetherScreen />, two(dripping, dripping));
  fireEvent.click(screen.getByRole("button", { name: "Heat off: Steel pot" }));
  await act(async () => void jest.advanceTimersByTime(300));
  fireEvent.click(screen.getByRole("button", { name: "Heat off now" }));
  const last = (id: string) => store.getState().run.entities[id]!.entries.at(-1)!.type;
  expect(last("run-b")).toBe("heatOff");
  expect(last("run-a")).toBe("heatChanged");
  expect(screen.getAllByRole("heading", { name: "Distilling" })).toHaveLength(1);
});

test("beside one still, an alarm of the other is told, not only what is next there", () => {
  at(40);
  const hot = entryAt(39, { type: "reading", outletC: 70 });
  renderWith(<Watched />, two([lit], [...dripping, hot]));
  const other = screen.getByText("Steel pot").closest('[role="link"]') as HTMLElement;
  expect(within(other).getByRole("alert")).toHaveTextContent("Heat off now: vapour at the outlet");
});
