import { type NumberInput, readNumber, toInput } from "@/core/units/numberInput";
import { fireEvent, render, screen } from "@testing-library/react";
import { useState } from "react";
import { answerMark } from "@/core/units/markMeaning";
import { NumberField } from "./NumberField";
import { numberField, optionalNumberField } from "./numberField";

function Field({ first }: { first: NumberInput }) {
  const [value, setValue] = useState(first);
  return (
    <NumberField label="Charge" value={value} onChange={setValue} choices={["g", "kg", "lb"]} />
  );
}

test("digits that were typed keep their face when the unit changes", () => {
  render(<Field first={{ text: "", unit: "g" }} />);
  fireEvent.change(screen.getByLabelText("Charge"), { target: { value: "2" } });
  fireEvent.change(screen.getByLabelText("Charge: unit"), { target: { value: "lb" } });
  expect(screen.getByLabelText("Charge")).toHaveValue("2");
});

test("a number that was there before is converted", () => {
  render(<Field first={toInput(1500, "g")} />);
  fireEvent.change(screen.getByLabelText("Charge: unit"), { target: { value: "kg" } });
  expect(screen.getByLabelText("Charge")).toHaveValue("1.5");
});

test("a number that could be two is asked about once, with a button for either", () => {
  render(<Field first={{ text: "", unit: "g" }} />);
  const field = screen.getByLabelText("Charge");
  fireEvent.change(field, { target: { value: "1.200" } });
  expect(screen.getByRole("alert")).toHaveTextContent("Is that 1200, or 1.2?");
  fireEvent.click(screen.getByRole("button", { name: "1200 g: Charge" }));
  expect(field).toHaveValue("1200");
  fireEvent.change(field, { target: { value: "2.500" } });
  expect(screen.queryByRole("alert")).toBeNull();
  expect(field).toHaveAccessibleDescription("= 2500 g");
  answerMark("pointSmall", undefined);
});

test("a problem stands under the field and is tied to it", () => {
  render(
    <NumberField
      label="Charge"
      value={{ text: "-1", unit: "g" }}
      onChange={() => undefined}
      choices={["g"]}
      problem="The charge must be above 0 g."
    />,
  );
  expect(screen.getByRole("alert")).toHaveTextContent("The charge must be above 0 g.");
  expect(screen.getByLabelText("Charge")).toHaveAccessibleDescription(
    "The charge must be above 0 g.",
  );
});

test("a range is told in the unit that was typed", () => {
  const range = { name: "Water", min: 0, max: 10000, above: true };
  expect(readNumber({ text: "12", unit: "L" }, range)).toEqual({
    ok: false,
    problem: "Water can be 10 L at most.",
  });
  expect(readNumber({ text: "0", unit: "L" }, range)).toEqual({
    ok: false,
    problem: "Water must be above 0 L.",
  });
  expect(numberField(range).safeParse({ text: "1,5", unit: "L" })).toEqual({
    success: true,
    data: 1500,
  });
  expect(optionalNumberField(range).parse({ text: " ", unit: "L" })).toBeUndefined();
});
