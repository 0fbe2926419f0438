import { act, fireEvent, screen, within } from "@testing-library/react";
import type { Bottle } from "@/records/bottle";
import type { Lot } from "@/records/lot";
import type { AnyRecord } from "@/records/record";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { LotScreen } from "./LotScreen";

beforeEach(() => {
  router.params = { id: "lot-a" };
});

const stamp = "2026-05-04T08:00:00.000Z";
const base = { version: 1 as const, createdAt: stamp, updatedAt: stamp };
const lot: Lot = {
  ...base,
  kind: "lot",
  id: "lot-a",
  code: "LA-0504-O1",
  product: "oil",
  plantId: "lavender",
  runIds: ["run-a"],
  madeOn: "2026-05-04",
  volumeMl: 8,
};
const bottle: Bottle = {
  ...base,
  kind: "bottle",
  id: "bottle-a",
  code: "LA-0504-O1-a",
  lotId: "lot-a",
  sizeMl: 5,
  filledMl: 5,
  glass: "amber",
  storage: "cellar",
  bestBy: "2028-01-04",
};
const open = (...more: AnyRecord[]) => renderWith(<LotScreen />, [lot, ...more]).store;
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = (name: string | RegExp) =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
    await Promise.resolve();
  });

test("what is not bottled yet is offered, and a bottle gets its code and its day", async () => {
  const store = open();
  await press("Bottle 8.0 mL");
  type("Bottle holds", "5");
  type("Filled with", "5");
  await press("On the shelf");
  const [made] = Object.values(store.getState().bottle.entities);
  expect(made).toMatchObject({ code: "LA-0504-O1-a", filledMl: 5, bestBy: "2028-01-04" });
  expect(screen.getByRole("button", { name: "Bottle 3.0 mL" })).toBeVisible();
});

test("more than the bottle holds is refused", async () => {
  const store = open();
  await press("Bottle 8.0 mL");
  type("Bottle holds", "5");
  type("Filled with", "8");
  await press("On the shelf");
  expect(screen.getByText(/More than the bottle holds/)).toBeVisible();
  expect(Object.values(store.getState().bottle.entities)).toHaveLength(0);
});

test("what is taken out needs an amount that is there, and what it was for", async () => {
  const store = open(bottle);
  await press(/Take some/);
  const sheet = within(screen.getByRole("dialog"));
  type("How much", "6");
  await press("Taken");
  expect(sheet.getByText(/That is what is left in this bottle/)).toBeVisible();
  expect(sheet.getByText(/Say what it is for/)).toBeVisible();
  type("How much", "1,5");
  type("What for", "soap");
  await press("Taken");
  expect(Object.values(store.getState().use.entities)).toMatchObject([
    { bottleId: "bottle-a", amountMl: 1.5, purpose: "soap" },
  ]);
  expect(screen.getByText(/3\.5 mL/)).toBeVisible();
});
