import { fireEvent, screen, within } from "@testing-library/react";
import { renderWith } from "@/testing/renderWith";
import { sampleStill } from "@/testing/sampleRecords";
import { CalculatorScreen } from "./CalculatorScreen";

/** A question's card, by its heading. */
const card = (question: string) =>
  within(screen.getByRole("heading", { name: question }).parentElement!);
const dilution = () => card("How much oil for a dilution?");
const choose = (plantId: string) =>
  fireEvent.change(dilution().getByLabelText("Plant"), { target: { value: plantId } });
const share = (percent: string) =>
  fireEvent.change(dilution().getByLabelText("Share of oil"), { target: { value: percent } });

test("each question of the calculator answers as it is typed, and says what is no number", () => {
  renderWith(<CalculatorScreen />, [sampleStill()]);
  const boil = card("Where does water boil here?");
  fireEvent.change(boil.getByLabelText("Altitude"), { target: { value: "2000" } });
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
  const percent = card("How much oil is that per cent?");
  fireEvent.click(percent.getByRole("radio", { name: "Volume in mass" }));
  expect(percent.getByText("12.0 mL/kg")).toBeVisible();
});

test("without a still the charge for an oil asks for one", () => {
  renderWith(<CalculatorScreen />, []);
  expect(card("What charge for so much oil?").getByText("Add a still first")).toBeVisible();
});

test("a wish that no charge can fulfil says why and what to do", () => {
  renderWith(<CalculatorScreen />, [sampleStill()]);
  const charge = card("What charge for so much oil?");
  fireEvent.change(charge.getByLabelText("Plant"), { target: { value: "linden" } });
  expect(charge.getByText("Not this way")).toBeVisible();
  expect(charge.getByText(/Choose with return|more than 500 charges/)).toBeVisible();
});

test("a dilution is held to the plant's cautious maximum, and to whose skin it is for", () => {
  renderWith(<CalculatorScreen />, []);
  share("1");
  expect(dilution().getByText(/^1\.0\d* mL$|^1 mL$/)).toBeVisible();
  choose("oregano");
  share("2");
  expect(dilution().getByText("Too much: 1.1 % at most")).toBeVisible();
  choose("lavender");
  fireEvent.click(dilution().getByRole("radio", { name: "The face" }));
  expect(dilution().getByText("Too much: 1 % at most")).toBeVisible();
  choose("pennyroyal");
  expect(dilution().getByText("None: not on skin")).toBeVisible();
  expect(dilution().getByText(/no dilution is cautious enough/)).toBeVisible();
});
