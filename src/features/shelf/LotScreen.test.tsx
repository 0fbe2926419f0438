import { emptiesLeft } from "@/logbook/shelf/empties";
import { act, fireEvent, screen, within } from "@testing-library/react";
import type { Bottle } from "@/records/bottle";
import type { Lot } from "@/records/lot";
import type { AnyRecord } from "@/records/record";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { sampleRun } from "@/testing/sampleRecords";
import { sampleHarvest } from "@/testing/sampleShelf";
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
  type("Bottle size", "5");
  type("Filled with", "5");
  await press("Add to shelf");
  const [made] = Object.values(store.getState().bottle.entities);
  expect(made).toMatchObject({ filledMl: 5, glass: "amber", closure: "dropper" });
  expect(made!.code).toMatch(/^[2-9A-Z]{3}-[2-9A-Z]{3}$/);
  expect(made!.bestBy).toBe("2028-01-16");
  expect(screen.getByRole("button", { name: "Bottle 3.0 mL" })).toBeVisible();
});

test("more than the bottle holds is refused", async () => {
  const store = open();
  await press("Bottle 8.0 mL");
  type("Bottle size", "5");
  type("Filled with", "8");
  await press("Add to shelf");
  expect(screen.getByText(/More than the bottle holds/)).toBeVisible();
  expect(Object.values(store.getState().bottle.entities)).toHaveLength(0);
});

test("what is taken out needs an amount that is there, and what it was for", async () => {
  const store = open(bottle);
  await press(/Use or loss of/);
  const sheet = within(screen.getByRole("dialog"));
  type("How much", "6");
  await press("Taken");
  expect(sheet.getByText(/Only 5\.0 mL are left by the log/)).toBeVisible();
  type("How much", "1,5");
  type("What for", "soap");
  await press("Taken");
  expect(Object.values(store.getState().use.entities)).toMatchObject([
    { bottleId: "bottle-a", amountMl: 1.5, purpose: "soap" },
  ]);
  expect(screen.getByText(/^3\.5 mL left in/)).toBeVisible();
});

test("whose plant it was has a share, told while one bottles and handed over with a tap", async () => {
  const store = open(
    { ...sampleRun([], "run-a"), harvestId: "harvest-a" },
    sampleHarvest({ whose: "Ines", theirShare: 0.25 }),
  );
  expect(screen.getByText("For Ines")).toBeVisible();
  await press("Bottle 8.0 mL");
  expect(screen.getByText(/8\.0 mL in no bottle yet\. 2\.0 mL of it is Ines’s\./)).toBeVisible();
  await press("Close");
  expect(await screen.findByRole("button", { name: /^Hand over/ })).toBeVisible();
  await press("Hand over Ines’s share");
  expect(screen.getByLabelText("How much")).toHaveValue("2");
  expect(screen.getByRole("radio", { name: "Ines" })).toBeChecked();
  await press("Taken");
  expect(Object.values(store.getState().use.entities)).toMatchObject([
    { lotId: "lot-a", amountMl: 2, way: "theirs", to: "Ines", purpose: "handed to its owner" },
  ]);
  expect(screen.getByText("2.0 mL, 2.0 mL handed over")).toBeVisible();
  expect(screen.queryByRole("button", { name: /^Hand over/ })).not.toBeInTheDocument();
  expect(screen.getByRole("button", { name: "Bottle 6.0 mL" })).toBeVisible();
  /* A gift is no share, and goes to nobody who was not named. */
  await press("Use or loss: of what is in no bottle");
  type("How much", "1");
  fireEvent.click(screen.getByRole("radio", { name: "Given away" }));
  expect(screen.getByLabelText("To whom")).toHaveValue("");
  await press("Taken");
  const [, gift] = Object.values(store.getState().use.entities);
  expect(gift).toMatchObject({ way: "gift", amountMl: 1 });
  expect(gift).not.toHaveProperty("to");
  expect(screen.getByText("2.0 mL, 2.0 mL handed over")).toBeVisible();
});

test("empties are proposed from, filled as they are told, and counted down", async () => {
  const store = open({
    ...base,
    version: 2,
    kind: "empty",
    id: "empty-a",
    sizeMl: 3,
    glass: "amber",
    closure: "dropper",
    count: 5,
    changes: [],
  });
  await press("Bottle 8.0 mL");
  expect(screen.getByText("2 × 3 mL amber; 1 × 3 mL amber, filled to 2.0 mL")).toBeVisible();
  await press("Fill these");
  const { bottle: bottles, empty } = store.getState();
  expect(Object.values(bottles.entities).map(({ filledMl }) => filledMl)).toEqual([3, 3, 2]);
  expect(emptiesLeft(empty.entities["empty-a"]!)).toBe(2);
  expect(screen.queryByRole("button", { name: /^Bottle/ })).not.toBeInTheDocument();
});

test("more than there is is asked, kept all the same, and the difference told", async () => {
  open();
  await press("Bottle 8.0 mL");
  type("Bottle size", "10");
  type("Filled with", "10");
  expect(screen.getByText(/2\.0 mL more than there is by the measures/)).toBeVisible();
  await press("Add to shelf");
  expect(screen.getByText(/2\.0 mL more than there was/)).toBeVisible();
});

test("a check is two taps, says what it comes to, and moves the best-by with its reason", async () => {
  const store = open(bottle);
  await press("Check it");
  await press("Save check");
  expect(screen.getByText(/Enter at least one thing/)).toBeVisible();
  fireEvent.click(screen.getByRole("radio", { name: "Sharp, like varnish" }));
  expect(screen.getByText(/Not on skin any more\. It smells sharp/)).toBeVisible();
  await press("Save check");
  expect(Object.values(store.getState().check.entities)).toMatchObject([
    { lotId: "lot-a", smell: "sharp" },
  ]);
  expect(screen.getByText(/^Not on skin any more on .*: best by/)).toBeVisible();
});

test("a gift says to whom only if wished; all of it is all of it", async () => {
  const store = open(bottle);
  await press(/Use or loss of/);
  await press("All of it");
  fireEvent.click(screen.getByRole("radio", { name: "Given away" }));
  type("To whom", "the neighbours");
  await press("Taken");
  expect(Object.values(store.getState().use.entities)).toMatchObject([
    { amountMl: 5, way: "gift", purpose: "given away", to: "the neighbours" },
  ]);
  expect(screen.getByText("Empty: LA-0504-O1-a")).toBeVisible();
});

test("a blend is a lot of its own, and each side knows the other", async () => {
  const other: Lot = { ...lot, id: "lot-b", code: "CS-0601-O1", plantId: "clarysage" };
  const store = open(bottle, other);
  await press("Blend it");
  await press("Pour together");
  expect(screen.getByLabelText("Name of the blend")).toBeInvalid();
  type("Name of the blend", "Evening");
  expect(screen.getByLabelText("Name of the blend")).not.toBeInvalid();
  type("Part 1, how much", "2");
  type("Part 2, how much", "9");
  await press("Pour together");
  expect(screen.getByText(/Only 8\.0 mL are left there/)).toBeVisible();
  type("Part 2, how much", "1");
  await press("Pour together");
  const blend = Object.values(store.getState().lot.entities).find(
    ({ name }) => name === "Evening",
  )!;
  expect(blend).toMatchObject({ origin: "blend", volumeMl: 3, plantId: "lavender", runIds: [] });
  expect(router.push).toHaveBeenCalledWith(`/shelf/${blend.id}`);
  expect(screen.getByText("Into a blend: Evening")).toBeVisible();
});
