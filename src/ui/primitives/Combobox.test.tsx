import { act, fireEvent, render, screen } from "@testing-library/react";
import { useState } from "react";
import { Combobox, matching, type Found } from "./Combobox";

const options: Found<string>[] = [
  { value: "clary", label: "Clary sage, tops", detail: "Salvia sclarea", group: "Of late" },
  { value: "sage", label: "Sage, leaves", detail: "Salvia officinalis", group: "The book" },
  { value: "pine", label: "Scots pine, needles", detail: "Pinus sylvestris", group: "The book" },
];
const values = (typed: string | undefined) => matching(options, typed).map(({ value }) => value);

test("any of its names finds it, by the beginnings of words", () => {
  expect(values(undefined)).toEqual(["clary", "sage", "pine"]);
  expect(values("salvia off")).toEqual(["sage"]);
  /* What begins with it stands before what only holds it. */
  expect(values("SAGE")).toEqual(["sage", "clary"]);
  expect(values("age")).toEqual([]);
});

function Field() {
  const [value, setValue] = useState("sage");
  return <Combobox label="Plant" options={options} value={value} onChange={setValue} />;
}
const box = () => screen.getByRole<HTMLInputElement>("combobox", { name: "Plant" });
const press = (key: string) => act(async () => void fireEvent.keyDown(box(), { key }));

test("typed, gone through with the arrows, taken with Enter; left alone it stays as it was", async () => {
  render(<Field />);
  expect(box()).toHaveValue("Sage, leaves");
  await act(async () => void fireEvent.click(box()));
  expect(screen.getByText("The book")).toBeVisible();
  await press("Enter");
  expect(box()).toHaveValue("Sage, leaves");
  await act(async () => void fireEvent.change(box(), { target: { value: "s" } }));
  expect(screen.getAllByRole("option")).toHaveLength(3);
  await press("ArrowDown");
  await press("Enter");
  expect(box()).toHaveValue("Scots pine, needles");
  await act(async () => void fireEvent.change(box(), { target: { value: "nothing such" } }));
  expect(screen.getByText("Nothing is called that.")).toBeVisible();
  await press("Escape");
  await act(async () => void fireEvent.blur(box()));
  expect(box()).toHaveValue("Scots pine, needles");
});
