import { act, fireEvent, screen } from "@testing-library/react";
import type { Run } from "@/records/run";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { entryAt, sampleOwnPlant, sampleRun } from "@/testing/sampleRecords";
import { CompareScreen } from "./CompareScreen";

const run = (id: string, number: number, minutes: number, oilMl: number): Run => ({
  ...sampleRun([], id),
  number,
  entries: [
    entryAt(0, { type: "lit" }, `${id}1`),
    entryAt(20, { type: "firstDrop" }, `${id}2`),
    entryAt(35, { type: "reading", oilMl: oilMl * 0.7 }, `${id}3`),
    entryAt(20 + minutes, { type: "heatOff" }, `${id}4`),
    entryAt(
      300,
      { type: "separated", oilMl, hydrosolMl: minutes * 20, hydrosolSmell: id },
      `${id}5`,
    ),
  ],
});
const runs = [run("green", 1, 60, 4), run("sweet", 2, 90, 5), run("faint", 3, 60, 0)];

test("only what differs stands there, with how much the model explains and what it does not explain", () => {
  router.params = {};
  renderWith(<CompareScreen ids={["green", "sweet"]} />, runs);
  expect(screen.getByText("From first drop to heat off")).toBeVisible();
  expect(screen.getByText("Hydrosol’s smell")).toBeVisible();
  expect(screen.queryByText("Still")).not.toBeInTheDocument();
  expect(screen.getByRole("heading", { name: "Run 2 against run 1" })).toBeVisible();
  expect(screen.getByText("25 % more oil to the dry matter.")).toBeVisible();
  expect(screen.getByText("Time from the first drop")).toBeVisible();
  expect(screen.getByText("Not explained")).toBeVisible();
  expect(screen.getByText(/^(So much may differ by chance|More than chance)/)).toBeVisible();
});

test("yields stand on one basis, curves over the axis of one's choice", () => {
  renderWith(<CompareScreen ids={["green", "sweet"]} />, runs);
  fireEvent.click(screen.getByRole("radio", { name: "mL" }));
  expect(screen.getByText("4.00 mL")).toBeVisible();
  expect(
    screen.getByRole("img", { name: /, mL: run 1 ends at 4\.\d*, run 2 ends at/ }),
  ).toBeVisible();
  fireEvent.click(screen.getByRole("radio", { name: "Distillate, L/kg" }));
  expect(screen.getByText("distillate, L/kg")).toBeInTheDocument();
});

test("a run without oil has no ratio; one is added, one left out", async () => {
  const params: Record<string, string> = {};
  const setParams = jest.fn((next: Record<string, string>) => void Object.assign(params, next));
  Object.assign(router, { setParams });
  const { unmount } = renderWith(<CompareScreen ids={["green", "faint"]} />, runs);
  expect(screen.getByText("One of them gave nothing.")).toBeVisible();
  expect(screen.getByText(/cannot be compared/)).toBeVisible();
  fireEvent.change(screen.getByLabelText("Compare with which run?"), {
    target: { value: "sweet" },
  });
  expect(setParams).toHaveBeenCalledWith({ ids: "green,faint,sweet" });
  await act(async () => {
    fireEvent.click(screen.getByRole("button", { name: "Leave out run 3" }));
    await Promise.resolve();
  });
  expect(setParams).toHaveBeenCalledWith({ ids: "green" });
  unmount();
  renderWith(<CompareScreen ids={["nobody"]} />, []);
  expect(screen.getByText(/^Comparing takes two runs/)).toBeVisible();
});

test("a run that is not measured, and one whose plant's figures make no sense, blank no screen", () => {
  const open = { ...run("open", 4, 60, 4), entries: [] };
  const { unmount } = renderWith(<CompareScreen ids={["green", "open"]} />, [...runs, open]);
  expect(screen.getByText(/^These two cannot be reckoned/)).toBeVisible();
  expect(screen.getByText("not measured")).toBeVisible();
  unmount();
  const odd = sampleOwnPlant({ composition: { nobodysCompound: 1 } });
  renderWith(<CompareScreen ids={["green", "sweet"]} />, [
    ...runs,
    { ...odd, plantId: "lavender", like: "lavender" },
  ]);
  expect(screen.getByText(/^These two cannot be reckoned/)).toBeVisible();
});
