import type { NumberInput } from "@/core/units/numberInput";
import { act, fireEvent, render, screen } from "@testing-library/react";
import { useState } from "react";
import { FormArea } from "./FormArea";
import { NumberField } from "./NumberField";

let heard: string[] = [];
let sent = 0;

function Field() {
  const [value, setValue] = useState<NumberInput>({ text: "", unit: "g" });
  return (
    <FormArea onSubmit={() => (sent += 1)}>
      <NumberField
        heavy
        label="I have"
        value={value}
        onChange={(next) => {
          heard.push(`${next.text} ${next.unit}`);
          setValue(next);
        }}
        choices={["g", "kg"]}
      />
    </FormArea>
  );
}

const field = () => screen.getByRole("textbox", { name: "I have" });
const type = (text: string) => fireEvent.change(field(), { target: { value: text } });

beforeEach(() => {
  jest.useFakeTimers();
  [heard, sent] = [[], 0];
  render(<Field />);
});
afterEach(() => jest.useRealTimers());

test("what is typed stands at once and is reckoned with after a pause, once", () => {
  for (const text of ["6", "60", "600"]) {
    type(text);
    expect(field()).toHaveValue(text);
    act(() => void jest.advanceTimersByTime(60));
  }
  expect(heard).toEqual([]);
  act(() => void jest.advanceTimersByTime(200));
  expect(heard).toEqual(["600 g"]);
  expect(field()).toHaveValue("600");
});

test("leaving the field hands it on at once, so that a unit picked next is that of these digits", () => {
  type("60");
  fireEvent.blur(field());
  fireEvent.change(screen.getByLabelText("I have: unit"), { target: { value: "kg" } });
  expect(heard).toEqual(["60 g", "60 kg"]);
});

test("Enter hands on what still waits before it sends the form", () => {
  type("600");
  fireEvent.keyDown(field(), { key: "Enter" });
  expect([heard, sent]).toEqual([["600 g"], 1]);
});
