import { emptiesLeft } from "@/logbook/shelf/empties";
import { act, fireEvent, screen } from "@testing-library/react";
import { usualKeepingRule } from "@/core/shelf/bestBy";
import type { AnyRecord } from "@/records/record";
import { defaultPreferences, preferencesId, type Setting } from "@/records/setting";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { renderWith } from "@/testing/renderWith";
import { Empties } from "./Empties";
import { KeepingFields } from "./KeepingFields";
import { PriceFields } from "./PriceFields";

function Shown({ part: Part }: { part: (props: { preferences: Setting }) => React.ReactNode }) {
  return <Part preferences={useAppSelector(selectPreferences)} />;
}
function open(part: (props: { preferences: Setting }) => React.ReactNode) {
  const { store } = renderWith(<Shown part={part} />, []);
  return (): Setting => ({
    ...defaultPreferences(),
    ...store.getState().setting.entities[preferencesId],
  });
}
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = (name: string | RegExp) =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
    await Promise.resolve();
  });

test("each figure of the keeping rule is the person's to change, in its own bounds, and goes back", async () => {
  const setting = open(KeepingFields);
  expect(screen.getByLabelText("In the cellar")).toHaveValue("85");
  type("In the cellar", "70");
  type("Oils that keep long", "60");
  expect(setting().keepingRule).toEqual({ cellar: 0.7, longMonths: 60 });
  type("In the cellar", "170");
  expect(screen.getByText("In the cellar can be 100 at most.")).toBeVisible();
  type("Oils that keep long", "");
  expect(screen.getByText("Type a number.")).toBeVisible();
  expect(setting().keepingRule).toEqual({ cellar: 0.7, longMonths: 60 });
  await press("Back to the usual rule");
  expect(setting().keepingRule).toBeUndefined();
  expect(screen.getByLabelText("In the cellar")).toHaveValue(String(usualKeepingRule.cellar * 100));
});

test("prices and costs are kept as they are typed; emptied, they are none again", () => {
  const setting = open(PriceFields);
  type("Money", "€");
  type("Oil is worth", "1,6");
  type("Hydrosol is worth", "14");
  type("Your own hour", "12");
  expect(setting()).toMatchObject({
    prices: { currency: "€", oilPerMl: 1.6 },
    costs: { hydrosolPerL: 14, hourOfWork: 12 },
  });
  type("Hydrosol is worth", "");
  type("Plant", "-2");
  expect(screen.getByText("Plant must be at least 0.")).toBeVisible();
  expect(setting().costs!.hydrosolPerL).toBeUndefined();
  expect(setting().costs!.plantPerKg).toBeUndefined();
});

test("empties are told, changed, and binned; half a bottle is none", async () => {
  const { store } = renderWith(<Empties units="metric" />, [] as AnyRecord[]);
  const empties = () => Object.values(store.getState().empty.entities);
  expect(screen.getByText(/Enter the empty bottles/)).toBeVisible();
  await press("Add empties");
  type("One holds", "30");
  type("How many", "2.5");
  await press("Save");
  expect(screen.getByText("How many must be a whole number.")).toBeVisible();
  type("How many", "12");
  fireEvent.click(screen.getByRole("radio", { name: "Blue" }));
  await press("Save");
  expect(empties()).toMatchObject([{ sizeMl: 30, glass: "blue", closure: "cap", count: 12 }]);
  await press(/^Change the empties/);
  type("How many", "11");
  await press("Save");
  expect(empties().map(emptiesLeft)).toEqual([11]);
  await press(/^Delete the empties/);
  expect(screen.getByText(/Enter the empty bottles/)).toBeVisible();
});
