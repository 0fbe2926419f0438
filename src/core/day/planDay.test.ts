import { faultsOfDay } from "@/testing/dayChecker";
import { randomDay } from "@/testing/randomDay";
import { blameFor, impossible } from "./blame";
import type { Day, DayCharge } from "./day";
import { isBetter, daySearch, planDay } from "./planDay";

test("of days that end alike the one is taken in which what spoils does not wait", () => {
  const takes = { loadMin: 10, heatMin: 20, runMin: 60, closeMin: 20, watts: 0, iceKg: 0 };
  const charge = (id: string, lostPerHour?: number): DayCharge => ({
    id,
    readyMin: 0,
    dueMin: Infinity,
    on: { a: takes },
    ...(lostPerHour === undefined ? {} : { lostPerHour }),
  });
  const plan = planDay(
    {
      lengthMin: 600,
      hands: 1,
      mainsW: Infinity,
      ice: { kg: Infinity, kgPerHour: 0 },
      stills: ["a"],
      charges: [charge("seed"), charge("leaf", 0.02), charge("petals", 0.4)],
    },
    { tries: 200 },
  )!;
  const order = [...plan.charges].sort((a, b) => a.litMin - b.litMin).map(({ id }) => id);
  expect(order).toEqual(["petals", "leaf", "seed"]);
  expect(plan.lost).toBeCloseTo((0.4 * 10 + 0.02 * 120) / 60, 6);
});

const slot = 5;

test("100 days by chance break no limit, by a checker that knows nothing of the search", () => {
  for (let seed = 1; seed <= 100; seed += 1) {
    const day = randomDay(seed, 3 + (seed % 8), 1 + (seed % 3));
    const plan = planDay(day, { tries: 300, seed: 0.3 })!;
    expect(plan).toBeDefined();
    expect(faultsOfDay(day, plan)).toEqual([]);
  }
});

/*
 * The soonest end of a small day, by trying every order of steps in slots of time: each step begins no sooner than the
 * one before it in the order. What is as late as the best so far is left.
 */
function soonestEnd(day: Day): number {
  const slots = 800;
  const hands = new Int32Array(slots);
  const watts = new Int32Array(slots);
  const perMinute = day.ice.kgPerHour / 60;
  const ice: [at: number, kg: number][] = [];
  const free = new Map(day.stills.map((still) => [still, 0]));
  const state = day.charges.map(() => ({ step: 0, still: "", at: 0 }));
  let best = Infinity;
  const fits = (used: Int32Array, at: number, lasts: number, amount: number, most: number) => {
    for (let i = at; i < at + lasts; i += 1) if (used[i]! + amount > most) return false;
    return true;
  };
  const add = (used: Int32Array, at: number, lasts: number, amount: number) => {
    for (let i = at; i < at + lasts; i += 1) used[i]! += amount;
  };
  const cold = (at: number, kg: number) =>
    kg === 0 ||
    [...ice.filter(([each]) => each > at), [at, 0] as const].every(
      ([moment]) =>
        ice.reduce((sum, [each, of]) => (each <= moment ? sum + of : sum), kg) <=
        day.ice.kg + perMinute * moment * slot + 1e-6,
    );
  const least = day.charges.map(({ on }) =>
    Math.min(
      ...Object.values(on).map((t) => (t.loadMin + t.heatMin + t.runMin + t.closeMin) / slot),
    ),
  );

  function go(last: number, done: number, end: number): void {
    if (done === 3 * day.charges.length) {
      best = Math.min(best, end);
      return;
    }
    for (const [i, charge] of state.entries()) {
      if (charge.step === 0 && Math.max(last, day.charges[i]!.readyMin / slot) + least[i]! >= best)
        return;
    }
    for (const [i, charge] of state.entries()) {
      if (charge.step === 3) continue;
      const { on, readyMin } = day.charges[i]!;
      for (const still of charge.step === 0 ? Object.keys(on) : [charge.still]) {
        const takes = on[still]!;
        const [load, run, close] = [
          takes.loadMin / slot,
          (takes.heatMin + takes.runMin) / slot,
          takes.closeMin / slot,
        ];
        const before = { ...charge };
        if (charge.step === 0) {
          const since = free.get(still)!;
          if (since === Infinity) continue;
          let at = Math.max(last, readyMin / slot, since);
          while (!fits(hands, at, load, 1, day.hands)) at += 1;
          if (at + load + run + close >= best) continue;
          add(hands, at, load, 1);
          free.set(still, Infinity);
          Object.assign(charge, { step: 1, still, at: at + load });
          go(at, done + 1, end);
          add(hands, at, load, -1);
          free.set(still, since);
        } else if (charge.step === 1) {
          let at = Math.max(last, charge.at);
          while (!fits(watts, at, run, takes.watts, day.mainsW) || !cold(at, takes.iceKg)) at += 1;
          if (at + run + close >= best) continue;
          add(watts, at, run, takes.watts);
          ice.push([at, takes.iceKg]);
          Object.assign(charge, { step: 2, at: at + run });
          go(at, done + 1, end);
          ice.pop();
          add(watts, at, run, -takes.watts);
        } else {
          let at = Math.max(last, charge.at);
          while (!fits(hands, at, close, 1, day.hands)) at += 1;
          if (at + close >= best) continue;
          add(hands, at, close, 1);
          free.set(still, at + close);
          Object.assign(charge, { step: 3 });
          go(at, done + 1, Math.max(end, at + close));
          add(hands, at, close, -1);
          free.set(still, Infinity);
        }
        Object.assign(charge, before);
      }
    }
  }
  go(0, 0, 0);
  return best * slot;
}

test.each([1, 2, 3, 4, 5, 6])("small day %i: within 2 %% of the soonest end there is", (seed) => {
  const drawn = randomDay(seed + 500, seed === 1 ? 6 : 4, 2);
  const day = {
    ...drawn,
    charges: drawn.charges.map((charge) => ({ ...charge, dueMin: Infinity })),
  };
  const plan = planDay(day, { tries: 4000 })!;
  expect(faultsOfDay(day, plan)).toEqual([]);
  expect(plan.endMin).toBeLessThanOrEqual(soonestEnd(day) * 1.02);
});

test("the search is never worse than its first word, and the same day gives the same plan", () => {
  const day = randomDay(77, 12, 3);
  const told = [...daySearch(day, { tries: 2000, seed: 0.4 })];
  for (const [i, plan] of told.entries())
    if (i > 0) expect(isBetter(told[i - 1]!, plan!)).toBe(false);
  expect(planDay(day, { tries: 1000 })).toEqual(planDay(day, { tries: 1000 }));
});

test("what is due comes first, though the day ends no sooner for it", () => {
  const takes = { loadMin: 10, heatMin: 20, runMin: 60, closeMin: 10, watts: 0, iceKg: 0 };
  const charge = (id: string, dueMin: number) => ({ id, readyMin: 0, dueMin, on: { a: takes } });
  const day: Day = {
    lengthMin: 600,
    hands: 1,
    mainsW: Infinity,
    ice: { kg: Infinity, kgPerHour: 0 },
    stills: ["a"],
    charges: [charge("later", Infinity), charge("first", 100)],
  };
  const plan = planDay(day)!;
  expect(plan).toMatchObject({ lateMin: 0, endMin: 200 });
  expect(plan.charges.find(({ id }) => id === "first")!.doneMin).toBe(100);
});

test("a still that draws too much, or takes ice that is not there, is left for one that does not", () => {
  const takes = { loadMin: 10, heatMin: 20, runMin: 60, closeMin: 10, watts: 1000, iceKg: 1 };
  const quick = { ...takes, runMin: 30 };
  const day = (big: DayCharge["on"][string]): Day => ({
    lengthMin: 600,
    hands: 1,
    mainsW: 2000,
    ice: { kg: 2, kgPerHour: 0 },
    stills: ["big", "small"],
    charges: ["x", "y"].map((id) => ({
      id,
      readyMin: 0,
      dueMin: Infinity,
      on: { big, small: takes },
    })),
  });
  for (const big of [
    { ...quick, watts: 9000 },
    { ...quick, iceKg: 9 },
  ]) {
    const plan = planDay(day(big), { tries: 200 })!;
    expect(plan.charges.map(({ still }) => still)).toEqual(["small", "small"]);
    expect(faultsOfDay(day(big), plan)).toEqual([]);
  }
});

test("a day that cannot be met says which limit is to blame", () => {
  const takes = { loadMin: 10, heatMin: 30, runMin: 60, closeMin: 10, watts: 2000, iceKg: 4 };
  const charges = ["x", "y"].map((id) => ({
    id,
    readyMin: 0,
    dueMin: Infinity,
    on: { a: takes, b: takes },
  }));
  const day: Day = {
    lengthMin: 240,
    hands: 2,
    mainsW: 4000,
    ice: { kg: 8, kgPerHour: 0 },
    stills: ["a", "b"],
    charges,
  };
  const blamed = (part: Partial<Day>) => {
    const tried = { ...day, ...part };
    return impossible(tried) ?? blameFor(tried, planDay(tried)!, 500);
  };
  expect(blamed({})).toBeUndefined();
  expect(blamed({ mainsW: 1500 })).toMatchObject({ limit: "watts", watts: 2000 });
  expect(blamed({ hands: 0 })).toEqual({ limit: "hands" });
  expect(blamed({ ice: { kg: 4, kgPerHour: 0.1 } })).toMatchObject({ limit: "ice", needsKg: 8 });
  expect(blamed({ ice: { kg: 4, kgPerHour: 1 } })).toMatchObject({ limit: "ice" });
  expect(blamed({ mainsW: 2000, lengthMin: 180 })).toMatchObject({ limit: "mains" });
  expect(blamed({ lengthMin: 100 })).toMatchObject({ limit: "daylight" });
});
