import { act, render, screen } from "@testing-library/react";
import { fetchPartAhead, usePartsMissing, withRetries, withSharedFirst } from "./partsLoading";

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

test("a part that nobody asked for yet is tried once and not told of; asked for, it is told of", async () => {
  jest.useFakeTimers();
  const load = withRetries(() => Promise.reject(new Error("no network")));
  render(<Missing />);
  await act(async () => {
    await expect(fetchPartAhead(() => load("shelf.js"))).rejects.toThrow("no network");
  });
  expect(screen.getByText("all here")).toBeVisible();
  await act(async () => {
    void load("shelf.js");
    await jest.advanceTimersByTimeAsync(100);
  });
  expect(screen.getByText("away")).toBeVisible();
  jest.useRealTimers();
});

test("what parts share comes before each part that needs it, and once it has failed no part comes without it", async () => {
  const asked: string[] = [];
  let shareArrives = () => {};
  const load = withSharedFirst(
    (path) => {
      asked.push(path);
      return path === "/shared.js"
        ? new Promise((resolve) => (shareArrives = resolve))
        : Promise.resolve();
    },
    { file: "/shared.js", alone: ["/first.js"] },
  );
  await load("/first.js");
  expect(asked).toEqual(["/first.js"]);
  const plan = load("/plan.js");
  await Promise.resolve();
  expect(asked).toEqual(["/first.js", "/shared.js"]);
  shareArrives();
  await plan;
  expect(asked).toEqual(["/first.js", "/shared.js", "/plan.js"]);
  const cut = withSharedFirst((path) => Promise.reject(new Error(path)), {
    file: "/shared.js",
    alone: [],
  });
  await expect(cut("/plan.js")).rejects.toThrow("/shared.js");
});
