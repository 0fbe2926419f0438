import { entryAt, sampleRun } from "@/testing/sampleRecords";
import type { Run } from "@/records/run";
import { oilOfHarvest } from "./oilOfHarvest";

const harvest = { id: "h-1", massG: 4000, grewOn: { plants: 40, areaM2: 20, rowMm: 30_000 } };
function charge(id: string, oilMl?: number): Run {
  const lit = entryAt(0, { type: "lit" });
  const run = sampleRun(
    oilMl === undefined
      ? [lit]
      : [lit, entryAt(90, { type: "heatOff" }), entryAt(120, { type: "separated", oilMl })],
  );
  const plan = { ...run.plan, chargeG: 1000, moisture: 0.6 };
  const forecast = { ...plan.forecast, oilDensityGPerMl: 0.9 };
  return { ...run, id, harvestId: "h-1", plan: { ...plan, forecast } };
}

test("half of a harvest distilled is half of its plants: oil by the plant, the area and the row", () => {
  const made = oilOfHarvest(harvest, [charge("a", 10), charge("b", 10), charge("c")], 0.6)!;
  expect(made.measured).toBe(2);
  expect(made.oilG).toBeCloseTo(18, 9);
  expect(made.share).toBeCloseTo(0.5, 9);
  expect(made.perPlantG).toBeCloseTo(18 / 20, 9);
  expect(made.perM2G).toBeCloseTo(18 / 10, 9);
  expect(made.perRowMG).toBeCloseTo(18 / 15, 9);
});

test("stems that were picked out grew on the same plants; nothing measured gives nothing", () => {
  const picked = { ...harvest, takenAway: [{ at: "", what: "stems" as const, massG: 2000 }] };
  expect(oilOfHarvest(picked, [charge("a", 10), charge("b", 10)], 0.6)!.share).toBe(1);
  expect(oilOfHarvest(harvest, [charge("c")], 0.6)).toBeUndefined();
});

test("only its own charges count, and never for more than the whole", () => {
  const other = { ...charge("x", 10), harvestId: "h-2" };
  expect(oilOfHarvest(harvest, [other], 0.6)).toBeUndefined();
  const all = [charge("a", 10), charge("b", 10), charge("c", 10), charge("d", 10), charge("e", 10)];
  expect(oilOfHarvest(harvest, [...all, other], 0.6)).toMatchObject({ measured: 5, share: 1 });
  const two = [1000, 500].map((massG) => ({ at: "", what: "stems" as const, massG }));
  const picked = { ...harvest, takenAway: two };
  expect(oilOfHarvest(picked, [charge("a", 10)], 0.6)!.share).toBeCloseTo(0.4, 9);
});
