import { bottleCode } from "@/records/codes";
import { sampleRun } from "@/testing/sampleRecords";
import { lotsOfRun } from "./lotsOfRun";

const at = "2026-07-18T12:00:00Z";
const now = new Date(at);
const result = { at, oilMl: 4.2, hydrosolMl: 690, firstCutMl: 90, ph: 5.2, look: "pale" };

const lavender = { code: "LA" };

test("a run makes a lot of each product, with codes that are free", () => {
  const lots = lotsOfRun(sampleRun(), result, [], now, lavender);
  expect(lots.map(({ code, volumeMl }) => [code, volumeMl])).toEqual([
    ["LA-0718-O1", 4.2],
    ["LA-0718-H1", 600],
    ["LA-0718-F1", 90],
  ]);
  const next = lotsOfRun({ ...sampleRun(), id: "run-b" }, result, lots, now, lavender);
  expect(next.map(({ code }) => code)).toEqual(["LA-0718-O2", "LA-0718-H2", "LA-0718-F2"]);
});

test("measuring again keeps the codes and takes the new amounts", () => {
  const lots = lotsOfRun(sampleRun(), result, [], now, lavender);
  const again = lotsOfRun(sampleRun(), { ...result, oilMl: 3.9 }, lots, now, lavender);
  expect(again.map(({ id }) => id)).toEqual(lots.map(({ id }) => id));
  expect(again[0]).toMatchObject({ code: "LA-0718-O1", volumeMl: 3.9 });
});

test("no oil, no oil lot", () => {
  expect(lotsOfRun(sampleRun(), { at, oilMl: 0, hydrosolMl: 500 }, [], now, lavender)).toHaveLength(
    1,
  );
});

test("bottle codes go from a to z and on", () => {
  const used: string[] = [];
  for (let i = 0; i < 28; i += 1) used.push(bottleCode("LA-0718-O1", used));
  expect([used[0], used[25], used[26], used[27]]).toEqual([
    "LA-0718-O1-a",
    "LA-0718-O1-z",
    "LA-0718-O1-aa",
    "LA-0718-O1-bb",
  ]);
  expect(new Set(used).size).toBe(28);
});
