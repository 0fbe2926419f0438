import { entryAt, sampleRun } from "@/testing/sampleRecords";
import type { Separated } from "@/records/entry";
import { wholePool } from "./wholePool";

const separated = (part: Partial<Separated>) =>
  entryAt(300, { type: "separated", ...part }) as Separated;
const runOf = (id: string, part: Partial<Separated>) => sampleRun([separated(part)], id);

test("one run's measures are its own", () => {
  const alone = separated({ oilMl: 3, hydrosolMl: 500 });
  expect(wholePool(alone, [runOf("other", { oilMl: 9 })])).toBe(alone);
});

test("of runs poured together what was measured is the sum of their shares, of those runs alone", () => {
  const pool = { runIds: ["a", "b"] } as Separated["pool"];
  const share = { oilMl: 1.1, hydrosolMl: 300, firstCutMl: 0.1, liquorMl: 20, pool };
  const runs = [
    runOf("a", share),
    runOf("b", { ...share, oilMl: 2.2, hydrosolMl: 500, liquorMl: 30 }),
    runOf("c", { ...share, oilMl: 50 }),
    sampleRun([], "d"),
  ];
  expect(wholePool(separated(share), runs)).toMatchObject({
    oilMl: 3.3,
    hydrosolMl: 800,
    firstCutMl: 0.2,
    liquorMl: 50,
    pool,
  });
});

test("what was not measured of the pool is not made up; its jars are summed one by one", () => {
  const pool = { runIds: ["a", "b"] } as Separated["pool"];
  const jars = (first: number, second: number) =>
    [{ volumeMl: first, oilMl: 1 }, { volumeMl: second }] as Separated["jars"];
  const mine = { hydrosolMl: 300, jars: jars(100, 200), pool };
  const runs = [runOf("a", mine), runOf("b", { hydrosolMl: 500, jars: jars(150, 350), pool })];
  const whole = wholePool(separated(mine), runs);
  expect(whole).not.toHaveProperty("oilMl");
  expect(whole).not.toHaveProperty("firstCutMl");
  expect(whole.jars).toEqual([{ volumeMl: 250, oilMl: 2 }, { volumeMl: 550 }]);
  const without = wholePool(separated({ hydrosolMl: 300, pool }), [runs[0]!]);
  expect(without).not.toHaveProperty("jars");
});
