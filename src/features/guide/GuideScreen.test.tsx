import { fireEvent, screen } from "@testing-library/react";
import { readFileSync } from "node:fs";
import { renderWith } from "@/testing/renderWith";
import { GuideScreen } from "./GuideScreen";

beforeEach(() => {
  Object.assign(globalThis, {
    fetch: async (address: string) => ({
      ok: true,
      text: async () => readFileSync(`public${address}`, "utf8"),
    }),
  });
});

test("a question opens its steps, and leads to the place", async () => {
  renderWith(<GuideScreen />, []);
  fireEvent.click(await screen.findByRole("button", { name: /How do I bottle and label/ }));
  expect(screen.getByText(/Sizes are proposed from your empty bottles/)).toBeVisible();
  expect(screen.getByRole("link", { name: "Labels" })).toHaveAttribute("href", "/shelf/labels");
  expect(screen.getByLabelText("A lot with its bottles")).toBeInTheDocument();
});

test("a word shows what says something of it, and the rest is a tap away; no word is said", async () => {
  renderWith(<GuideScreen />, []);
  fireEvent.click(screen.getByRole("radio", { name: "The whole guide" }));
  await screen.findByRole("button", { name: /^Your still/ });
  fireEvent.change(screen.getByLabelText("Find"), { target: { value: "dry line" } });
  expect(screen.getByText(/the least water that covers the element/)).toBeVisible();
  expect(screen.queryByText(/the metal has to be heated too/)).toBeNull();
  fireEvent.click(screen.getByRole("button", { name: /All of “Your still”/ }));
  expect(screen.getByText(/the metal has to be heated too/)).toBeVisible();
  fireEvent.change(screen.getByLabelText("Find"), { target: { value: "zeppelin" } });
  expect(screen.getByRole("status")).toHaveTextContent("Nothing here has “zeppelin” in it.");
});
