import { screen } from "@testing-library/react";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { LitStills } from "./LitStills";

let mockMissing = true;
jest.mock("@/ui/partsLoading", () => ({ usePartsMissing: () => mockMissing }));
jest.mock("./StillWatch", () => ({
  __esModule: true,
  default: () => {
    throw new Promise(() => undefined);
  },
}));

const lit = [sampleStill(), sampleRun([entryAt(0, { type: "lit" })])];

test("a still on the heat that nothing watches yet, since the network is away, is told of", async () => {
  renderWith(<LitStills />, lit);
  expect(await screen.findByRole("alert")).toHaveTextContent("Watch them with your own eyes");
});

test("not while it is only on its way, nor where no still is on the heat", () => {
  renderWith(<LitStills />, [sampleStill(), sampleRun([])]);
  expect(screen.queryByRole("alert")).not.toBeInTheDocument();
  mockMissing = false;
  renderWith(<LitStills />, lit);
  expect(screen.queryByRole("alert")).not.toBeInTheDocument();
});
