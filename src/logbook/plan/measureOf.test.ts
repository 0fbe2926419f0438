import { newRecord } from "@/records/base";
import type { Measure } from "@/records/measure";
import { emptyDraft } from "@/records/planDraft";
import { measureCalled, measureOf, measuresFor, singular } from "./measureOf";

const measure = (id: string, name: string, plantId = ""): Measure => ({
  ...newRecord("measure", new Date(0)),
  id,
  name,
  plantId,
  massG: 100,
});
const handful = measure("any", "handfuls");
const ofRose = measure("rose", "full hand", "rose");
const bunch = measure("bunch", "bunches of stems", "lavender");
const all = [handful, ofRose, bunch];

test("a plant has its own measures and those of no plant in particular", () => {
  expect(measuresFor(all, "lavender")).toEqual([handful, bunch]);
  expect(measuresFor(all, "")).toEqual([handful]);
});

test("a plan is counted in the measure it says, else in the first that fits, and only where it is counted", () => {
  const draft = { ...emptyDraft("metric"), massBy: "measure" as const, measureId: "bunch" };
  expect(measureOf(draft, all, "lavender")).toBe(bunch);
  expect(measureOf(draft, all, "rose")).toBe(handful);
  expect(measureOf({ ...draft, measureId: "" }, [ofRose], "lavender")).toBeUndefined();
  expect(measureOf({ ...draft, harvestId: "a" }, all, "lavender")).toBeUndefined();
  expect(measureOf({ ...draft, massBy: "scale" }, all, "lavender")).toBeUndefined();
});

test("a word means the measure of that name, or that has the word; the plant's own before any other", () => {
  expect(measureCalled("Handful", all, "rose")).toBe(handful);
  expect(measureCalled("bunch of stems", all, "lavender")).toBe(bunch);
  expect(measureCalled("stem", all, "lavender")).toBe(bunch);
  expect(measureCalled("stem", all, "rose")).toBeUndefined();
  expect(measureCalled("basket", all, "lavender")).toBeUndefined();
  const own = measure("own", "handful", "lavender");
  for (const order of [
    [own, handful],
    [handful, own],
  ])
    expect(measureCalled("handfuls", order, "lavender")).toBe(own);
  /* The whole name goes before one of its words. */
  const big = measure("big", "big handful");
  expect(measureCalled("handfuls", [big, handful], "rose")).toBe(handful);
});

test.each([
  ["lemons", "lemon"],
  ["Bunches", "bunch"],
  ["brushes", "brush"],
  ["boxes", "box"],
  ["glasses", "glass"],
  ["glass", "glass"],
  ["berries", "berry"],
  ["trays", "tray"],
  ["berries of May", "berry of may"],
  [" bunches of stems ", "bunch of stems"],
  ["bunches  of  roses", "bunch of roses"],
  ["hops", "hop"],
  ["handful", "handful"],
  ["cheses", "chese"],
  ["s", "s"],
  ["", ""],
])("one of %s is a %s", (many, one) => {
  expect(singular(many)).toBe(one);
});
