import type { Entry } from "@/records/entry";
import { entryAt } from "@/testing/sampleRecords";
import { actOfEntry, actsToDo } from "./actsOfLog";

const acts: [Parameters<typeof entryAt>[1], ReturnType<typeof actOfEntry>][] = [
  [
    { type: "heatChanged", powerW: 900 },
    { code: "heat", amount: 900 },
  ],
  [
    { type: "iceAdded", massG: 1500 },
    { code: "ice", amount: 1.5 },
  ],
  [
    { type: "waterAdded", volumeMl: 600 },
    { code: "water", amount: 600 },
  ],
  [{ type: "jarSwapped" }, { code: "jarSwapped" }],
  [{ type: "heatOff" }, { code: "heatOff" }],
  [{ type: "lit" }, undefined],
  [{ type: "reading", distillateMl: 80 }, undefined],
  [{ type: "note", note: "hm" }, undefined],
];

test.each(acts)("what the log says by %j is done at the still", (entry, act) => {
  expect(actOfEntry(entryAt(3, entry))).toEqual(act);
});

test("what was done is not done again; the rest comes in the order of the log", () => {
  const entries: Entry[] = acts.map(([entry], i) => entryAt(i, entry, `e${i}`));
  const done = [{ id: "a", second: 9, code: "ice" as const, amount: 1.5, of: "e1" }];
  expect(actsToDo(entries, { acts: done }).map(({ of }) => of)).toEqual(["e0", "e2", "e3", "e4"]);
  expect(actsToDo(entries, { acts: done })[1]).toEqual({
    act: { code: "water", amount: 600 },
    of: "e2",
  });
});
