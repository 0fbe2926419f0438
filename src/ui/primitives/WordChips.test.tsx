import { fireEvent, render, screen } from "@testing-library/react";
import { useState } from "react";
import { WordChips } from "./WordChips";

function Field({ start = "" }: { start?: string }) {
  const [value, setValue] = useState(start);
  return (
    <>
      <WordChips label="Words" words={["hay", "tea"]} value={value} onChange={setValue} />
      <output>{value}</output>
    </>
  );
}
const chip = (name: string) => screen.getByRole("checkbox", { name });
const said = () => screen.getByRole("status").textContent;

test("words are tapped into a text and out of it; what was typed beside them stays", () => {
  render(<Field start="damp, hay" />);
  expect(chip("hay")).toBeChecked();
  fireEvent.click(chip("tea"));
  expect(said()).toBe("damp, hay, tea");
  fireEvent.click(chip("hay"));
  expect(said()).toBe("damp, tea");
});

test("no words, no chips", () => {
  render(<WordChips label="Words" words={[]} value="" onChange={() => undefined} />);
  expect(screen.queryByRole("group")).not.toBeInTheDocument();
});
