import { fireEvent, screen, within } from "@testing-library/react";
import { plantById } from "@/core/plant/catalogue";
import type { AnyRecord } from "@/records/record";
import { preferencesId } from "@/records/setting";
import { fetchProse } from "@/store/useProse";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { sampleOwnPlant } from "@/testing/sampleRecords";
import { PlantScreen } from "./PlantScreen";

beforeAll(fetchProse);
beforeEach(() => {
  router.params = { id: "clarysage" };
});

function open(id: string, ...records: AnyRecord[]) {
  router.params = { id: id };
  return renderWith(<PlantScreen />, records).store;
}
const own = sampleOwnPlant({ usualMinutes: 95, oilLook: "pale green, like hay" });

test("a plant's page says when to cut it, what it holds in each state, and what to mind", () => {
  const book = plantById("clarysage")!;
  open("clarysage");
  expect(screen.getByRole("heading", { level: 1 })).toHaveTextContent(book.name);
  expect(screen.getByText(book.moment)).toBeVisible();
  const rows = within(screen.getByRole("table", { name: /by state/ })).getAllByRole("row");
  expect(rows.slice(1).map(({ textContent }) => textContent!.match(/^[a-z]+/)![0])).toEqual(
    Object.keys(book.states),
  );
  for (const hazard of book.hazards) expect(screen.getByText(hazard)).toBeVisible();
  expect(screen.getByText(/^0\.\d{3} g\/mL: it floats$/)).toBeVisible();
});

test("an oil that sinks says so", () => {
  open("clove");
  expect(screen.getByText(/^1\.0\d\d g\/mL: it sinks$/)).toBeVisible();
});

test("figures of the person's own stand out from the book's", () => {
  open("clarysage", own);
  expect(screen.getByText("1 h 35 min (yours)")).toBeVisible();
  expect(screen.getByText("pale green, like hay (yours)")).toBeVisible();
  expect(screen.getByText(/Figures marked “yours” replace the book's\./)).toBeVisible();
  fireEvent.click(screen.getByRole("button", { name: "My figures" }));
  expect(router.push).toHaveBeenCalledWith("/bench/plants/clarysage/figures");
});

test("a charge of it is planned from here, with nothing left over from the last plan", () => {
  const store = open("clarysage");
  fireEvent.click(screen.getByRole("button", { name: "Plan a charge" }));
  const setting = store.getState().setting.entities[preferencesId]!;
  expect(setting.planDraft).toMatchObject({ plantId: "clarysage", method: "", waterText: "" });
  expect(router.push).toHaveBeenCalledWith("/plan");
});

test("a plant that is not known says where it may be", () => {
  open("unicornwort");
  expect(screen.getByText(/It may be your own plant that was deleted\./)).toBeVisible();
});
