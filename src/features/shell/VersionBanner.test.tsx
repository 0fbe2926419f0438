import { fireEvent, screen } from "@testing-library/react";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { VersionBanner } from "./VersionBanner";

let mockWaiting = true;
const mockTake = jest.fn();
jest.mock("./serviceWorker", () => ({
  useNewVersion: () => mockWaiting,
  takeNewVersion: () => void mockTake(),
}));

beforeEach(() => {
  mockWaiting = true;
  mockTake.mockClear();
});

test("a newer version waits while a still is on the heat, and is taken with a tap when none is", () => {
  const { unmount } = renderWith(<VersionBanner />, [sampleRun([entryAt(0, { type: "lit" })])]);
  expect(screen.getByRole("status")).toHaveTextContent("It waits until no still is on the heat.");
  expect(screen.queryByRole("button")).toBeNull();
  unmount();
  renderWith(<VersionBanner />, [sampleRun()]);
  fireEvent.click(screen.getByRole("button", { name: "Use it now" }));
  expect(mockTake).toHaveBeenCalledTimes(1);
});

test("without a newer version nothing is said", () => {
  mockWaiting = false;
  renderWith(<VersionBanner />, []);
  expect(screen.queryByRole("status")).toBeNull();
});
