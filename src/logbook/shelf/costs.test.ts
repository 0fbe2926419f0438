import type { Run } from "@/records/run";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { sampleBottle, sampleLot } from "@/testing/sampleShelf";
import { costOfLot, costOfRun, costSum, worthOf } from "./costs";

const still = (kind: string) => ({ heat: { kind } }) as never;
const plate = still("plate");
const money = {
  prices: { currency: "€", electricityPerKWh: 0.3, gasPerKg: 3.2, oilPerMl: 1 },
  costs: { plantPerKg: 4, waterPerL: 0.1, icePerKg: 0.5, hourOfWork: 10, bottleEach: 2 },
};

function run(entries: Run["entries"], plan: Partial<Run["plan"]> = {}, id = "run-a"): Run {
  const made = sampleRun(entries, id);
  const own = { powerW: 2000, runPowerW: undefined, chargeG: 500, waterMl: 4000, ...plan };
  return { ...made, plan: { ...made.plan, ...own } as Run["plan"] };
}
const lit = entryAt(0, { type: "lit" });
const firstDrop = entryAt(60, { type: "firstDrop" });
const heatOff = entryAt(120, { type: "heatOff" });

describe("heat", () => {
  const kWh = (entries: Run["entries"], plan: Partial<Run["plan"]> = {}) =>
    (costOfRun(run(entries, plan), plate, money).energy ?? NaN) / 0.3;

  test("each stretch is paid as the log has it, from heat on to heat off", () => {
    expect(kWh([lit, firstDrop, heatOff])).toBeCloseTo(4, 9);
    const turned = entryAt(30, { type: "heatChanged", powerW: 1000 });
    expect(kWh([lit, turned, firstDrop, heatOff])).toBeCloseTo(2 * 0.5 + 1 * 1.5, 9);
    const late = entryAt(150, { type: "heatChanged", powerW: 500 });
    expect(kWh([lit, firstDrop, heatOff, late])).toBeCloseTo(4, 9);
  });

  test("turned down by the plan alone, it is so from the first drop, unless the log says otherwise", () => {
    expect(kWh([lit, firstDrop, heatOff], { runPowerW: 1000 })).toBeCloseTo(3, 9);
    expect(kWh([lit, heatOff], { runPowerW: 1000 })).toBeCloseTo(4, 9);
    const turned = entryAt(90, { type: "heatChanged", powerW: 500 });
    expect(kWh([lit, firstDrop, turned, heatOff], { runPowerW: 1000 })).toBeCloseTo(3.25, 9);
  });

  test("gas is paid by the kilogram; without a still, a price or an end it costs nothing known", () => {
    expect(costOfRun(run([lit, heatOff]), still("gas"), money).energy).toBeCloseTo(
      (4 / 12.8) * 3.2,
      9,
    );
    expect(costOfRun(run([lit, heatOff]), undefined, money)).not.toHaveProperty("energy");
    expect(costOfRun(run([lit]), plate, money)).not.toHaveProperty("energy");
    expect(costOfRun(run([lit]), plate, money)).not.toHaveProperty("work");
    expect(costOfRun(run([heatOff]), plate, money)).not.toHaveProperty("work");
  });
});

test("water is what was charged and what was added; each part needs its price, and nothing is no cost", () => {
  const added = entryAt(30, { type: "waterAdded", volumeMl: 1000 });
  const costs = costOfRun(run([lit, added, heatOff]), plate, money);
  expect(costs.water).toBeCloseTo(0.5, 9);
  expect(costs).toMatchObject({ plant: 2, work: 20 });
  expect(costs).not.toHaveProperty("ice");
  expect(costOfRun(run([lit, heatOff]), plate, {})).toEqual({});
  expect(costSum({ plant: 2, ice: 0.5 })).toBe(2.5);
  expect(costSum({})).toBe(0);
});

describe("a lot", () => {
  const one = run([lit, heatOff]);
  const two = run([lit, heatOff], { chargeG: 1000 }, "run-b");
  const of = (
    lots: ReturnType<typeof sampleLot>[],
    bottles: ReturnType<typeof sampleBottle>[] = [],
  ) => ({
    lots,
    runs: [one, two],
    bottles,
    stillOf: () => plate,
  });

  test("pays its own bottles, what was paid for it, and the runs that it is of alone", () => {
    const bought = sampleLot("bought", { paid: 12 });
    const bottles = [
      sampleBottle("x", "bought", 5),
      sampleBottle("y", "other", 5),
      sampleBottle("z", "other", 5),
    ];
    expect(costOfLot(bought, of([bought], bottles), money)).toEqual({
      costs: { bottles: 2, bought: 12 },
      share: 0,
    });
    const own = sampleLot("own", { runIds: ["run-b"] });
    expect(costOfLot(own, of([own]), money).costs.plant).toBeCloseTo(4, 9);
    const both = sampleLot("both", { runIds: ["run-a", "run-b"] });
    expect(costOfLot(both, of([both]), money).costs.plant).toBeCloseTo(6, 9);
  });

  test("without any worth the oil carries all, by volume where it is two; a hydrosol alone carries itself", () => {
    const worthless = { ...money, prices: { currency: "€" } };
    const oils = [
      sampleLot("o1", { runIds: ["run-a"], volumeMl: 1 }),
      sampleLot("o2", { runIds: ["run-a"], volumeMl: 3 }),
    ];
    const water = sampleLot("w", { runIds: ["run-a"], product: "hydrosol", volumeMl: 400 });
    const lots = [...oils, water];
    const shares = lots.map((lot) => costOfLot(lot, of(lots), worthless).share);
    expect(shares).toEqual([0.25, 0.75, 0]);
    expect(costOfLot(oils[0]!, of(lots), worthless).costs.plant).toBeCloseTo(2 * 0.25, 9);
    expect(costOfLot(water, of([water]), worthless).share).toBe(1);
    const dry = sampleLot("dry", { runIds: ["run-a"], volumeMl: 0 });
    expect(costOfLot(dry, of([dry]), worthless).share).toBe(0);
    const stranger = sampleLot("s", { runIds: ["run-b"], volumeMl: 50 });
    expect(costOfLot(oils[0]!, of([...lots, stranger]), worthless).share).toBe(0.25);
  });

  test("is worth what it sells for; a pot liquor has no price", () => {
    const priced = { ...money, costs: { hydrosolPerL: 12 } };
    expect(worthOf("oil", 3, priced)).toBe(3);
    expect(worthOf("hydrosol", 500, priced)).toBe(6);
    expect(worthOf("liquor", 500, priced)).toBeUndefined();
    expect(worthOf("hydrosol", 500, {})).toBeUndefined();
  });
});
