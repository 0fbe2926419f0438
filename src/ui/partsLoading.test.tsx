import { act, render, screen } from "@testing-library/react";
import { usePartsMissing, withRetries } from "./partsLoading";

function Missing() {
  return <p>{usePartsMissing() ? "away" : "all here"}</p>;
}

test("a part that does not come is asked for again until it does, and that is said meanwhile", async () => {
  jest.useFakeTimers();
  let tries = 0;
  const load = withRetries(async () => {
    tries += 1;
    if (tries < 4) throw new Error("no network");
  });
  render(<Missing />);
  expect(screen.getByText("all here")).toBeVisible();
  const loaded = load("plan.js");
  await act(async () => void (await jest.advanceTimersByTimeAsync(100)));
  expect(screen.getByText("away")).toBeVisible();
  await act(async () => void (await jest.advanceTimersByTimeAsync(600)));
  expect(tries).toBe(2);
  /* The device says that it is connected again: nobody waits for the pause to end. */
  await act(async () => void window.dispatchEvent(new Event("online")));
  expect(tries).toBe(3);
  await act(async () => void (await jest.advanceTimersByTimeAsync(5000)));
  await loaded;
  expect(screen.getByText("all here")).toBeVisible();
  jest.useRealTimers();
});
