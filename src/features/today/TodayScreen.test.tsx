import { screen } from "@testing-library/react";
import type { Entry } from "@/records/entry";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { sampleHarvest } from "@/testing/sampleShelf";
import TodayScreen from "./TodayScreen";

const eight = Date.parse("2026-05-04T08:00:00Z");
const dripping = [
  entryAt(0, { type: "lit" }),
  entryAt(20, { type: "boiling" }),
  entryAt(24, { type: "firstDrop" }),
];
function today(entries: Entry[], minutes: number, settling?: string) {
  jest.setSystemTime(eight + minutes * 60000);
  const run = sampleRun(entries);
  const schools = settling ? { settling } : undefined;
  renderWith(<TodayScreen />, [sampleStill(), { ...run, plan: { ...run.plan, schools } }]);
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("vapour at the outlet of a run is told here too, before anything that is due", () => {
  today([...dripping, entryAt(30, { type: "reading", outletC: 71 })], 31);
  expect(screen.getByRole("alert")).toHaveTextContent("Heat off now: vapour at the outlet");
});

test("a calm run says what comes next and is no alert", () => {
  today(dripping, 30);
  expect(screen.getByText("Heat off in about 21 min")).toBeVisible();
  expect(screen.queryByRole("alert")).toBeNull();
});

test("a run that settles tells its time by the school chosen in its plan", () => {
  const off = [...dripping, entryAt(60, { type: "heatOff" })];
  today(off, 70, "halfHour");
  expect(screen.getByText(/% of the oil has separated in 20 min/)).toBeVisible();
});

test("a run that has settled overnight asks to be separated", () => {
  const off = [...dripping, entryAt(60, { type: "heatOff" })];
  today(off, 60 + 721, "overnight");
  expect(screen.getByText(/separated: separate and measure/)).toBeVisible();
});

test("own plants whose time is near stand there, and the way to the harvests", () => {
  jest.setSystemTime(Date.parse("2026-06-25T08:00:00Z"));
  renderWith(<TodayScreen />, [
    sampleStill(),
    sampleRun([]),
    sampleHarvest({ cutOn: "2025-07-10", setAsideG: 2000 }),
  ]);
  expect(screen.getByRole("heading", { name: "To cut" })).toBeVisible();
  expect(screen.getByText(/^Now: 2\d Jun to /)).toBeVisible();
  expect(screen.getByText("What was cut, what lies here, the plants’ year")).toBeVisible();
});
