import { sampleRun } from "@/testing/sampleRecords";
import { sampleHarvest } from "@/testing/sampleShelf";
import { happenedTo } from "./happenedTo";
import { allUsed, harvestLeftG, harvestOfItsOwn } from "./harvestLeft";

const harvest = sampleHarvest();
const charge = (chargeG: number, id = "run-a", harvestId = harvest.id) => {
  const run = sampleRun([], id);
  return {
    ...run,
    harvestId,
    createdAt: "2026-06-01T12:00:00.000Z",
    plan: { ...run.plan, chargeG },
  };
};

test("what is left under a fiftieth of the whole is crumbs", () => {
  expect(harvestLeftG(harvest, [])).toBe(2000);
  expect(harvestLeftG(harvest, [charge(1959)])).toBe(41);
  expect(harvestLeftG(harvest, [charge(1960)])).toBe(0);
  expect(harvestLeftG(harvest, [charge(2300)])).toBe(0);
  expect(harvestLeftG(harvest, [charge(500, "run-b", "another")])).toBe(2000);
});

test("what was set aside will not be distilled: of a harvest that is all used nothing is left", () => {
  const some = sampleHarvest({ setAsideG: 300 });
  expect(harvestLeftG(some, [charge(500)])).toBe(1200);
  const used = allUsed(some, [charge(500)]);
  expect(used).toEqual({ ...some, setAsideG: 1500 });
  expect(harvestLeftG(used, [charge(500)])).toBe(0);
  expect(allUsed(harvest, []).setAsideG).toBe(2000);
});

test("a harvest is one run's own while no other was made of it", () => {
  const other = sampleHarvest({ id: "other" });
  const run = charge(500);
  expect(harvestOfItsOwn(run, [other, harvest], [run])).toBe(harvest);
  const apart = charge(500, "run-b", "other");
  expect(harvestOfItsOwn(run, [other, harvest], [run, apart])).toBe(harvest);
  expect(harvestOfItsOwn(run, [other, harvest], [run, charge(500, "run-b")])).toBeUndefined();
  expect(harvestOfItsOwn(run, [other], [run])).toBeUndefined();
});

test("what happened to a harvest is told in its order, each kind by its weight", () => {
  const told = sampleHarvest({
    weighings: [{ at: "2026-06-03T08:00:00.000Z", massG: 900 }],
    takenAway: [{ at: "2026-06-02T08:00:00.000Z", what: "stems", massG: 200 }],
  });
  const happened = happenedTo(told, [charge(500), charge(70, "run-b", "another")]);
  expect(happened).toEqual([
    { at: "2026-06-01T12:00:00.000Z", goneG: 500, moisture: sampleRun().plan.moisture },
    { at: "2026-06-02T08:00:00.000Z", goneG: 200 },
    { at: "2026-06-03T08:00:00.000Z", weighedG: 900 },
  ]);
  expect(happenedTo(harvest, [])).toEqual([]);
});
