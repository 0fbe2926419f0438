import { act, fireEvent, screen, waitFor } from "@testing-library/react";
import type { AnyRecord } from "@/records/record";
import { testLabelFonts } from "@/testing/labelFontFiles";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { sampleBottle, sampleLot } from "@/testing/sampleShelf";
import { LabelsScreen } from "./LabelsScreen";
import { labelFonts } from "./labelFontFiles";

jest.mock("./labelFontFiles", () => ({ labelFonts: jest.fn() }));

const fontsThere = jest.mocked(labelFonts);
const shelf: AnyRecord[] = [
  sampleLot("a", { code: "K7Q-4MX" }),
  sampleBottle("a1", "a", 10, { code: "7H9-E3M" }),
  sampleBottle("a2", "a", 30, { code: "5DG-SVN" }),
  sampleLot("b", { plantId: "clarysage" }),
  sampleBottle("b1", "b", 5, { code: "92C-VMA" }),
];
const label = () => screen.findByRole("img", { name: /^Label: / });
async function open(params: { lot?: string } = {}, records = shelf) {
  router.params = params;
  const shown = renderWith(<LabelsScreen />, records);
  await act(async () => {
    await new Promise((done) => setTimeout(done, 30));
  });
  return shown;
}
const saved: string[] = [];
beforeEach(() => {
  saved.length = 0;
  fontsThere.mockImplementation(() => Promise.resolve(testLabelFonts()));
  Object.assign(URL, { createObjectURL: () => "blob:a", revokeObjectURL: () => undefined });
  jest.spyOn(HTMLAnchorElement.prototype, "click").mockImplementation(function (
    this: HTMLAnchorElement,
  ) {
    saved.push(this.download);
  });
});
afterEach(() => jest.restoreAllMocks());

test("the first label is drawn as it is edited, and says its words to a screen reader", async () => {
  const { store } = await open({ lot: "a" });
  expect(await label()).toHaveAccessibleName(/^Label: True lavender essential oil/);
  fireEvent.change(screen.getByLabelText("Another name"), { target: { value: "Upper field" } });
  expect(await label()).toHaveAccessibleName(/^Label: Upper field/);
  fireEvent.click(screen.getByRole("radio", { name: "Ledger" }));
  expect(store.getState().drafts["labels"]).toMatchObject({ design: "ledger" });
  expect(store.getState().drafts["labels/a"]).toMatchObject({ name: "Upper field" });
});

test("what has no room is named; a larger sheet takes it", async () => {
  await open({ lot: "a" });
  expect(await screen.findByText(/^No room at a size that can be read: /)).toBeVisible();
  fireEvent.change(screen.getByLabelText("Sheet"), { target: { value: "a4-8" } });
  await waitFor(() =>
    expect(screen.queryByText(/^No room at a size that can be read/)).not.toBeInTheDocument(),
  );
  fireEvent.change(screen.getByLabelText("Sheet"), { target: { value: "letter-80" } });
  fireEvent.change(screen.getByLabelText("Another name"), { target: { value: "W".repeat(90) } });
  expect(await screen.findByText(/it is cut short/)).toBeVisible();
});

test("only the bottles that are ticked are printed, and none is said", async () => {
  await open({ lot: "a" });
  expect(screen.getByRole("button", { name: "Save 2 labels as PDF" })).toBeEnabled();
  fireEvent.click(screen.getByRole("checkbox", { name: /7H9-E3M/ }));
  expect(screen.getByRole("button", { name: "Save one label as PDF" })).toBeEnabled();
  expect(await label()).toHaveAccessibleName(/5DG-SVN/);
  fireEvent.click(screen.getByRole("checkbox", { name: /5DG-SVN/ }));
  expect(screen.getByText(/Choose a bottle/)).toBeVisible();
  expect(screen.getByRole("button", { name: "Save 0 labels as PDF" })).toBeDisabled();
});

test("two ticks before anything is drawn anew are two ticks", async () => {
  await open({ lot: "a" });
  act(() => {
    screen.getByRole("checkbox", { name: /7H9-E3M/ }).click();
    screen.getByRole("checkbox", { name: /5DG-SVN/ }).click();
  });
  expect(screen.getByRole("button", { name: "Save 0 labels as PDF" })).toBeDisabled();
});

test("a place beyond the sheet keeps the file back until it is right", async () => {
  await open();
  fireEvent.change(screen.getByLabelText("Sheet"), { target: { value: "a4-65" } });
  fireEvent.change(screen.getByLabelText("First label goes to place"), { target: { value: "70" } });
  expect(screen.getByText("The first place can be 65 at most.")).toBeVisible();
  expect(screen.getByRole("button", { name: "Save 3 labels as PDF" })).toBeDisabled();
  fireEvent.change(screen.getByLabelText("First label goes to place"), { target: { value: "60" } });
  const save = screen.getByRole("button", { name: "Save 3 labels as PDF" });
  await act(async () => {
    fireEvent.click(save);
    await Promise.resolve();
  });
  await waitFor(() => expect(saved).toHaveLength(1), { timeout: 15000 });
  expect(saved[0]).toMatch(/^sereno-labels-.*\.pdf$/);
  fireEvent.click(screen.getByRole("button", { name: "This one as SVG" }));
  await waitFor(() => expect(saved).toHaveLength(2));
  expect(saved[1]).toMatch(/^sereno-label-[0-9A-Z-]{7}\.svg$/);
});

test("an own grid begins with the sheet's, and names the field that is wrong", async () => {
  await open();
  fireEvent.change(screen.getByLabelText("Sheet"), { target: { value: "a4-65" } });
  fireEvent.change(screen.getByLabelText("Sheet"), { target: { value: "own" } });
  expect(screen.getByLabelText("Labels across")).toHaveValue("5");
  fireEvent.change(screen.getByLabelText("Labels across"), { target: { value: "9" } });
  expect(screen.getByText(/^Labels across: The columns go beyond the paper/)).toBeVisible();
});

test("the sheet that is proposed is the smallest with all that a bottle needs", async () => {
  await open();
  const chosen = screen.getByLabelText<HTMLSelectElement>("Sheet").selectedOptions[0]!;
  expect(chosen).toHaveTextContent("Smallest that fits");
  expect(await screen.findByText(/^A4: (?!65)\d+ labels, /, { selector: "div" })).toBeVisible();
  await waitFor(() =>
    expect(
      screen.queryByText(/botanical name|the volume|the day it was made|the code|the cautions/),
    ).not.toBeInTheDocument(),
  );
});

test("no bottle, and a font that does not come, are told", async () => {
  fontsThere.mockImplementation(() => Promise.reject(new Error("404")));
  await open({}, []);
  expect(screen.getByText("There is no bottle that is not empty.")).toBeVisible();
  expect(screen.getByText(/Not done: Error: 404/)).toBeVisible();
  expect(screen.queryByText("Opening the type …")).not.toBeInTheDocument();
});
