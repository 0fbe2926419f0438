import type { AnyRecord, Kind, RecordOf } from "@/records/record";
import { randomLcg } from "d3-random";
import { drawRound, oddOf } from "@/core/learn/triangle";
import { minute, stamp, startOf } from "./stamp";

/** What is kept beside the season's own lots: empties, a bought oil for comparison, a blend of two oils. */
export function keeping(
  records: readonly AnyRecord[],
  now: Date,
  nextCode: () => string,
): AnyRecord[] {
  const emptied = startOf(now, 12);
  const bought = startOf(now, 35);
  const blended = startOf(now, 22);
  const find = <K extends Kind>(kind: K, id: string) =>
    records.find(
      (record): record is RecordOf<K> => record.kind === kind && record.id === `demo-${id}`,
    );
  const parts = [
    { from: find("bottle", "bottle-5-oil"), amountMl: 0.6 },
    { from: find("bottle", "bottle-27-oil"), amountMl: 2.4 },
  ].flatMap(({ from, amountMl }) => (from ? [{ from, amountMl }] : []));
  return [
    {
      ...stamp("empty", "empty-1", emptied),
      sizeMl: 5,
      glass: "amber",
      closure: "dropper",
      count: 14,
      changes: [],
    },
    {
      ...stamp("empty", "empty-2", emptied),
      sizeMl: 10,
      glass: "amber",
      closure: "dropper",
      count: 6,
      changes: [],
    },
    {
      ...stamp("empty", "empty-3", emptied),
      sizeMl: 100,
      glass: "blue",
      closure: "spray",
      count: 9,
      changes: [],
    },
    {
      ...stamp("empty", "empty-4", emptied),
      sizeMl: 500,
      glass: "amber",
      closure: "cap",
      count: 4,
      changes: [],
    },
    {
      ...stamp("lot", "lot-bought", bought),
      code: nextCode(),
      product: "oil",
      origin: "bought",
      plantId: "juniperberry",
      runIds: [],
      madeOn: bought.toISOString().slice(0, 10),
      volumeMl: 10,
      paid: 8.9,
      smell: "thinner than ours, more turpentine",
    },
    {
      ...stamp("bottle", "bottle-bought", bought),
      code: nextCode(),
      lotId: "demo-lot-bought",
      sizeMl: 10,
      filledMl: 10,
      glass: "amber",
      closure: "dropper",
      storage: "cellar",
      place: "oil box",
      bestBy: startOf(now, -330).toISOString().slice(0, 10),
    },
    {
      ...stamp("lot", "lot-blend", blended),
      code: nextCode(),
      product: "oil",
      origin: "blend",
      name: "Winter room",
      plantId: "juniperberry",
      runIds: [],
      madeOn: blended.toISOString().slice(0, 10),
      volumeMl: 3,
    },
    ...parts.map(({ from, amountMl }, i) => ({
      ...stamp("use", `use-blend-${i + 1}`, blended),
      bottleId: from.id,
      at: blended.toISOString(),
      amountMl,
      purpose: "Winter room",
      way: "blended" as const,
      intoLotId: "demo-lot-blend",
    })),
    {
      ...stamp("bottle", "bottle-blend", blended),
      code: nextCode(),
      lotId: "demo-lot-blend",
      sizeMl: 5,
      filledMl: 3,
      glass: "amber",
      closure: "dropper",
      storage: "room",
      place: "kitchen shelf",
      bestBy: startOf(now, -400).toISOString().slice(0, 10),
    },
  ];
}

/** Whether a nose tells the two clary sage oils apart: eight rounds with a helper, closed. */
export function sniffs(now: Date): AnyRecord[] {
  const closed = startOf(now, 96);
  const chance = randomLcg(0.21);
  const answers = [true, true, false, true, true, true, false, true].map((right, i) => ({
    right,
    likes: i === 4 ? ("a" as const) : ("b" as const),
  }));
  return [
    {
      ...stamp("sniff", "sniff-1", closed),
      a: "distilled at once",
      b: "wilted overnight",
      withHelper: true,
      trialId: "demo-trial-1",
      rounds: answers.map(({ right, likes }, i) => {
        const strips = drawRound(chance);
        const odd = oddOf(strips)!;
        const other = strips.find(({ of }) => of !== odd.of)!;
        return {
          at: new Date(closed.getTime() + i * 7 * minute).toISOString(),
          strips,
          laidOut: true as const,
          said: right ? odd.code : other.code,
          liked: likes === odd.of ? ("odd" as const) : ("alike" as const),
        };
      }),
      closedAt: new Date(closed.getTime() + 60 * minute).toISOString(),
    },
  ];
}

/** A finished trial, fresh against wilted clary sage in pairs, and one that is not decided yet. */
export function trials(now: Date): AnyRecord[] {
  const closed = startOf(now, 130);
  const open = startOf(now, 148);
  const pair = (n: number, a: number, b: number) => [
    { runId: `demo-run-${a}`, side: "a" as const, pair: n },
    { runId: `demo-run-${b}`, side: "b" as const, pair: n },
  ];
  const common = {
    a: "at once",
    b: "wilted overnight",
    measure: "mlPerKgDry" as const,
    changes: "state" as const,
  };
  return [
    {
      ...stamp("trial", "trial-1", closed),
      ...common,
      plantId: "clarysage",
      question: "Clary sage: at once, or wilted overnight?",
      design: "pairs",
      runs: [...pair(1, 11, 12), ...pair(2, 13, 14), ...pair(3, 15, 16)],
      closedAt: closed.toISOString(),
    },
    {
      ...stamp("trial", "trial-2", open),
      ...common,
      plantId: "spearmint",
      question: "Does spearmint want to wilt?",
      design: "pairs",
      runs: pair(1, 8, 9),
    },
  ];
}
