import { fireEvent, screen, within } from "@testing-library/react";
import { plants } from "@/core/plant/catalogue";
import { renderWith } from "@/testing/renderWith";
import { sampleOwnPlant, sampleRun } from "@/testing/sampleRecords";
import { selectPreferences } from "@/store/selectors";
import { PlantsScreen } from "./PlantsScreen";

const find = (text: string) =>
  fireEvent.change(screen.getByLabelText("Find"), { target: { value: text } });

const which = (group: string) =>
  fireEvent.change(screen.getByLabelText("Which plants"), { target: { value: group } });
const several = () => {
  fireEvent.click(screen.getByRole("button", { name: "More" }));
  fireEvent.click(screen.getByRole("button", { name: "Several at once" }));
};

test("plants are found by botanical name, group and own figures; nothing found says what to do", () => {
  renderWith(<PlantsScreen />, [sampleOwnPlant({ usualMinutes: 95 })]);
  find("salvia scl");
  expect(screen.getByText("Clary sage")).toBeVisible();
  expect(screen.queryByText("Peppermint")).not.toBeInTheDocument();
  which("zests");
  expect(screen.getByText(/No plant matches “salvia scl”/)).toBeVisible();
  find("");
  which("own");
  expect(screen.getByText("Clary sage")).toBeVisible();
  expect(screen.getByText("mL/kg, yours")).toBeVisible();
});

test("other kinds of one plant stand beside it, and those distilled for their water are there", () => {
  renderWith(<PlantsScreen />, []);
  find("thyme");
  for (const name of ["Garden thyme", "Thyme, linalool kind", "Thyme, geraniol kind"])
    expect(screen.getByText(name)).toBeVisible();
  find("sambucus");
  expect(screen.getByText("Elderflower")).toBeVisible();
  find("zzz");
  expect(screen.queryByText("Elderflower")).not.toBeInTheDocument();
  expect(plants.length).toBeGreaterThan(90);
});

/* The first link leads back. */
const rows = () => screen.getAllByRole("link").slice(1);
const firstShown = () => {
  const said = rows()[0]!.textContent;
  return plants.find(({ name, part }) => said.startsWith(name + part))!;
};

test("several plants become favourites in one step: first in the list, and a list of their own", () => {
  const { store } = renderWith(<PlantsScreen />, [sampleOwnPlant({ usualMinutes: 95 })]);
  find("sage");
  several();
  const sheet = within(screen.getByRole("dialog"));
  fireEvent.click(sheet.getByRole("button", { name: /^Favourite/ }));
  expect(sheet.getByText("Tick at least one plant.")).toBeVisible();
  fireEvent.click(sheet.getByRole("checkbox", { name: "Clary sage" }));
  fireEvent.click(sheet.getByRole("button", { name: /^Favourite/ }));
  expect(selectPreferences(store.getState()).favourites).toEqual(["clarysage"]);
  find("");
  expect(rows()[0]).toHaveTextContent("Clary sage ★");
  which("favourites");
  expect(rows()).toHaveLength(1);
  several();
  fireEvent.click(screen.getByRole("checkbox", { name: "Clary sage" }));
  fireEvent.click(screen.getByRole("button", { name: "Delete own figures" }));
  expect(
    Object.values(store.getState().material.entities).every(({ deletedAt }) => deletedAt),
  ).toBe(true);
});

test("plants are sorted by what was last distilled, by oil, by the shortest run", () => {
  renderWith(<PlantsScreen />, [{ ...sampleRun(), plantId: "yarrow" }]);
  const firstBy = (by: string) => {
    fireEvent.change(screen.getByLabelText("Sort by"), { target: { value: by } });
    return firstShown();
  };
  expect(firstBy("lately").id).toBe("yarrow");
  const shortest = Math.min(...plants.map(({ usualMinutes }) => usualMinutes));
  expect(firstBy("minutes").usualMinutes).toBe(shortest);
  const most = (plant: (typeof plants)[number]) =>
    (plant.states.fresh ?? plant.states.wilted ?? plant.states.dried)!.oilMlPerKg.high;
  expect(most(firstBy("oil"))).toBe(Math.max(...plants.map(most)));
});
