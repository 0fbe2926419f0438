import { kinds, recordKey, type AnyRecord } from "@/records/record";
import { newRecord } from "@/records/base";
import { defaultPreferences } from "@/records/setting";
import { sampleOwnPlant, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { recordReducers, recordsChanged, recordsReceived } from "./recordSlice";
import { entitiesOf } from "./selectors";

const records: AnyRecord[] = [sampleStill(), sampleRun(), sampleOwnPlant({}), defaultPreferences()];

test("every kind that can be stored has its reducer, and no reducer is of no kind", () => {
  expect(Object.keys(recordReducers).sort()).toEqual([...kinds].sort());
});

test.each(kinds)(
  "%s takes its own records from a change and from storage, and no others",
  (kind) => {
    const reduce = recordReducers[kind] as (state: unknown, action: unknown) => { ids: string[] };
    const own = records.filter((record) => record.kind === kind).map(({ id }) => id);
    const begun = reduce(undefined, { type: "begin" });
    expect(begun.ids).toEqual([]);
    for (const action of [recordsChanged({ records }), recordsReceived({ records })])
      expect(reduce(begun, action).ids).toEqual(own);
    expect(reduce(begun, { type: "something else" })).toBe(begun);
  },
);

test("the newer state of a record takes the place of the older one", () => {
  const reduce = recordReducers.still;
  const first = reduce(undefined, recordsReceived({ records: [sampleStill()] }));
  const renamed = { ...sampleStill(), name: "Renamed" };
  const second = reduce(first, recordsChanged({ records: [renamed] }));
  expect(second.ids).toEqual(["still-a"]);
  expect(second.entities["still-a"]).toEqual(renamed);
  expect(first.entities["still-a"]!.name).not.toBe("Renamed");
});

test("a name that every object has of its own finds no record", () => {
  const state = recordReducers.run(undefined, recordsReceived({ records }));
  for (const name of ["constructor", "__proto__", "toString"])
    expect(entitiesOf({ run: state } as never, "run")[name]).toBeUndefined();
});

test("a key names kind and id, and a new record has both", () => {
  const record = newRecord("lot", new Date("2026-06-01T10:00:00Z"));
  expect(record).toMatchObject({ kind: "lot", version: 1, createdAt: "2026-06-01T10:00:00.000Z" });
  expect(recordKey(record)).toBe(`lot/${record.id}`);
  expect(newRecord("lot", new Date()).id).not.toBe(record.id);
});
