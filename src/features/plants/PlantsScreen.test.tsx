import { fireEvent, screen } from "@testing-library/react";
import { plants } from "@/core/plant/catalogue";
import { renderWith } from "@/testing/renderWith";
import { sampleOwnPlant } from "@/testing/sampleRecords";
import { PlantsScreen } from "./PlantsScreen";

const find = (text: string) =>
  fireEvent.change(screen.getByLabelText("Find"), { target: { value: text } });

test("plants are found by botanical name, group and own figures; nothing found says what to do", () => {
  renderWith(<PlantsScreen />, [sampleOwnPlant({ usualMinutes: 95 })]);
  find("salvia scl");
  expect(screen.getByText("Clary sage")).toBeVisible();
  expect(screen.queryByText("Peppermint")).not.toBeInTheDocument();
  fireEvent.click(screen.getByRole("radio", { name: "Zests" }));
  expect(screen.getByText(/No plant matches “salvia scl”/)).toBeVisible();
  find("");
  fireEvent.click(screen.getByRole("radio", { name: "With own figures" }));
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
