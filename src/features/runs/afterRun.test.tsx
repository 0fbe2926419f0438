import { act, fireEvent, screen } from "@testing-library/react";
import { useAppSelector } from "@/store/hooks";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { RunSheetScreen } from "./RunSheetScreen";

const mockAnswers = jest.fn();
jest.mock("@/workers/fitClient", () => ({ fit: (question: unknown) => mockAnswers(question) }));

const measured = [
  entryAt(0, { type: "lit" }),
  entryAt(21, { type: "boiling" }),
  entryAt(25, { type: "firstDrop" }),
  entryAt(29, { type: "reading", oilMl: 0.9, outletC: 70 }),
  entryAt(32, { type: "reading", oilMl: 1.4 }),
  entryAt(34, { type: "heatOff" }),
  entryAt(120, { type: "separated", oilMl: 1.7, hydrosolMl: 130 }),
];
const range = (p50: number) => ({ p10: p50 * 0.8, p50, p90: p50 * 1.2 });
const fitted = {
  parameters: {
    oilMlPerKg: range(6),
    freeShare: range(0.5),
    releasePerMinute: range(0.02),
    waterSaturation: range(0.7),
    rateMlPerMin: range(12),
  },
  correlations: {},
  curve: [0, 20, 40].map((minutes) => ({
    minutes,
    distillateMl: minutes * 12,
    oilMl: range(0.08 * minutes),
  })),
  misfit: 0.6,
};

function Shown() {
  const run = useAppSelector((state) => state.run.entities["run-a"]);
  return run ? <RunSheetScreen run={run} /> : null;
}
async function show(entries = measured) {
  let shown!: ReturnType<typeof renderWith>;
  await act(async () => {
    shown = renderWith(<Shown />, [sampleStill(), sampleRun(entries)]);
  });
  return shown.store;
}

beforeEach(() => mockAnswers.mockReset().mockResolvedValue(fitted));

test("where the oil and the water went is drawn and said, and what explains the yield stands with its size", async () => {
  await show();
  expect(
    screen.getByRole("img", { name: /1\.7 mL in hand, .* left in the plant/ }),
  ).toBeInTheDocument();
  expect(screen.getByRole("img", { name: /went in; .* are in jars/ })).toBeInTheDocument();
  expect(screen.getByText("Stopped earlier than planned")).toBeVisible();
  expect(screen.getByText("Vapour left at a warm outlet")).toBeVisible();
  expect(screen.getByText(/It is your first run of this plant/)).toBeVisible();
});

test("what was drawn off later adds to the run's oil and to its lot, and can be taken back", async () => {
  const store = await show();
  fireEvent.click(screen.getByRole("button", { name: "Drew off more" }));
  fireEvent.change(screen.getByLabelText("Oil"), { target: { value: "0.4" } });
  await act(async () => {
    fireEvent.click(screen.getByRole("button", { name: "Add it" }));
  });
  expect(screen.getByText("2.1")).toBeVisible();
  const oil = Object.values(store.getState().lot.entities).find(({ product }) => product === "oil");
  expect(oil!.volumeMl).toBeCloseTo(2.1, 9);
});

test("readings of the oil are fitted, and taken over the plant's figures are the person's own", async () => {
  const store = await show();
  expect(mockAnswers).toHaveBeenCalledWith(
    expect.objectContaining({
      readings: [
        { minutes: 4, oilMl: 0.9 },
        { minutes: 7, oilMl: 1.4 },
      ],
    }),
  );
  expect(screen.getByText(/^likely .* mL\/kg$/)).toBeVisible();
  await act(async () => {
    fireEvent.click(screen.getByRole("button", { name: "Plan with these from now on" }));
  });
  const own = Object.values(store.getState().material.entities)[0]!;
  expect(own).toMatchObject({ plantId: "lavender", like: "lavender" });
  expect(own.own.states!.fresh!.oilMlPerKg.low).toBeLessThan(
    own.own.states!.fresh!.oilMlPerKg.high,
  );
  expect(own.own.source).toMatch(/readings of run 1/);
});

test("readings on no curve are said to be so, and are not to be taken over", async () => {
  mockAnswers.mockResolvedValue({ ...fitted, misfit: 9 });
  await show();
  expect(screen.getByText(/look at the log for a slip/)).toBeVisible();
  expect(screen.queryByRole("button", { name: /Plan with these/ })).toBeNull();
});

test("one reading teaches no more than the yield: nothing is fitted", async () => {
  await show(measured.filter(({ id }) => id !== "reading-32"));
  expect(mockAnswers).not.toHaveBeenCalled();
});
