import { act, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { writeLogbook } from "@/exchange/logbookFile";
import type { AnyRecord } from "@/records/record";
import { keepAttachments } from "@/store/attachments";
import { opened } from "@/store/keepingSlice";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { DataScreen } from "./DataScreen";

let mockSaved: { name: string; text: string }[] = [];
jest.mock("@/exchange/download", () => ({
  handOver: async (name: string, text: string | Promise<string>) =>
    void mockSaved.push({ name, text: await text }),
}));

const later = "2026-05-05T08:00:00.000Z";
beforeEach(() => (mockSaved = []));

const press = (name: string | RegExp) =>
  act(async () => void fireEvent.click(screen.getByRole("button", { name })));

/** Gives the screen a file, as a person who has chosen one. */
async function give(name: string, text: string, size = text.length) {
  const file = { name, size, text: async () => text };
  const input = screen.getByLabelText("Logbook file");
  Object.defineProperty(input, "files", { value: [file], configurable: true });
  await act(async () => void fireEvent.change(input));
}
const fileOf = (...records: AnyRecord[]) => writeLogbook(records, new Date(later));

test("the whole logbook is saved as one file, the bin with it", async () => {
  renderWith(<DataScreen />, [sampleStill(), { ...sampleRun(), deletedAt: later }]);
  await press("Whole logbook");
  expect(mockSaved[0]!.name).toMatch(/^sereno-\d{4}-\d\d-\d\d\.json$/);
  const { format, records } = JSON.parse(mockSaved[0]!.text) as {
    format: string;
    records: AnyRecord[];
  };
  expect(format).toBe("sereno-logbook");
  expect(records.map(({ id }) => id).sort()).toEqual(["run-a", "still-a"]);
});

test("runs and bottles are saved as tables with their units in the header", async () => {
  renderWith(<DataScreen />, [sampleStill(), sampleRun([entryAt(0, { type: "lit" })])]);
  await press("Runs as CSV");
  await press("Bottles as CSV");
  await waitFor(() => expect(mockSaved).toHaveLength(2));
  const [runs, bottles] = mockSaved;
  expect(runs!.name).toMatch(/^sereno-runs-/);
  expect(runs!.text.split("\r\n")[0]).toMatch(/charge.*g/i);
  expect(runs!.text.split("\r\n")[1]).toContain("lavender");
  expect(bottles!.text.trim().split("\r\n")).toHaveLength(1);
});

test("a file is shown before it does anything, and what it did is one step back", async () => {
  const { store } = renderWith(<DataScreen />, [sampleStill()]);
  const renamed = { ...sampleStill(), name: "Grandmother's pot", updatedAt: later };
  await give("other.json", await fileOf(renamed, sampleRun()));
  const sheet = within(screen.getByRole("dialog"));
  expect(sheet.getByText("1 record added")).toBeVisible();
  expect(sheet.getByText("1 record changed")).toBeVisible();
  expect(sheet.getByText("Grandmother's pot")).toBeVisible();
  expect(store.getState().still.entities["still-a"]!.name).toBe(sampleStill().name);
  await press("Bring in");
  expect(store.getState().still.entities["still-a"]!.name).toBe("Grandmother's pot");
  expect(store.getState().run.entities["run-a"]).toBeDefined();
  expect(store.getState().undo.last).toMatchObject({ label: "2 records brought in." });
});

test("a file that holds nothing newer has nothing to bring in", async () => {
  renderWith(<DataScreen />, [sampleStill()]);
  await give("same.json", await fileOf(sampleStill()));
  expect(screen.getByText("1 record skipped: nothing new in them")).toBeVisible();
  expect(screen.getByRole("button", { name: "Nothing to bring in" })).toBeDisabled();
});

test("what is no logbook, or far too large for one, is refused by name and changes nothing", async () => {
  const { store } = renderWith(<DataScreen />, [sampleStill()]);
  const before = store.getState();
  await give("holiday.json", "{ half");
  expect(screen.getByRole("alert")).toHaveTextContent(
    /holiday\.json: .* not whole.*Nothing was changed\./,
  );
  await give("film.json", "", 600 * 1048576);
  expect(screen.getByRole("alert")).toHaveTextContent("film.json is 600 MB");
  expect(store.getState()).toBe(before);
  expect(screen.queryByRole("dialog")).not.toBeInTheDocument();
});

test("what was binned is named and comes back with one tap", async () => {
  const { store } = renderWith(<DataScreen />, [{ ...sampleStill(), deletedAt: later }]);
  await press(/^Bring back Copper pot/);
  expect(store.getState().still.entities["still-a"]!.deletedAt).toBeUndefined();
  expect(screen.getByText(/^Empty\. What you delete/)).toBeVisible();
});

test("a text that would not open can be saved, and is let go only when asked", async () => {
  const { store } = renderWith(<DataScreen />, []);
  const broken = { key: "run/run-z", text: "{ half", problem: "not JSON", at: later };
  act(() => void store.dispatch(opened({ later: 0, quarantined: [broken] })));
  expect(screen.getByText("not JSON")).toBeVisible();
  await press("Save them all");
  expect(JSON.parse(mockSaved[0]!.text)).toEqual([broken]);
  await press("Discard run/run-z");
  expect(screen.queryByText("not JSON")).not.toBeInTheDocument();
});

test("pictures go into the file if wished, and come in with it", async () => {
  const { store, backend, unmount } = renderWith(<DataScreen />, [sampleStill()]);
  unmount();
  await store.dispatch(keepAttachments([picture]));
  const again = renderWith(<DataScreen />, [sampleStill()], backend);
  const box = await screen.findByRole("checkbox", { name: /^With 1 picture or spoken note/ });
  expect(box).toBeChecked();
  await press("Whole logbook");
  await waitFor(() => expect(mockSaved).toHaveLength(1));
  expect(JSON.parse(mockSaved[0]!.text)).toMatchObject({ pictures: [picture] });
  fireEvent.click(box);
  await press("Whole logbook");
  await waitFor(() => expect(mockSaved).toHaveLength(2));
  expect(mockSaved[1]!.text).not.toContain("pictures");
  again.unmount();
  const empty = renderWith(<DataScreen />, []);
  await give("other.json", mockSaved[0]!.text);
  expect(screen.getByText("1 picture or spoken note")).toBeVisible();
  await press("Bring in");
  await waitFor(() => expect(empty.backend.texts.has("pictures/h/p")).toBe(true));
});

const picture = {
  id: "p",
  ofId: "h",
  at: "2026-07-18T08:00:00Z",
  type: "image/jpeg" as const,
  widthPx: 4,
  heightPx: 3,
  data: "QUJD",
};
