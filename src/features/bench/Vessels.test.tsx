import { act, fireEvent, screen } from "@testing-library/react";
import { useAppSelector } from "@/store/hooks";
import { selectVessels } from "@/store/selectors";
import { renderWith } from "@/testing/renderWith";
import { Vessels } from "./Vessels";

function Shown() {
  return <Vessels vessels={useAppSelector(selectVessels)} units="metric" />;
}
const press = (name: string) =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
  });

test("a vessel is measured once, kept with what it holds, and binned", async () => {
  const { store } = renderWith(<Shown />, []);
  expect(screen.getByText(/Measure each tube/)).toBeVisible();
  await press("Add a vessel");
  await press("Save");
  expect(screen.getByText(/Give the vessel a name/)).toBeVisible();
  fireEvent.change(screen.getByLabelText("Name"), { target: { value: "Tall tube" } });
  fireEvent.change(screen.getByLabelText("Widest, inside"), { target: { value: "30" } });
  await press("Save");
  expect(screen.getByText("Tall tube")).toBeVisible();
  expect(screen.getByText(/30.* across, 200.* high · 141 mL/)).toBeVisible();
  expect(Object.values(store.getState().vessel.entities)[0]).toMatchObject({
    vessel: "tube",
    diameterMm: 30,
    heightMm: 200,
  });
  await press("Delete Tall tube");
  expect(screen.queryByText("Tall tube")).toBeNull();
});

test("two arms ask for their step and their length", async () => {
  renderWith(<Shown />, []);
  await press("Add a vessel");
  fireEvent.change(screen.getByLabelText("What it is"), { target: { value: "twoArm" } });
  expect(screen.getByLabelText("Between the lips")).toBeVisible();
  expect(screen.getByLabelText("Arm that gathers oil")).toBeVisible();
});
