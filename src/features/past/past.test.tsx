import { act, fireEvent, screen, waitFor } from "@testing-library/react";
import type { ProbeTable } from "@/messages/probeTable";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { sampleStill } from "@/testing/sampleRecords";
import { undoLast } from "@/store/changes";
import { parseCsv } from "@/workers/csvClient";
import { PastRunScreen } from "./PastRunScreen";
import { PastTableScreen } from "./PastTableScreen";

jest.mock("@/workers/csvClient", () => ({ parseCsv: jest.fn() }));

const type = (label: string, value: string) =>
  act(async () => void fireEvent.change(screen.getByLabelText(label), { target: { value } }));
const press = (name: string | RegExp) =>
  act(async () => void fireEvent.click(screen.getByRole("button", { name })));
async function choosePlant(name: string) {
  const box = screen.getByRole("combobox", { name: "Plant" });
  await act(async () => void fireEvent.click(box));
  await act(async () => void fireEvent.change(box, { target: { value: name } }));
  await act(async () => void fireEvent.click(screen.getAllByRole("option")[0]!));
}

test("day, plant, weight and what it gave: a run of its own day, with its harvest and its lots", async () => {
  const { store } = renderWith(<PastRunScreen />, [sampleStill()]);
  await type("Day", "2026-06-14");
  await choosePlant("true lav");
  await type("Plant weight", "700");
  await type("Oil", "6.5");
  await type("Hydrosol", "800");
  await type("Heat off", "75 min");
  expect(screen.getByText("✓ How much oil this plant holds")).toBeVisible();
  expect(screen.getByText(/How long this still takes.*needs when the heat went on/)).toBeVisible();
  const save = screen.getByRole("button", { name: "Save run" });
  /* A wet thumb's second tap enters no second run. */
  await act(async () => {
    fireEvent.click(save);
    fireEvent.click(save);
  });
  expect(Object.keys(store.getState().run.entities)).toHaveLength(1);
  const { run, harvest, lot } = store.getState();
  const [only] = Object.values(run.entities);
  expect(only).toMatchObject({ plantId: "lavender", told: "withoutClock", number: 1 });
  expect(Object.values(harvest.entities)).toMatchObject([{ cutOn: "2026-06-14", massG: 700 }]);
  expect(Object.values(lot.entities).map((each) => [each!.product, each!.madeOn])).toEqual([
    ["oil", "2026-06-14"],
    ["hydrosol", "2026-06-14"],
  ]);
  expect(router.replace).toHaveBeenCalledWith(`/runs/${only!.id}`);
});

test("what is missing is said once Save is tapped, and what was typed stands", async () => {
  const { store } = renderWith(<PastRunScreen />, [sampleStill()]);
  await type("Heat on", "soon");
  expect(screen.getByText("Type a time, as 9:40, or a length, as 35 min.")).toBeVisible();
  expect(screen.queryByText("Say which plant it was.")).not.toBeInTheDocument();
  await press("Save run");
  expect(screen.getAllByText("Say which plant it was.")[0]).toBeVisible();
  expect(Object.keys(store.getState().run.entities)).toHaveLength(0);
  expect(store.getState().drafts.pastRun).toMatchObject({ heatOn: "soon" });
});

test("without a still the way to one is offered", () => {
  renderWith(<PastRunScreen />, []);
  expect(screen.getByRole("button", { name: "Add your still" })).toBeVisible();
});

const table: ProbeTable = {
  header: ["Date", "Plant", "Weight (kg)", "Oil mL", "Hydrosol (L)", "Duration", "Notes"],
  rows: [
    ["31/05/2026", "True lavender", "1.2", "7", "1,5", "75", "windy"],
    ["2026-06-02", "Lavandula angustifolia", "0.8", "", "0.9", "", ""],
    ["never", "True lavender", "1", "3", "1", "", ""],
    ["03/06/2026", "moon grass", "1", "3", "1", "", ""],
  ],
};

test("a notebook as a table: matched by its header, shown first, taken in and taken back in one step", async () => {
  jest.mocked(parseCsv).mockResolvedValue(table);
  const { store } = renderWith(<PastTableScreen />, [sampleStill()]);
  const file = Object.assign(new File(["x"], "book.csv"), { text: async () => "x" });
  await act(async () => {
    fireEvent.change(screen.getByLabelText("Table of past runs"), { target: { files: [file] } });
  });
  await waitFor(() => expect(screen.getByText("2 runs to take in")).toBeVisible());
  expect(screen.getByLabelText("Plant weight")).toHaveValue("Weight (kg)");
  expect(screen.getByText(/2 rows cannot be read\. Row 4: Say which day it was\./)).toBeVisible();
  await press("Take in 2 runs");
  const runs = () =>
    Object.values(store.getState().run.entities).filter((each) => !each?.deletedAt);
  expect(runs().map((each) => each!.plan.chargeG)).toEqual([1200, 800]);
  expect(store.getState().undo.last?.label).toBe("2 past runs entered.");
  act(() => void store.dispatch(undoLast()));
  expect(runs()).toHaveLength(0);
});
