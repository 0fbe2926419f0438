import { fireEvent, screen } from "@testing-library/react";
import { useAppSelector } from "@/store/hooks";
import { renderWith } from "@/testing/renderWith";
import { defaultPreferences } from "@/records/setting";
import { sampleRun, sampleStill } from "@/testing/sampleRecords";
import { sampleTrial } from "@/testing/sampleShelf";
import { plantById } from "@/core/plant/catalogue";
import type { Plant } from "@/core/plant/plant";
import type { Method } from "@/core/still/methods";
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
  expect(screen.getByRole("button", { name: `${boxes.length} checks left` })).toBeDisabled();
  boxes.forEach((box) => fireEvent.click(box));
  expect(store.getState().run.entities["run-a"]!.checked).toHaveLength(boxes.length);
  fireEvent.click(screen.getByRole("button", { name: "Heat on" }));
  expect(store.getState().run.entities["run-a"]!.entries).toMatchObject([{ type: "lit" }]);
});

test("lighting with checks open takes a reason, and the reason stays in the log", () => {
  const { store } = renderWith(<Shown />, [sampleStill(), sampleRun()]);
  fireEvent.click(screen.getByRole("button", { name: "Start with checks unfinished" }));
  const lighting = screen.getByRole("button", { name: "Heat on" });
  expect(lighting).toBeDisabled();
  fireEvent.change(screen.getByLabelText("Reason"), {
    target: { value: "second charge of the day" },
  });
  fireEvent.click(screen.getByRole("button", { name: "Heat on" }));
  const [lit] = store.getState().run.entities["run-a"]!.entries;
  expect(lit).toMatchObject({ type: "lit", reason: "second charge of the day" });
  expect((lit as { open: string[] }).open.length).toBeGreaterThan(8);
});

test("what is not on this still is asked once", () => {
  const { store } = renderWith(<Shown />, [sampleStill(), sampleRun()]);
  const before = screen.getAllByRole("checkbox").length;
  fireEvent.click(screen.getByRole("button", { name: /^My still has none: Relief valve/ }));
  expect(screen.getAllByRole("checkbox")).toHaveLength(before - 1);
  expect(store.getState().still.entities["still-a"]!.notHere).toEqual(["relief"]);
  fireEvent.click(screen.getByRole("button", { name: "Ask again" }));
  expect(screen.getAllByRole("checkbox")).toHaveLength(before);
});

test("a half of a trial is told before its heat what else it differs in, and when nothing is tried", () => {
  const pair = [
    { runId: "run-a", side: "b" as const, pair: 1 },
    { runId: "run-b", side: "a" as const, pair: 1 },
  ];
  const other = { ...sampleRun([], "run-b"), number: 7, stillId: "still-b" };
  const trial = sampleTrial({ runs: pair });
  const { unmount } = renderWith(<Shown />, [sampleStill(), sampleRun(), other, trial]);
  expect(screen.getByText(/this is “wilted”, half of pair 1/)).toBeVisible();
  expect(screen.getByText(/Planned unlike run 7 also in the still\./)).toBeVisible();
  unmount();
  const alike = { ...other, stillId: "still-a" };
  const { unmount: leave } = renderWith(<Shown />, [sampleStill(), sampleRun(), alike, trial]);
  expect(screen.getByText(/Planned like run 7 in what is tried, too: its state\./)).toBeVisible();
  leave();
  const wilted = { ...alike, state: "wilted" as const };
  renderWith(<Shown />, [sampleStill(), sampleRun(), wilted, trial]);
  expect(screen.getByText(/this is “wilted”, half of pair 1/)).toBeVisible();
  expect(screen.queryByText(/Planned (un)?like/)).not.toBeInTheDocument();
});

test("the list fits still, heat and method", () => {
  const ids = (part: Partial<Still>, method: Method, plant?: Plant) =>
    checklist({
      still: { ...sampleStill(), ...part },
      plan: { method },
      ice: "2 kg",
      ...(plant?.setsBelowC === undefined ? {} : { setsBelow: `${plant.setsBelowC} °C` }),
      water: "2 L",
      dryLine: "1 L",
      cooling: "1 L",
    }).map(({ id }) => id);
  const gas = ids({}, "steam");
  expect(gas).toEqual(expect.arrayContaining(["flame", "seat", "path", "relief", "ice", "stay"]));
  expect(gas).not.toContain("mains");
  const glass = ids(
    {
      metal: "glass",
      construction: "flask",
      heat: { kind: "plate", powerW: 1000 },
      condenser: { kind: "tap", riseK: 25 },
    },
    "hydro",
    plantById("anise"),
  );
  expect(glass).toEqual(expect.arrayContaining(["chips", "mains", "fill", "flow", "setting"]));
  expect(glass).not.toContain("seat");
  expect(ids({ construction: "bowl" }, "bowl")).not.toContain("relief");
});

test.each([
  ["metric", /^Cooling water is warmer than \d+(\.\d)? °C$/],
  ["us", /^Cooling water is warmer than \d+(\.\d)? °F$/],
] as const)(
  "an oil that sets asks for warm water in the person's own degrees (%s)",
  (units, said) => {
    const anise = { ...sampleRun(), plantId: "anise", state: "dried" as const };
    renderWith(<Shown />, [sampleStill(), anise, { ...defaultPreferences(), units }]);
    expect(screen.getByRole("checkbox", { name: said })).toBeVisible();
  },
);
