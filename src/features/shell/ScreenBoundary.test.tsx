import { fireEvent, render, screen } from "@testing-library/react";
import { router } from "@/testing/router";
import { ScreenBoundary } from "./ScreenBoundary";

let broken = true;
function Part() {
  if (broken) throw new Error("no compound is called moonstone");
  return <p>the screen</p>;
}

beforeEach(() => {
  broken = true;
  jest.spyOn(console, "error").mockImplementation(() => undefined);
});
afterEach(() => jest.restoreAllMocks());

test("a screen that fails says what happened, and offers Data and the way back", () => {
  const { rerender } = render(
    <ScreenBoundary path="/plan">
      <Part />
    </ScreenBoundary>,
  );
  expect(screen.getByRole("heading", { level: 1 })).toHaveTextContent("This screen failed");
  expect(screen.getByText(/no compound is called moonstone/)).toBeVisible();
  fireEvent.click(screen.getByRole("button", { name: "To Data" }));
  expect(router.push).toHaveBeenCalledWith("/bench/data");
  broken = false;
  rerender(
    <ScreenBoundary path="/runs">
      <Part />
    </ScreenBoundary>,
  );
  expect(screen.getByText("the screen")).toBeVisible();
});

test("it may be tried again in place", () => {
  render(
    <ScreenBoundary path="/plan">
      <Part />
    </ScreenBoundary>,
  );
  broken = false;
  fireEvent.click(screen.getByRole("button", { name: "Try again" }));
  expect(screen.getByText("the screen")).toBeVisible();
});

test("alarms that fail are said in their own place", () => {
  render(
    <ScreenBoundary path="/plan" instead={(problem) => <p>{`not watched: ${problem}`}</p>}>
      <Part />
    </ScreenBoundary>,
  );
  expect(screen.getByText("not watched: no compound is called moonstone")).toBeVisible();
});
