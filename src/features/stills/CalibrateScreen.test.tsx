import { cleanup, fireEvent, screen, within } from "@testing-library/react";
import type { Still } from "@/records/still";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { sampleStill } from "@/testing/sampleRecords";
import { CalibrateScreen } from "./CalibrateScreen";

beforeEach(() => {
  router.params = { id: "still-a" };
});

function open(still: Still = sampleStill()) {
  router.params = { id: "still-a" };
  const { store } = renderWith(<CalibrateScreen />, [still]);
  return () => store.getState().still.entities["still-a"]!;
}
const type = (name: string | RegExp, value: string) =>
  fireEvent.change(screen.getByRole("textbox", { name }), { target: { value } });
function measured(water: string, boil: string, rate: string) {
  type("Water in the pot", water);
  type("It was at", "14");
  type("From heat on to a full boil", boil);
  type(/^Distillate in a minute/, rate);
}
const keepIt = () => screen.getByRole("button", { name: "Save calibration" });

test("three readings become the still's own figures, beside the usual ones", () => {
  const still = open();
  expect(keepIt()).toBeDisabled();
  expect(screen.getByText(/Until then: \d+ % and [\d.]+ W\/°C, as is usual\./)).toBeVisible();
  measured("3", "19", "21");
  const table = within(screen.getByRole("table", { name: "Usual and measured" }));
  for (const row of ["Reaches the pot", "Lost to the room", "First drop of 500 g", "Flow"])
    expect(table.getByText(row)).toBeVisible();
  fireEvent.click(keepIt());
  const { heat, lossWPerK, calibration } = still();
  expect(heat.efficiency).toBeGreaterThan(0.2);
  expect(heat.efficiency).toBeLessThan(1);
  expect(lossWPerK).toBeGreaterThan(0);
  expect(calibration).toMatchObject({ waterMl: 3000, startC: 14, minutesToBoil: 19 });
  expect(router.replace).toHaveBeenCalledWith("/bench/stills/still-a");
});

test("a slower boil of the same water means that less heat reaches the pot", () => {
  const share = (boil: string, rate: string) => {
    const still = open();
    measured("3", boil, rate);
    fireEvent.click(keepIt());
    return still().heat.efficiency!;
  };
  const quick = share("19", "21");
  cleanup();
  expect(share("23", "16")).toBeLessThan(quick);
});

test("readings that no still could give are refused in the person's words", () => {
  open();
  measured("3", "2", "21");
  expect(screen.getByRole("alert")).toHaveTextContent(/The time to boil|more heat than/);
  expect(keepIt()).toBeDisabled();
  type("From heat on to a full boil", "soon");
  expect(screen.getByText(/is not a number/)).toBeVisible();
  expect(keepIt()).toBeDisabled();
});

test("a calibration can be taken away again: the usual figures stand", () => {
  const still = open({
    ...sampleStill(),
    heat: { ...sampleStill().heat, efficiency: 0.41 },
    lossWPerK: 2.2,
    calibration: {
      on: "2026-04-01T08:00:00.000Z",
      waterMl: 3000,
      startC: 12,
      minutesToBoil: 22,
      rateMlPerMin: 20,
    },
  });
  expect(screen.getByRole("textbox", { name: "Water in the pot" })).toHaveValue("3");
  fireEvent.click(screen.getByRole("button", { name: "Back to the usual" }));
  expect(still().calibration).toBeUndefined();
  expect(still().heat.efficiency).toBeUndefined();
  expect(still().lossWPerK).toBeUndefined();
});

test("a still that is not in this logbook says so", () => {
  router.params = { id: "still-z" };
  renderWith(<CalibrateScreen />, [sampleStill()]);
  expect(screen.getByText(/^This still is not in this logbook\./)).toBeVisible();
});
