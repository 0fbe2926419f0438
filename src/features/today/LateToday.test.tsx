import { screen } from "@testing-library/react";
import { renderWith } from "@/testing/renderWith";
import { sampleStill } from "@/testing/sampleRecords";
import { sampleHarvest, sampleLot } from "@/testing/sampleShelf";
import { LateToday } from "./LateToday";

test("with nothing but a still, it says where to begin, and where a harvest goes that is cut already", () => {
  renderWith(<LateToday />, [sampleStill()]);
  expect(screen.getByRole("button", { name: "Choose the plant" })).toBeVisible();
  expect(screen.getByRole("link", { name: /^Cut already\?/ })).toHaveAttribute("href", "/harvests");
});

test.each([
  { what: "a harvest", record: sampleHarvest() },
  { what: "an oil that was bought", record: sampleLot("bought", {}) },
])("$what makes a day before there is any run", async ({ record }) => {
  renderWith(<LateToday />, [sampleStill(), record]);
  expect(await screen.findByRole("heading", { name: "Today" })).toBeVisible();
  expect(screen.getByRole("button", { name: "Harvests" })).toBeVisible();
});
