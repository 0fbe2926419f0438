import { act, screen } from "@testing-library/react";
import { renderWith } from "@/testing/renderWith";
import { router } from "@/testing/router";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { LitStills } from "./LitStills";

let mockMissing = false;
jest.mock("@/ui/partsLoading", () => ({ usePartsMissing: () => mockMissing }));
jest.mock("./StillWatch", () => ({
  __esModule: true,
  default: () => {
    throw new Promise(() => undefined);
  },
}));

/** A lavender still on the heat, or only planned, on some screen. */
async function on(path: string, entries = [entryAt(0, { type: "lit" })]) {
  router.path = path;
  renderWith(<LitStills />, [sampleStill(), sampleRun(entries)]);
  await act(async () => void jest.advanceTimersByTime(100));
}
const later = () => act(async () => void jest.advanceTimersByTime(5000));

beforeEach(() => {
  mockMissing = false;
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

test("a still on the heat that nothing watches, since the network is away, is told of at once", async () => {
  mockMissing = true;
  await on("/shelf");
  expect(screen.getByRole("alert")).toHaveTextContent("Watch them with your own eyes");
});

test("where the network only hangs it is told of after a moment, not while it is on its way", async () => {
  await on("/shelf");
  expect(screen.queryByRole("alert")).not.toBeInTheDocument();
  await later();
  expect(screen.getByRole("alert")).toHaveTextContent("Watch them with your own eyes");
});

test("nothing is told in the still's own cockpit, which watches it itself, nor with no still on the heat", async () => {
  mockMissing = true;
  await on("/runs/run-a/watch");
  await on("/shelf", []);
  await later();
  expect(screen.queryByRole("alert")).not.toBeInTheDocument();
});
