import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import type { Run } from "@/records/run";
import { ownFill } from "./ownFill";

const what = { plantId: "lavender", state: "fresh" as const, preparation: "asIs" };
const lit = [entryAt(0, { type: "lit" })];
const run = (change: Partial<Run["plan"]>, entries = lit): Run => {
  const made = sampleRun(entries);
  return { ...made, plan: { ...made.plan, preparation: "asIs", ...change } };
};

test("a still that was filled and weighed, or packed fuller with a reason, packs so from then on", () => {
  const still = sampleStill();
  expect(ownFill([run({ chargeG: 900 })], still, what)).toBeUndefined();
  const weighed = ownFill([run({ chargeG: 900, filled: "weighed" })], still, what);
  const packed = ownFill([run({ chargeG: 1800, reasons: { overfull: "always so" } })], still, what);
  expect(weighed!.packingGPerL).toBeGreaterThan(100);
  expect(packed!.packingGPerL).toBeCloseTo(2 * weighed!.packingGPerL!, 9);
});

test("what was only planned teaches nothing, nor another plant or state", () => {
  const still = sampleStill();
  expect(ownFill([run({ filled: "weighed" }, [])], still, what)).toBeUndefined();
  expect(ownFill([run({ filled: "weighed" })], still, { ...what, state: "dried" })).toBeUndefined();
  expect(ownFill([run({ filled: "weighed" })], { ...still, id: "other" }, what)).toBeUndefined();
});

test("a pot that was boiled fuller than the rule is planned so again", () => {
  const still = sampleStill();
  const own = ownFill([run({ method: "hydro", chargeG: 2000, waterMl: 7000 })], still, what);
  expect(own!.fillShare).toBeCloseTo(9000 / still.potVolumeMl, 9);
});
