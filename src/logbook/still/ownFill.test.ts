import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import type { Run } from "@/records/run";
import { chargeLevels } from "@/core/plan/chargeLevels";
import { fillLimits } from "@/core/still/fillLimits";
import type { Still } from "@/records/still";
import { ownFill } from "./ownFill";
import { stillShape } from "./stillFigures";

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

test("a thousand pounds for somebody who gets two hundred into a hundred gallons are five charges", () => {
  const gallon = 3785.411784;
  const pound = 453.59237;
  const vessel = { volumeMl: 100 * gallon, diameterMm: 700 };
  const still: Still = {
    ...sampleStill(),
    construction: "separateVessel",
    potVolumeMl: 120_000,
    potDiameterMm: 500,
    dryLineMl: 10_000,
    vessel,
  };
  const packed = ownFill([run({ chargeG: 200 * pound, filled: "weighed" })], still, what)!;
  const takes = fillLimits(stillShape(still), {
    method: "steam",
    packingGPerL: packed.packingGPerL!,
    waterMlPerG: 1,
    froths: false,
  });
  expect(Math.ceil((1000 * pound) / takes.chargeG - 1e-9)).toBe(5);
  const levels = chargeLevels(stillShape(still), {
    method: "steam",
    waterMl: 60_000,
    chargeG: 200 * pound,
    packingGPerL: packed.packingGPerL!,
  });
  expect(levels.headspaceMm).toBeGreaterThanOrEqual(0);
});
