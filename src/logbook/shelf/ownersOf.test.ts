import { newRecord } from "@/records/base";
import type { Use } from "@/records/bottle";
import { sampleHarvest, sampleLot } from "@/testing/sampleShelf";
import { sampleRun } from "@/testing/sampleRecords";
import { ownersNow, ownersOf } from "./ownersOf";

const harvest = sampleHarvest({ whose: "Ines", theirShare: 0.5 });
const run = (id: string, harvestId: string, chargeG: number) => {
  const made = sampleRun([], id);
  return { ...made, harvestId, plan: { ...made.plan, chargeG } };
};

test("what came of somebody's plant is theirs by their share", () => {
  const lot = sampleLot("lot", { runIds: ["run-1"], volumeMl: 20 });
  expect(ownersOf(lot, [run("run-1", harvest.id, 800)], [harvest])).toEqual([
    { name: "Ines", shareMl: 10, onLabel: false },
  ]);
});

test("in a pool each has part by the charge; one's own plant has no owner, and a name without a share is a name", () => {
  const other = { ...harvest, id: "other", whose: undefined, theirShare: undefined };
  const third = {
    ...harvest,
    id: "third",
    whose: "Marta",
    theirShare: undefined,
    nameOnLabel: true as const,
  };
  const runs = [run("r1", harvest.id, 600), run("r2", "other", 200), run("r3", "third", 200)];
  const lot = sampleLot("lot", { runIds: ["r1", "r2", "r3"], volumeMl: 10 });
  expect(ownersOf(lot, runs, [harvest, other, third])).toEqual([
    { name: "Ines", shareMl: 3, onLabel: false },
    { name: "Marta", onLabel: true },
  ]);
});

test("what was handed over counts for whom it was handed to, and gifts to the same do not", () => {
  const use = (part: Partial<Use>): Use => ({
    ...newRecord("use", new Date("2026-07-01T10:00:00Z")),
    lotId: "lot",
    at: "2026-07-01T10:00:00.000Z",
    amountMl: 2,
    purpose: "theirs",
    way: "theirs",
    to: "Ines",
    ...part,
  });
  const taken = [use({}), use({ amountMl: 3 }), use({ to: "Marta" }), use({ way: "gift" })];
  const ines = { name: "Ines", shareMl: 8, onLabel: false };
  const nobody = { name: "Nobody", onLabel: false };
  expect(ownersNow([ines, nobody], taken)).toEqual([
    { ...ines, handedMl: 5, leftMl: 3 },
    { ...nobody, handedMl: 0, leftMl: 0 },
  ]);
  expect(ownersNow([{ ...ines, shareMl: 4 }], taken)[0]!.leftMl).toBe(0);
});
