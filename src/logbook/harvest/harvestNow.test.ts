import fc from "fast-check";
import { defaultPreferences } from "@/records/setting";
import { emptyDraft } from "@/records/planDraft";
import { sampleHarvest } from "@/testing/sampleShelf";
import { sampleRun, sampleStill } from "@/testing/sampleRecords";
import { planCharges } from "@/core";
import { readDraft } from "../plan/readDraft";
import { catalogueBook } from "../plant/plantBook";
import { harvestLeftG } from "./harvestLeft";
import { harvestNow } from "./harvestNow";

const harvest = sampleHarvest({
  weighings: [
    { at: "2026-06-02T06:00:00.000Z", massG: 1000 },
    { at: "2026-06-01T16:00:00.000Z", massG: 1500 },
  ],
});

test("weighings in any order tell how it dried, and what it has become", () => {
  const { curve, moisture, state } = harvestNow(harvest, catalogueBook);
  expect(curve.map(({ massG }) => massG)).toEqual([2000, 1500, 1000]);
  expect(moisture).toBeCloseTo(0.6);
  expect(state).toBe("wilted");
  const dry = { ...harvest, weighings: [{ at: "2026-06-09T06:00:00.000Z", massG: 440 }] };
  expect(harvestNow(dry, catalogueBook).state).toBe("dried");
  expect(harvestNow({ ...harvest, weighings: [] }, catalogueBook).state).toBe("fresh");
});

test("what is left is what lay there at the last weighing, less the charges since", () => {
  const before = { ...sampleRun(), harvestId: "harvest-a", createdAt: "2026-06-01T12:00:00.000Z" };
  const after = { ...before, id: "run-b", createdAt: "2026-06-02T08:00:00.000Z" };
  expect(harvestLeftG(harvest, [before])).toBe(1000);
  expect(harvestLeftG(harvest, [before, after])).toBe(1000 - after.plan.chargeG);
});

test("one cut is planned for the same oil, however wet it is weighed", () => {
  const { site, units } = defaultPreferences();
  const context = {
    stills: [sampleStill()],
    measures: [],
    book: catalogueBook,
    summaries: [],
    site,
  };
  const usual = catalogueBook.byId("lavender")!.states.fresh!.moisture;
  const oilOf = (massG: number, moistureText: string) => {
    const { input } = readDraft(
      {
        ...emptyDraft(units),
        plantId: "lavender",
        state: "fresh",
        massText: String(massG),
        massUnit: "g",
        stopBy: "clock",
        minutesText: "60",
        moistureText,
      },
      context,
    );
    const { material } = planCharges(input!).request;
    const { low = 0 } = "oilMlPerKg" in material ? material.oilMlPerKg : {};
    return (massG / 1000) * low;
  };
  fc.assert(
    fc.property(fc.double({ min: 10, max: 80, noNaN: true }), (percent) => {
      const text = String(Number(percent.toPrecision(6)));
      const now = (400 * (1 - usual)) / (1 - Number(text) / 100);
      expect(oilOf(now, text)).toBeCloseTo(oilOf(400, ""), 6);
    }),
    { numRuns: 40 },
  );
});
