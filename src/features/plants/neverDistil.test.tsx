import { fireEvent, screen } from "@testing-library/react";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { PlantFiguresScreen } from "./PlantFiguresScreen";

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
