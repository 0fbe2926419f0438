import { mergeRecords } from "@/records/merge";
import { mergeCopies } from "@/records/mergeCopies";
import type { Empty } from "@/records/empty";
import { emptiesChanged, emptiesLeft, emptiesMore } from "./empties";

const at = (minute: number) => new Date(Date.UTC(2026, 6, 1, 9, minute));
const ten: Empty = {
  kind: "empty",
  id: "e",
  version: 2,
  createdAt: at(0).toISOString(),
  updatedAt: at(0).toISOString(),
  sizeMl: 100,
  glass: "amber",
  count: 10,
  changes: [],
};
const taken = (by: number, minute: number): Empty => ({
  ...emptiesChanged(ten, -by, "filled", at(minute)),
  updatedAt: at(minute).toISOString(),
});

test("of ten, two tabs take two and three: five are left, whichever wrote last", () => {
  for (const [mine, theirs] of [
    [taken(2, 1), taken(3, 2)],
    [taken(3, 2), taken(2, 1)],
  ] as const) {
    expect(emptiesLeft(mergeRecords(ten, mine, theirs) as Empty)).toBe(5);
    expect(emptiesLeft(mergeCopies(mine, theirs))).toBe(5);
  }
});

test("taken back, they are there again; more taken than there were is none left, not fewer", () => {
  const one = taken(4, 1);
  expect(emptiesLeft(mergeRecords(one, ten, one) as Empty)).toBe(10);
  expect(emptiesLeft(emptiesChanged(taken(8, 1), -5, "filled", at(2)))).toBe(0);
});

test("counted anew they are as many as were counted, also after more was taken than there was", () => {
  const short = emptiesChanged(taken(8, 1), -8, "filled", at(2));
  for (const counted of [0, 1, 5, 40]) {
    const more = emptiesMore(short, counted);
    expect(emptiesLeft(emptiesChanged(short, more, "counted", at(3)))).toBe(counted);
  }
});
