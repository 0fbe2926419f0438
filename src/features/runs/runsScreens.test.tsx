import { act, fireEvent, screen, within } from "@testing-library/react";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import { undoLast } from "@/store/changes";
import { useAppSelector } from "@/store/hooks";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { RunSheetScreen } from "./RunSheetScreen";
import { defaultPreferences } from "@/records/setting";
import { selectPreferences } from "@/store/selectors";
import { RunsScreen } from "./RunsScreen";

let mockWide = false;
jest.mock("@/ui/layout/useWide", () => ({ useWide: () => mockWide }));

const distilled = [
  entryAt(0, { type: "lit" }),
  entryAt(21, { type: "boiling" }),
  entryAt(25, { type: "firstDrop" }),
  entryAt(60, { type: "jarSwapped" }),
  entryAt(85, { type: "heatOff" }),
];
const measured = [
  ...distilled,
  entryAt(140, { type: "separated", oilMl: 5.6, hydrosolMl: 640, look: "pale", smell: "sweet" }),
];
const run = (number: number, entries: Entry[], part: Partial<Run> = {}): Run => ({
  ...sampleRun(entries, `run-${number}`),
  number,
  ...part,
});

afterEach(() => {
  mockWide = false;
  jest.clearAllMocks();
});

test("an empty logbook says what will stand there, and leads to a plan", () => {
  renderWith(<RunsScreen />, [sampleStill()]);
  expect(screen.getByText("No runs yet")).toBeVisible();
  fireEvent.click(screen.getByRole("button", { name: "Plan a run" }));
  expect(router.push).toHaveBeenCalledWith("/plan");
});

test("runs stand the latest first, with their oil or how far they are", () => {
  renderWith(<RunsScreen />, [sampleStill(), run(1, measured), run(2, distilled), run(3, [])]);
  const titles = screen.getAllByText(/^\d · /).map(({ textContent }) => textContent);
  expect(titles.map((title) => title!.charAt(0))).toEqual(["3", "2", "1"]);
  expect(screen.getByText("5.6 mL")).toBeVisible();
  expect(screen.getByText("8.00 mL/kg")).toBeVisible();
});

test("what is looked for narrows the list; what is not there is said with what to try", async () => {
  renderWith(<RunsScreen />, [
    sampleStill(),
    run(1, measured),
    run(2, measured, { plantId: "juniper" }),
  ]);
  const find = (text: string) =>
    act(async () => {
      fireEvent.change(screen.getByLabelText("Find"), { target: { value: text } });
    });
  await find("juniper");
  expect(screen.getAllByText(/^\d · /)).toHaveLength(1);
  await find("unicorn");
  expect(screen.getByText(/Nothing matches “unicorn”\. Try a plant/)).toBeVisible();
});

test("a long logbook is shown sixty at a time", () => {
  renderWith(
    <RunsScreen />,
    Array.from({ length: 75 }, (_, i) => run(i + 1, [])),
  );
  expect(screen.getAllByText(/^\d+ · /)).toHaveLength(60);
  fireEvent.click(screen.getByRole("button", { name: "Show more of 75" }));
  expect(screen.getAllByText(/^\d+ · /)).toHaveLength(75);
});

test("on a wide screen a tap on a column's head sorts by it, and again turns it round", () => {
  mockWide = true;
  const poorer = measured.map((entry) =>
    entry.type === "separated" ? { ...entry, oilMl: 2.1 } : entry,
  );
  renderWith(<RunsScreen />, [sampleStill(), run(1, measured), run(2, poorer)]);
  const numbers = () =>
    within(screen.getByRole("table"))
      .getAllByRole("row")
      .slice(1)
      .map(({ textContent }) => textContent!.charAt(0));
  expect(numbers()).toEqual(["2", "1"]);
  const head = () => screen.getByRole("columnheader", { name: /mL.kg/ });
  const sort = () => fireEvent.click(within(head()).queryByRole("button") ?? head());
  sort();
  expect(numbers()).toEqual(["1", "2"]);
  sort();
  expect(numbers()).toEqual(["2", "1"]);
});

/** The sheet of run 4, once it has looked for a probe's samples. */
async function sheet(entries: Entry[]) {
  const kept = run(4, entries);
  const opened = renderWith(<RunSheetScreen run={kept} />, [sampleStill(), kept]);
  await act(async () => undefined);
  return opened;
}

test("a run's sheet holds plan against what was, yields on every basis, and the log", async () => {
  await sheet(measured);
  expect(screen.getByText(/^Expected|^expected \d/)).toBeVisible();
  expect(screen.getByText(/^25 min after heat on; planned \d\d min$/)).toBeVisible();
  expect(screen.getByText(/mL\/kg · .* % w\/w/)).toBeVisible();
  expect(screen.getByText("sweet")).toBeVisible();
  expect(screen.getByText("Jar swapped")).toBeVisible();
  fireEvent.click(screen.getByRole("button", { name: "Correct the measures" }));
  expect(router.push).toHaveBeenCalledWith("/runs/run-4/separate");
});

test.each([
  [[], "To the checklist", "ready"],
  [distilled.slice(0, 3), "Back to the still", "watch"],
  [distilled, "Separate and measure", "separate"],
] as const)("a run's next step is one tap away", async (entries, label, to) => {
  await sheet([...entries]);
  fireEvent.click(screen.getByRole("button", { name: label }));
  expect(router.push).toHaveBeenCalledWith(`/runs/run-4/${to}`);
});

test("a run that is binned can be taken back", async () => {
  const { store } = await sheet(measured);
  fireEvent.click(screen.getByRole("button", { name: "Delete run" }));
  expect(store.getState().run.entities["run-4"]!.deletedAt).toBeDefined();
  expect(store.getState().undo.last?.label).toBe("Run 4 deleted.");
  expect(router.replace).toHaveBeenCalledWith("/runs");
});

test("a run planned by the model's first edition says so on its sheet, one planned since does not", async () => {
  const planned = run(1, measured);
  const first = { ...planned, plan: { ...planned.plan, edition: undefined } };
  const said = "by the model's first edition, as it was then";
  const { unmount } = renderWith(<RunSheetScreen run={first} />, [sampleStill(), first]);
  await act(async () => undefined);
  expect(screen.getByText(said)).toBeVisible();
  unmount();
  renderWith(<RunSheetScreen run={planned} />, [sampleStill(), planned]);
  await act(async () => undefined);
  expect(screen.queryByText(said)).not.toBeInTheDocument();
});

test("several runs are left out of learning in one step, counted in again, and taken back", () => {
  const { store } = renderWith(<RunsScreen />, [
    sampleStill(),
    run(1, measured),
    run(2, measured),
    run(3, measured),
  ]);
  fireEvent.click(screen.getByRole("button", { name: "More" }));
  fireEvent.click(screen.getByRole("button", { name: "Several at once" }));
  const sheet = within(screen.getByRole("dialog"));
  fireEvent.click(sheet.getByRole("button", { name: "Leave out of learning" }));
  expect(sheet.getByText("Tick at least one run.")).toBeVisible();
  fireEvent.click(sheet.getByRole("checkbox", { name: /^1 · / }));
  fireEvent.click(sheet.getByRole("button", { name: "Compare" }));
  expect(sheet.getByText("Nothing changed: tick 2 to 4 runs to compare.")).toBeVisible();
  fireEvent.click(sheet.getByRole("checkbox", { name: /^3 · / }));
  fireEvent.click(sheet.getByRole("button", { name: "Leave out of learning" }));
  const out = () =>
    [1, 2, 3].filter((number) => store.getState().run.entities[`run-${number}`]!.notToLearn);
  expect(out()).toEqual([1, 3]);
  expect(screen.queryByRole("dialog")).not.toBeInTheDocument();
  act(() => void store.dispatch(undoLast()));
  expect(out()).toEqual([]);
});

test("several runs are deleted in one step, but none while one of them is on the heat", () => {
  const { store } = renderWith(<RunsScreen />, [
    sampleStill(),
    run(1, measured),
    run(2, [entryAt(0, { type: "lit" })]),
  ]);
  fireEvent.click(screen.getByRole("button", { name: "More" }));
  fireEvent.click(screen.getByRole("button", { name: "Several at once" }));
  const sheet = within(screen.getByRole("dialog"));
  fireEvent.click(sheet.getByRole("checkbox", { name: "All 2 shown" }));
  const press = () =>
    fireEvent.click(sheet.getByRole("button", { name: "Delete: the ticked runs" }));
  press();
  expect(sheet.getByText("Nothing changed: run 2 is on the heat.")).toBeVisible();
  const gone = () => store.getState().run.entities["run-1"]!.deletedAt !== undefined;
  expect(gone()).toBe(false);
  fireEvent.click(sheet.getByRole("checkbox", { name: /^2 · / }));
  press();
  expect(gone()).toBe(true);
});

/** A run's sheet as its route shows it: the run as it is in the logbook. */
function SheetOf({ id }: { id: string }) {
  const found = useAppSelector((state) => state.run.entities[id]);
  return found ? <RunSheetScreen run={found} /> : null;
}

test("a run that is left out says so on its page, and is counted in again from there", async () => {
  const { store } = renderWith(<SheetOf id="run-1" />, [
    sampleStill(),
    run(1, measured, { notToLearn: true }),
  ]);
  await act(async () => undefined);
  expect(screen.getByText("This run is left out of learning.")).toBeVisible();
  fireEvent.click(screen.getByRole("button", { name: "Count in again" }));
  expect(screen.queryByText("This run is left out of learning.")).not.toBeInTheDocument();
  expect(store.getState().run.entities["run-1"]!.notToLearn).toBeUndefined();
});

test("a search is saved with one tap, shown again with one, and removed", () => {
  const { store } = renderWith(<RunsScreen />, [sampleStill(), run(1, measured), run(2, [])]);
  expect(screen.queryByRole("group", { name: "Saved searches" })).not.toBeInTheDocument();
  fireEvent.click(screen.getByRole("radio", { name: "Measured" }));
  fireEvent.click(screen.getByRole("button", { name: "Save this search" }));
  expect(selectPreferences(store.getState()).searches).toEqual([
    { list: "runs", text: "", filter: "measured", sort: "number", down: true },
  ]);
  fireEvent.click(screen.getByRole("button", { name: "Measured: shown now. Show the whole list" }));
  expect(screen.getByRole("radio", { name: "All" })).toBeChecked();
  expect(screen.getByText(/^2 · /)).toBeVisible();
  fireEvent.click(screen.getByRole("button", { name: "Measured" }));
  expect(screen.queryByText(/^2 · /)).not.toBeInTheDocument();
  fireEvent.click(screen.getByRole("button", { name: "Remove this search" }));
  expect(selectPreferences(store.getState()).searches).toBeUndefined();
});

test("a double tap saves a search once; with no room left it says so", () => {
  const other = { list: "shelf" as const, text: "x", filter: "all", sort: "due", down: false };
  const { store } = renderWith(<RunsScreen />, [
    sampleStill(),
    run(1, measured),
    {
      ...defaultPreferences(),
      searches: Array.from({ length: 23 }, (_, i) => ({ ...other, text: `x${i}` })),
    },
  ]);
  const saved = () => selectPreferences(store.getState()).searches!;
  fireEvent.click(screen.getByRole("radio", { name: "Measured" }));
  const save = screen.getByRole("button", { name: "Save this search" });
  act(() => {
    save.click();
    save.click();
  });
  expect(saved()).toHaveLength(24);
  fireEvent.click(screen.getByRole("radio", { name: "Not finished" }));
  expect(screen.getByText("No more searches can be saved. Remove one first.")).toBeVisible();
  fireEvent.click(screen.getByRole("button", { name: "Measured" }));
  fireEvent.click(screen.getByRole("button", { name: "Remove this search" }));
  expect(saved()).toHaveLength(23);
});
