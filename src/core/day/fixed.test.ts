import { faultsOfDay } from "@/testing/dayChecker";
import { randomDay } from "@/testing/randomDay";
import { momentsOf } from "./acts";
import { chooseSplits } from "./chooseSplits";
import { mostDayCharges, type Day } from "./day";
import { nearestPlace } from "./nearestPlace";
import { planDay } from "./planDay";

test("what is held keeps its place, and nothing is laid over it: 60 days by chance", () => {
  for (let seed = 1; seed <= 60; seed += 1) {
    const day = randomDay(seed + 2000, 4 + (seed % 5), 1 + (seed % 3));
    const first = planDay(day, { tries: 200 })!;
    const fixed = first.charges.filter((_, i) => (i + seed) % 2 === 0);
    const held = { ...day, fixed };
    const again = planDay(held, { tries: 300, seed: 0.7 })!;
    expect(again).toBeDefined();
    expect(faultsOfDay(held, again)).toEqual([]);
    for (const each of fixed) expect(again.charges).toContainEqual(each);
  }
});

test("a charge that is moved comes to rest where it may lie, near where it was put: 60 days by chance", () => {
  let moved = 0;
  for (let seed = 1; seed <= 60; seed += 1) {
    const day = randomDay(seed + 3000, 4 + (seed % 3), 1 + (seed % 3));
    const plan = planDay(day, { tries: 200 })!;
    const fixed = plan.charges.slice(1);
    const [{ id, still } = plan.charges[0]!] = plan.charges;
    const wish = (seed * 35) % 600;
    const found = nearestPlace({ ...day, fixed }, id, still, wish);
    if (!found) continue;
    moved += 1;
    const { placed, why } = found;
    expect(why === undefined).toBe(Math.abs(placed.loadMin - wish) < 1e-9);
    const together: Day = { ...day, fixed: [...fixed, placed] };
    expect(faultsOfDay(together, planDay(together, { tries: 10 })!)).toEqual([]);
  }
  expect(moved).toBeGreaterThan(50);
});

const takes = { loadMin: 10, heatMin: 20, runMin: 60, closeMin: 10, watts: 2000, iceKg: 0 };
const plain: Omit<Day, "charges"> = {
  lengthMin: 600,
  hands: 1,
  mainsW: 4000,
  ice: { kg: 10, kgPerHour: 0 },
  stills: ["big", "small"],
};

test.each([
  ["stillTaken", {}, 60],
  ["handsBusy", { still: "small" }, 5],
  ["mainsFull", { still: "small", mainsW: 2000 }, 40],
  ["notReady", { readyMin: 200 }, 100],
] as const)("%s is why a charge cannot lie there", (why, { ...part }, wish) => {
  const {
    still = "big",
    mainsW = 4000,
    readyMin = 0,
  } = part as {
    still?: string;
    mainsW?: number;
    readyMin?: number;
  };
  const charge = (id: string) => ({
    id,
    readyMin: 0,
    dueMin: Infinity,
    on: { big: takes, small: takes },
  });
  const day: Day = { ...plain, mainsW, charges: [charge("a"), { ...charge("b"), readyMin }] };
  const fixed = [nearestPlace(day, "a", "big", 0)!.placed];
  const found = nearestPlace({ ...day, fixed }, "b", still, wish)!;
  expect(found.why).toBe(why);
  expect(found.placed.loadMin).not.toBe(wish);
});

test("a heap is shared out as makes the better day: in one for the large still, or in two for both", () => {
  const one = (id: string, runMin: number, stills: readonly string[]) => ({
    id,
    readyMin: 0,
    dueMin: Infinity,
    on: Object.fromEntries(stills.map((still) => [still, { ...takes, runMin }])),
  });
  const splits = [
    [one("whole", 60, ["big"])],
    [one("half 1", 55, ["big", "small"]), one("half 2", 55, ["big", "small"])],
  ];
  const chosen = (hands: number) => chooseSplits({ ...plain, hands }, [{ id: "heap", splits }])!;
  expect(chosen(1).day.charges).toHaveLength(1);
  const long = splits.map((split) =>
    split.map((charge) => ({
      ...charge,
      on: Object.fromEntries(
        Object.entries(charge.on).map(([still, each]) => [
          still,
          { ...each, runMin: split.length === 1 ? 300 : 60 },
        ]),
      ),
    })),
  );
  expect(
    chooseSplits({ ...plain, hands: 2 }, [{ id: "heap", splits: long }])!.day.charges,
  ).toHaveLength(2);
});

test("sharings that come to more charges than a day holds are not taken", () => {
  const many = (id: string, count: number) =>
    Array.from({ length: count }, (_, i) => ({
      id: `${id}-${i}`,
      readyMin: 0,
      dueMin: Infinity,
      on: { big: takes },
    }));
  const heaps = ["a", "b"].map((id) => ({ id, splits: [many(id, 30), many(id, 3)] }));
  const day = { ...plain, lengthMin: 10_000 };
  expect(chooseSplits(day, heaps)!.day.charges.length).toBeLessThanOrEqual(mostDayCharges);
  const full = heaps.map(({ id, splits }) => ({ id, splits: [splits[0]!] }));
  expect(chooseSplits(day, full)).toBeUndefined();
});

test("moments come in their order, and what ends comes before what begins", () => {
  const day = randomDay(11, 6, 2);
  const moments = momentsOf(planDay(day, { tries: 100 })!.charges);
  expect(moments).toHaveLength(36);
  for (const [i, { atMin }] of moments.entries())
    if (i > 0) expect(atMin).toBeGreaterThanOrEqual(moments[i - 1]!.atMin);
});
