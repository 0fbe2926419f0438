import { act, fireEvent, screen, within } from "@testing-library/react";
import { plantBook } from "@/logbook/plant/plantBook";
import { withProse } from "@/logbook/plant/withProse";
import { fetchProse } from "@/store/useProse";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { PlantFiguresScreen } from "./PlantFiguresScreen";

beforeAll(fetchProse);
beforeEach(() => {
  router.params = { id: "clarysage" };
});

/* Each line of the oil offers all compounds: many to draw on a busy machine. */

const type = (element: HTMLElement, value: string) => {
  fireEvent.change(element, { target: { value } });
  fireEvent.blur(element);
};
const part = (at: number) => within(screen.getByRole("group", { name: `Part ${at}` }));
/** Lets the form come to rest: it checks itself a moment after each change. */
const checked = () => act(async () => undefined);
const keep = () =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name: "Save figures" }));
    await Promise.resolve();
  });

test("density and layer follow from the oil's parts as they are typed", async () => {
  router.params = { id: "clarysage" };
  renderWith(<PlantFiguresScreen />, []);
  await checked();
  expect(screen.getByRole("status")).toHaveTextContent(
    "These come to 91 %. Density 0.890 g/mL: it floats",
  );
  fireEvent.change(part(1).getByLabelText("Part"), { target: { value: "eugenol" } });
  type(part(1).getByLabelText("Share"), "90");
  expect(screen.getByRole("status")).toHaveTextContent("more than the whole oil");
  for (let at = 7; at > 1; at -= 1)
    fireEvent.click(screen.getByRole("button", { name: `Remove part ${at}` }));
  expect(screen.getByRole("status")).toHaveTextContent(
    /These come to 90 %. Density 1\.0\d\d g\/mL: it sinks/,
  );
  await checked();
});

test("what is changed is kept as the person's own, the rest stays the book's", async () => {
  router.params = { id: "clarysage" };
  const { store } = renderWith(<PlantFiguresScreen />, []);
  type(screen.getByLabelText("Look and smell of the oil"), "pale green, like hay");
  type(screen.getByLabelText("One on each line"), "Not in pregnancy.\nNot before driving.");
  fireEvent.click(
    within(screen.getByRole("radiogroup", { name: "Froths in the water" })).getByRole("radio", {
      name: "Yes",
    }),
  );
  await keep();
  const kept = Object.values(store.getState().material.entities);
  expect(kept).toHaveLength(1);
  expect(kept[0]!.own).toEqual({
    oilLook: "pale green, like hay",
    hazards: ["Not in pregnancy.", "Not before driving."],
    froths: true,
  });
  const known = withProse(plantBook(kept).byId("clarysage")!, await fetchProse());
  expect(known.preparation).toContain("Cut the tops");
  expect(known.oilLook).toBe("pale green, like hay");
});

test("an oil of which no line is left is refused in words, and nothing is kept", async () => {
  router.params = { id: "clarysage" };
  const { store } = renderWith(<PlantFiguresScreen />, []);
  for (let at = 7; at > 0; at -= 1)
    fireEvent.click(screen.getByRole("button", { name: `Remove part ${at}` }));
  await keep();
  expect(screen.getByRole("alert")).toHaveTextContent("Name at least one part of the oil");
  expect(screen.getByText(/Not kept yet/)).toBeVisible();
  expect(Object.values(store.getState().material.entities)).toHaveLength(0);
});

test("a plant that nobody knows says so", () => {
  router.params = { id: "unicornwort" };
  renderWith(<PlantFiguresScreen />, []);
  expect(screen.getByText(/^This plant is not in this logbook\./)).toBeVisible();
});

test("an own plant that is not distilled at home is warned of as its name is typed", () => {
  router.params = {};
  renderWith(<PlantFiguresScreen />, []);
  expect(screen.queryByText(/not distilled at home/)).toBeNull();
  fireEvent.change(screen.getByLabelText("Name"), { target: { value: "Garden herb" } });
  fireEvent.change(screen.getByLabelText("Botanical name"), {
    target: { value: "Ruta graveolens" },
  });
  expect(screen.getByText(/not distilled at home\. It has killed women/)).toBeVisible();
  fireEvent.change(screen.getByLabelText("Botanical name"), { target: { value: "Thymus" } });
  expect(screen.queryByText(/not distilled at home/)).toBeNull();
});
