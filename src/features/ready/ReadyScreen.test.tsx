import { fireEvent, screen } from "@testing-library/react";
import { useAppSelector } from "@/store/hooks";
import { renderWith } from "@/testing/renderWith";
import { sampleRun, sampleStill } from "@/testing/sampleRecords";
import type { Still } from "@/records/still";
import { checklist } from "./checklist";
import { ReadyScreen } from "./ReadyScreen";

function Shown() {
  const run = useAppSelector((state) => state.run.entities["run-a"]);
  return run ? <ReadyScreen run={run} /> : null;
}

test("the heat goes on only once everything was seen, and ticks are kept", () => {
  const { store } = renderWith(<Shown />, [sampleStill(), sampleRun()]);
  const boxes = screen.getAllByRole("checkbox");
  expect(screen.getByRole("button", { name: `${boxes.length} still to see` })).toBeDisabled();
  boxes.forEach((box) => fireEvent.click(box));
  expect(store.getState().run.entities["run-a"]!.checked).toHaveLength(boxes.length);
  fireEvent.click(screen.getByRole("button", { name: "Heat on" }));
  expect(store.getState().run.entities["run-a"]!.entries).toMatchObject([{ type: "lit" }]);
});

test("the list fits still, heat and method", () => {
  const ids = (part: Partial<Still>, method: "steam" | "hydro") =>
    checklist({ ...sampleStill(), ...part }, method, "2 L", "1 L").map(({ id }) => id);
  const gas = ids({}, "steam");
  expect(gas).toEqual(expect.arrayContaining(["flame", "seat", "path", "relief"]));
  expect(gas).not.toContain("mains");
  const glass = ids(
    { metal: "glass", construction: "flask", heat: { kind: "plate", powerW: 1000 } },
    "hydro",
  );
  expect(glass).toEqual(expect.arrayContaining(["chips", "mains", "fill"]));
  expect(glass).not.toContain("seat");
});
