import { act, fireEvent, screen, waitFor, within } from "@testing-library/react";
import type { ForecastRequest } from "@/core/forecast/request";
import type { AnyRecord } from "@/records/record";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { emptyDraft } from "@/records/planDraft";
import { defaultPreferences } from "@/records/setting";
import { sampleRun, sampleStill } from "@/testing/sampleRecords";
import { sampleHarvest, sampleTrial } from "@/testing/sampleShelf";
import { PlanScreen } from "./PlanScreen";

/* The worker's own forecast with fewer runs, on the page's thread; a test may keep it from answering. */
let mockFailure: string | undefined;
jest.mock("@/workers/forecastClient", () => ({
  openForecaster: () => ({
    ask: (request: ForecastRequest) => {
      const { forecastRun } = jest.requireActual<typeof import("@/core/forecast/forecastRun")>(
        "@/core/forecast/forecastRun",
      );
      return {
        answer: mockFailure
          ? Promise.reject(new Error(mockFailure))
          : Promise.resolve(forecastRun(request, { samples: 60, seed: 1 })),
        stop: () => undefined,
      };
    },
  }),
}));

beforeEach(() => {
  mockFailure = undefined;
});

const rest = () => act(async () => undefined);
async function open(...more: AnyRecord[]) {
  const opened = renderWith(<PlanScreen />, [sampleStill(), ...more]);
  await rest();
  return opened;
}
/** Types a plant's name and takes the first that is found. */
async function choosePlant(name: string): Promise<void> {
  const box = screen.getByRole("combobox", { name: "Plant" });
  await act(async () => void fireEvent.change(box, { target: { value: name } }));
  await act(async () => void fireEvent.keyDown(box, { key: "Enter" }));
}
const type = (name: string | RegExp, value: string) =>
  act(async () => {
    const field = screen.getByRole("textbox", { name });
    fireEvent.change(field, { target: { value } });
    fireEvent.blur(field);
  });
/** Opens the sheet behind a figure. */
const openDoor = (name: RegExp) =>
  act(async () => void fireEvent.click(screen.getByRole("button", { name })));
const shut = async () => {
  fireEvent.click(screen.getByRole("button", { name: "Close" }));
  await waitFor(() => expect(screen.queryByRole("dialog")).not.toBeInTheDocument());
};
const ready = () => screen.getByRole("button", { name: /Get ready|Fix the plan first/ });

test("without a still there is nothing to plan for yet", () => {
  renderWith(<PlanScreen />, []);
  expect(screen.getByText("First, your still")).toBeVisible();
  fireEvent.click(screen.getByRole("button", { name: "Add your still" }));
  expect(router.push).toHaveBeenCalledWith("/bench");
});

test("what is weighed becomes oil, hydrosol and times, each as a range", async () => {
  await open();
  await choosePlant("lavandula ang");
  expect(ready()).toBeDisabled();
  await type("Plant weight", "600");
  expect(screen.getByRole("heading", { level: 1 })).toHaveTextContent("True lavender, 600 g");
  expect(
    screen.getByRole("button", { name: /^\d\.\d mL oil, likely \d\.\d–\d\.\d$/ }),
  ).toBeVisible();
  expect(screen.getByRole("button", { name: /^First drop.*likely \d+(–\d+)? min$/ })).toBeVisible();
  await openDoor(/ mL oil, /);
  expect(screen.getByText(/^Likely .* mL\/kg distilled/)).toBeVisible();
  await shut();
  expect(ready()).toBeEnabled();
});

test("a planned charge is a run with its plan, and the field is free for the next", async () => {
  const { store } = await open();
  await choosePlant("lavandula ang");
  await type("Plant weight", "600");
  await act(async () => void fireEvent.click(ready()));
  const [run] = Object.values(store.getState().run.entities);
  expect(run).toMatchObject({ plantId: "lavender", state: "fresh", entries: [] });
  expect(run!.plan).toMatchObject({ chargeG: 600, method: "steam" });
  expect(run!.plan.forecast.visibleMl.p90).toBeGreaterThan(run!.plan.forecast.visibleMl.p10);
  expect(router.push).toHaveBeenCalledWith(`/runs/${run!.id}/ready`);
  expect(screen.getByRole("textbox", { name: "Plant weight" })).toHaveValue("");
});

test("more than the still holds is split into charges", async () => {
  await open();
  await choosePlant("lavandula ang");
  await type("Plant weight", "4000");
  expect(screen.getByText(/^Plan, \d charges$/)).toBeVisible();
  expect(screen.getByRole("button", { name: /^All \d charges/ })).toBeVisible();
});

test("what is no weight is said at its field, and nothing is planned", async () => {
  await open();
  await type("Plant weight", "some");
  expect(screen.getByText(/some.* is not a number/)).toBeVisible();
  expect(screen.getByText("Choose the plant")).toBeVisible();
  expect(ready()).toBeDisabled();
});

test("a pot that would boil dry cannot be made ready until a tap mends it", async () => {
  await open();
  await choosePlant("lavandula ang");
  await type("Plant weight", "600");
  await openDoor(/^water:/);
  await type("Water in the pot", "900");
  await shut();
  const danger = screen.getAllByRole("alert").find(({ textContent }) => /dry/i.test(textContent!));
  expect(danger).toBeDefined();
  expect(ready()).toHaveTextContent("Fix the plan first");
  expect(ready()).toBeDisabled();
  const remedy = within(danger!).getAllByRole("button")[0]!;
  await act(async () => void fireEvent.click(remedy));
  expect(ready()).toBeEnabled();
  expect(screen.getByRole("table", { name: "Before and after" })).toBeVisible();
});

test("what is wanted says how much to cut", async () => {
  await open();
  await choosePlant("lavandula ang");
  await act(async () => void fireEvent.click(screen.getByRole("radio", { name: "Oil I want" })));
  expect(screen.getByText("Enter how much you want")).toBeVisible();
  await type("Oil I want", "12");
  const takes = () => screen.getByText(/^You need about .* of True lavender/).textContent!;
  const kilograms = () => Number(/about ([\d.]+) kg/.exec(takes())![1]);
  const forTwelve = kilograms();
  await type("Oil I want", "24");
  expect(kilograms() / forTwelve).toBeGreaterThan(1.8);
  expect(kilograms() / forTwelve).toBeLessThan(2.2);
  expect(ready()).toBeEnabled();
});

test("a forecast that cannot be played says why; the middle of the plan still stands", async () => {
  mockFailure = "the forecast's worker stopped";
  await open();
  await choosePlant("lavandula ang");
  await type("Plant weight", "600");
  expect(screen.getByText(/could not be calculated: the forecast's worker stopped/)).toBeVisible();
  expect(screen.getByRole("button", { name: / mL oil, likely …$/ })).toBeVisible();
  expect(ready()).toBeDisabled();
});

test("more than a harvest has left is said, and a trial's charge knows its side and can leave it", async () => {
  const other = { runId: "run-z", side: "a" as const, pair: 2 };
  const trial = sampleTrial({ runs: [other] });
  const draft = {
    ...emptyDraft("metric"),
    plantId: "clarysage",
    harvestId: "harvest-a",
    massText: "2600",
    trialId: "trial-a",
    trialSide: "b" as const,
    trialPair: "2",
  };
  const { store } = await open(sampleHarvest(), trial, sampleRun([], "run-z"), {
    ...defaultPreferences(),
    planDraft: draft,
  });
  expect(screen.getByText(/600 g more than the harvest has left/)).toBeVisible();
  await type("Plant weight", "600");
  expect(screen.queryByText(/more than the harvest has left/)).not.toBeInTheDocument();
  expect(screen.getByText(/this is “wilted”, half of pair 2/)).toBeVisible();
  expect(screen.getByText(/^Keep equal: the plant, /)).toBeVisible();
  expect(screen.getByText(/^Planned unlike run 1 also in the plant/)).toBeVisible();
  await act(async () => void fireEvent.click(ready()));
  const kept = store.getState().trial.entities["trial-a"]!;
  expect(kept.runs).toMatchObject([other, { side: "b", pair: 2 }]);
  expect(store.getState().run.entities[kept.runs[1]!.runId]).toBeDefined();
});

test("a charge can be taken out of its trial before it is made ready", async () => {
  const draft = { ...emptyDraft("metric"), plantId: "lavender", trialId: "gone", massText: "500" };
  await open({ ...defaultPreferences(), planDraft: draft });
  /* A trial that is closed or binned asks nothing of a charge. */
  expect(screen.queryByText(/For the trial/)).not.toBeInTheDocument();
});

test("twelve of something that was never weighed: one is weighed, and from then on it is counted", async () => {
  const { store } = await open();
  await type("Plant weight", "12 bundles of stems");
  expect(screen.getByText(/How much does one of the bundles of stems weigh\?/)).toBeVisible();
  await type("One bundle of stems weighs", "50");
  await act(async () => void fireEvent.click(screen.getByRole("button", { name: "Save weight" })));
  expect(screen.getByText(/12 × bundle of stems, 50.0 g each: 600 g/)).toBeVisible();
  expect(Object.values(store.getState().measure.entities)).toMatchObject([{ massG: 50 }]);
});

test("without a scale the still is filled, and says what it likely takes", async () => {
  await open();
  await choosePlant("lavandula ang");
  fireEvent.click(screen.getByRole("radio", { name: "A full still" }));
  expect(screen.getByText(/^Full, the still takes about .* \(.* to .*\)\./)).toBeVisible();
});

test("a stop about craft gives way to a reason, a stop about danger does not", async () => {
  await open();
  await choosePlant("lavandula ang");
  await type("Plant weight", "3000");
  await openDoor(/^headspace:/);
  await type("Charges", "1");
  await shut();
  expect(ready()).toHaveTextContent("Fix the plan first");
  await type("My reason to go on", "it always went well");
  await waitFor(() => expect(ready()).toHaveTextContent("Get ready"));
  await openDoor(/^water:/);
  await type("Water in the pot", "500");
  await shut();
  await waitFor(() => expect(ready()).toHaveTextContent("Fix the plan first"));
});
