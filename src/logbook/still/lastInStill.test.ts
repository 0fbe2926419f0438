import type { Run } from "@/records/run";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { emptyStock, sampleSite } from "@/testing/emptyStock";
import { catalogueBook } from "../plant/plantBook";
import { dutiesDue } from "../shelf/duties";
import { lastInStill } from "./lastInStill";

const lit = (id: string, plantId: string, minute: number, part: Partial<Run> = {}): Run => ({
  ...sampleRun([entryAt(minute, { type: "lit" })]),
  id,
  plantId,
  ...part,
});

describe("what was in a still before", () => {
  const now = lit("now", "lavender", 500);

  test("is the last plant that was lit in it, and whether that tastes through", () => {
    const runs = [lit("a", "peppermint", 0), lit("b", "rose", 200), now, lit("c", "clove", 900)];
    expect(lastInStill(now, runs, catalogueBook)).toMatchObject({
      plant: { id: "rose" },
      clings: false,
    });
    expect(lastInStill(now, runs.slice(0, 1), catalogueBook)).toMatchObject({ clings: true });
  });

  test("is nothing where it was the same plant, another still, or never lit", () => {
    const others = [
      lit("a", "lavender", 0),
      lit("b", "clove", 100, { stillId: "another" }),
      { ...lit("d", "clove", 0), entries: [] },
    ];
    for (const other of others) expect(lastInStill(now, [other], catalogueBook)).toBeUndefined();
  });
});

test("hard water asks for the scale to be taken out once so much has gathered, and again after as much more", () => {
  const runs = Array.from({ length: 80 }, (_, i) => lit(`run-${i}`, "lavender", i * 1500));
  const due = (hardnessMgPerL: number | undefined, count: number) =>
    dutiesDue(
      {
        ...emptyStock,
        runs: runs.slice(0, count),
        duties: [],
        site: { ...sampleSite, ...(hardnessMgPerL === undefined ? {} : { hardnessMgPerL }) },
      },
      new Date("2027-01-01T10:00:00Z"),
      catalogueBook,
    ).filter(({ kind }) => kind === "descale");
  expect(due(undefined, 80)).toEqual([]);
  expect(due(300, 1)).toEqual([]);
  const litres = runs[0]!.plan.waterMl / 1000;
  const needed = Math.ceil(20 / (0.7 * 0.9 * litres));
  expect(due(900, needed - 1)).toEqual([]);
  expect(due(900, needed)).toMatchObject([{ key: "descale/still-a/1" }]);
  expect(due(900, 2 * needed)).toMatchObject([{ key: "descale/still-a/2" }]);
});
