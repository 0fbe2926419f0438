import { entryAt, measuredRun, sampleRun } from "@/testing/sampleRecords";
import { pouredTogether } from "./pouredTogether";

const parting = (id: string, chargeG = 700) => {
  const run = sampleRun(
    [entryAt(0, { type: "lit" }, `${id}1`), entryAt(90, { type: "heatOff" }, `${id}2`)],
    id,
  );
  return { ...run, plan: { ...run.plan, chargeG } };
};
const none = { others: "", by: "forecast" };

test("only runs of the same plant that are parting too can be poured together", () => {
  const run = parting("run-a");
  const ofAnother = { ...parting("run-c"), plantId: "clarysage" };
  const { candidates, members, share } = pouredTogether(
    run,
    [run, parting("run-b"), ofAnother, sampleRun([], "run-d"), measuredRun("run-e", 5, 4)],
    none,
  );
  expect(candidates.map(({ id }) => id)).toEqual(["run-b"]);
  expect(members.map(({ id }) => id)).toEqual(["run-a"]);
  expect(share).toBe(1);
});

test("a run has its share by charge, and no share of one that cannot join", () => {
  const runs = [parting("run-a", 600), parting("run-b", 300)];
  const poured = pouredTogether(runs[0]!, runs, { others: "run-b run-gone", by: "charge" });
  expect(poured).toMatchObject({ others: ["run-b"], by: "charge" });
  expect(poured.share).toBeCloseTo(2 / 3);
});

test("once measured, its measurement says with whom, and nobody can join", () => {
  const measured = measuredRun("run-a", 1, 6);
  const pool = { id: "pool", runIds: ["run-a", "run-b"], by: "forecast" as const };
  const entries = measured.entries.map((entry) =>
    entry.type === "separated" ? { ...entry, pool } : entry,
  );
  const poured = pouredTogether({ ...measured, entries }, [parting("run-b"), parting("run-c")], {
    others: "run-c",
    by: "charge",
  });
  expect(poured).toMatchObject({ candidates: [], others: ["run-b"], by: "forecast" });
  expect(poured.members.map(({ id }) => id)).toEqual(["run-a", "run-b"]);
  expect(poured.share).toBeCloseTo(1 / 2);
});
