import { fireEvent, screen, within } from "@testing-library/react";
import { renderWith } from "@/testing/renderWith";
import { sampleOwnPlant, sampleStill } from "@/testing/sampleRecords";
import { CalculatorScreen } from "../calculator/CalculatorScreen";
import { PlantsScreen } from "../plants/PlantsScreen";

/** A question's card, by its heading. */
const card = (question: string) =>
  within(screen.getByRole("heading", { name: question }).parentElement!);

test("each question of the calculator answers as it is typed, and says what is no number", () => {
  renderWith(<CalculatorScreen />, [sampleStill()]);
  const boil = card("Where does water boil here?");
  fireEvent.change(boil.getByLabelText("Height above the sea"), { target: { value: "2000" } });
  expect(boil.getByText("93.3 °C")).toBeVisible();
  expect(card("How much ice for that?").getByText("7.6 kg of ice")).toBeVisible();
  const drops = card("How much are so many drops?");
  fireEvent.change(drops.getByLabelText("Drops"), { target: { value: "50" } });
  expect(drops.getByText("2.5 mL")).toBeVisible();
  fireEvent.change(drops.getByLabelText("Drops"), { target: { value: "many" } });
  expect(drops.getByText("–")).toBeVisible();
  expect(drops.getByRole("alert")).toHaveTextContent("is not a number");
  const dry = card("How long until it is dry?");
  fireEvent.change(dry.getByLabelText("In the pot"), { target: { value: "700" } });
  expect(dry.getByText("It is dry now: heat off, let it cool")).toBeVisible();
  const heat = card("How long until it boils?");
  fireEvent.change(heat.getByLabelText("Power"), { target: { value: "20" } });
  expect(heat.getByText("Never: the pot loses what this heat gives")).toBeVisible();
  const percent = card("What is that per cent in mL per kg?");
  fireEvent.click(percent.getByRole("radio", { name: "Volume in mass" }));
  expect(percent.getByText("12.0 mL/kg")).toBeVisible();
});

test("without a still the charge for an oil asks for one", () => {
  renderWith(<CalculatorScreen />, []);
  expect(card("What charge for so much oil?").getByText("Add a still first")).toBeVisible();
});

const own = sampleOwnPlant({ usualMinutes: 95 });

test("plants are found by botanical name, group and own figures; nothing found says what to do", () => {
  renderWith(<PlantsScreen />, [own]);
  fireEvent.change(screen.getByLabelText("Find"), { target: { value: "salvia scl" } });
  expect(screen.getByText("Clary sage")).toBeVisible();
  expect(screen.queryByText("Peppermint")).not.toBeInTheDocument();
  fireEvent.click(screen.getByRole("radio", { name: "Zests" }));
  expect(screen.getByText(/No plant matches “salvia scl”/)).toBeVisible();
  fireEvent.change(screen.getByLabelText("Find"), { target: { value: "" } });
  fireEvent.click(screen.getByRole("radio", { name: "With own figures" }));
  expect(screen.getByText("Clary sage")).toBeVisible();
  expect(screen.getByText("own figures")).toBeVisible();
});
