import { act, fireEvent, screen } from "@testing-library/react";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { sampleHarvest } from "@/testing/sampleShelf";
import { router } from "@/testing/router";
import { HarvestScreen } from "./HarvestScreen";

const press = (name: string | RegExp) =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
    await Promise.resolve();
  });
const open = async () => {
  router.params = { id: "harvest-a" };
  jest.setSystemTime(Date.parse("2026-06-01T16:00:00Z"));
  const { store } = renderWith(<HarvestScreen />, [sampleHarvest()]);
  /* Its pictures are read. */
  await act(async () => {
    for (let i = 0; i < 5; i += 1) await Promise.resolve();
  });
  return store;
};
const weigh = async (text: string) => {
  fireEvent.change(screen.getByLabelText("All that lies here weighs"), { target: { value: text } });
  await press("Note the weight");
};

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("weighed again, its water follows, its state too, and the plan takes it as it is", async () => {
  const store = await open();
  await weigh("much");
  expect(screen.getByText(/is not a number/)).toBeVisible();
  await weigh("1000");
  expect(screen.getByText("60 %, at first 80 %")).toBeVisible();
  expect(screen.getByText(/1\.00 kg, wilted/)).toBeVisible();
  expect(screen.getByRole("img", { name: /80 % after .*, 60 % after/ })).toBeVisible();
  await press(/^Plan 1\.00 kg of it/);
  expect(store.getState().setting.entities["preferences"]!.planDraft).toMatchObject({
    plantId: "clarysage",
    state: "wilted",
    moistureText: "60",
    massText: "1000",
    harvestId: "harvest-a",
  });
});

test("heavier than before is asked; a weighing can be struck out", async () => {
  await open();
  await weigh("1500");
  jest.setSystemTime(Date.parse("2026-06-01T18:00:00Z"));
  await weigh("1900");
  expect(screen.getByText(/It weighs more than before/)).toBeVisible();
  await press(/^Leave out 1\.90/);
  expect(screen.queryByText(/It weighs more than before/)).not.toBeInTheDocument();
});

test("growth and weather are a tap each, place and owner are kept as they are left", async () => {
  const store = await open();
  fireEvent.click(screen.getByRole("radio", { name: "Full flower" }));
  fireEvent.click(screen.getByRole("radio", { name: "Rain" }));
  fireEvent.change(screen.getByLabelText("Place"), { target: { value: "lower terrace" } });
  fireEvent.blur(screen.getByLabelText("Place"));
  fireEvent.change(screen.getByLabelText("Dry days before"), { target: { value: "3" } });
  expect(store.getState().harvest.entities["harvest-a"]).toMatchObject({
    growth: "fullFlower",
    sky: "rain",
    place: "lower terrace",
    dryDays: 3,
  });
});

test("plants, area and row it was cut from are kept, and what it gave is told by each", async () => {
  router.params = { id: "harvest-a" };
  const lit = entryAt(0, { type: "lit" });
  const run = {
    ...sampleRun([lit, entryAt(90, { type: "separated", oilMl: 10 })]),
    harvestId: "harvest-a",
  };
  const { store } = renderWith(<HarvestScreen />, [sampleHarvest(), run]);
  await act(async () => {
    for (let i = 0; i < 5; i += 1) await Promise.resolve();
  });
  fireEvent.click(screen.getByRole("button", { name: /^How much it grew on/ }));
  const type = (label: string, text: string) =>
    fireEvent.change(screen.getByRole("textbox", { name: label }), { target: { value: text } });
  type("Plants", "0");
  expect(screen.getByText(/The plants must be at least 1/)).toBeVisible();
  type("Plants", "40");
  type("Area", "25");
  type("Length of row", "30");
  expect(store.getState().harvest.entities["harvest-a"]!.grewOn).toEqual({
    plants: 40,
    areaM2: 25,
    rowMm: 30_000,
  });
  expect(screen.getByText("What it gave")).toBeVisible();
  expect(screen.getByText("By the plant")).toBeVisible();
  expect(screen.getByText("By the hectare")).toBeVisible();
  expect(screen.getByText("By 100 m of row")).toBeVisible();
  type("Area", "");
  expect(screen.queryByText("By the hectare")).not.toBeInTheDocument();
});
