import textOf from "fast-json-stable-stringify";
import fc from "fast-check";
import { buildDemo } from "@/demo/buildDemo";
import { vesselKinds } from "@/core/separation/vesselKinds";
import { entryAt, sampleOwnPlant, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { sampleExercise } from "@/testing/samplePractice";
import { sampleHarvest } from "@/testing/sampleShelf";
import { keyOfItem } from "./lists";
import { mergeRecords } from "./merge";
import { mergeCopies } from "./mergeCopies";
import { faultOf } from "./migrate";
import { kinds, mergedLists, type AnyRecord, type Kind } from "./record";
import type { Run } from "./run";
import { defaultPreferences } from "./setting";

const at = (minutes: number) => new Date(Date.UTC(2026, 4, 4, 8, minutes)).toISOString();
const base = sampleRun([entryAt(0, { type: "lit" })]);

test("two devices note on one run: whichever way the files go, both notes stand", () => {
  const a: Run = {
    ...base,
    updatedAt: at(5),
    entries: [
      ...base.entries,
      entryAt(4, { type: "note", note: "A" }),
      entryAt(5, { type: "note", note: "A again" }),
    ],
  };
  const b: Run = {
    ...base,
    updatedAt: at(9),
    entries: [...base.entries, entryAt(9, { type: "note", note: "B" })],
  };
  const notes = (run: Run) => run.entries.flatMap(({ note }) => note ?? []);
  expect(notes(mergeCopies(a, b))).toEqual(["A", "A again", "B"]);
  expect(mergeCopies(a, b)).toEqual(mergeCopies(b, a));
});

test("what was brought back or emptied later stays so: the older copy does not bin it again", () => {
  const binned = { ...base, updatedAt: at(1), deletedAt: at(1) };
  const back = { ...base, updatedAt: at(2) };
  expect(mergeCopies(binned, back).deletedAt).toBeUndefined();
  expect(mergeCopies(back, binned).deletedAt).toBeUndefined();
});

test("a harvest's weighings of two devices are all there", () => {
  const weighed = (minutes: number) => ({ at: at(minutes), massG: 1000 - minutes });
  const one = sampleHarvest({ updatedAt: at(5), weighings: [weighed(5)] });
  const two = sampleHarvest({ updatedAt: at(6), weighings: [weighed(6)] });
  expect(mergeCopies(one, two).weighings).toEqual([weighed(5), weighed(6)]);
});

test("of two copies of a still the fields of the later stand, whichever comes first", () => {
  const still = sampleStill();
  for (const [late, early] of [
    ["A", "Z"],
    ["Z", "A"],
  ]) {
    const later = { ...still, name: late!, updatedAt: at(3) };
    const earlier = { ...still, name: early!, updatedAt: at(2) };
    expect(mergeCopies(later, earlier)).toBe(later);
    expect(mergeCopies(earlier, later)).toBe(later);
  }
});

test("of two changes in one millisecond the same stands on both devices", () => {
  const still = sampleStill();
  const [a, z] = [
    { ...still, name: "A" },
    { ...still, name: "Z" },
  ];
  expect(mergeCopies(a, z)).toBe(z);
  expect(mergeCopies(z, a)).toBe(z);
  /* And which of them it is does not hang on what each has in its lists. */
  const noted = (name: string, n: number) => ({
    ...base,
    stillName: name,
    entries: [...base.entries, entryAt(n, { type: "note", note: `${n}` })],
  });
  for (const [x, y] of [
    [1, 2],
    [2, 1],
  ] as const) {
    expect(mergeCopies(noted("A", x), noted("Z", y)).stillName).toBe("Z");
    expect(mergeCopies(noted("Z", x), noted("A", y)).stillName).toBe("Z");
  }
});

test("copies that differ in their lists alone come to the same both ways, and each lacks nothing", () => {
  const one = { ...base, entries: [entryAt(1, { type: "note", note: "A" })] };
  const two = { ...base, entries: [entryAt(2, { type: "note", note: "B" })] };
  expect(mergeCopies(one, two)).toEqual(mergeCopies(two, one));
  expect(mergeCopies(one, two).entries).toHaveLength(2);
  /* Where one has all of the other's, it stands as it is, in its own order. */
  const [first, second] = [...one.entries, ...two.entries];
  const all = { ...base, entries: [second!, first!], updatedAt: at(9) };
  expect(mergeCopies(all, one)).toBe(all);
  expect(mergeCopies(one, all)).toBe(all);
});

test("one entry told in two ways is one entry, the same on both devices", () => {
  const [lit] = base.entries;
  const told = (note: string) => ({ ...base, entries: [{ ...lit!, note }] });
  for (const [x, y] of [
    ["A", "B"],
    ["B", "A"],
  ])
    expect(mergeCopies(told(x!), told(y!)).entries).toEqual([{ ...lit, note: "B" }]);
});

test("entries of both stand by their moments, whatever they are called and wherever they were written", () => {
  const entry = (id: string, moment: string) => ({
    ...entryAt(1, { type: "note" }),
    id,
    at: moment,
  });
  const one = { ...base, entries: [entry("z", "2026-05-04T08:00:00.000Z")] };
  const two = {
    ...base,
    entries: [
      entry("m", "2026-05-04T10:30:00.000+02:00"),
      entry("a", "2026-05-04T09:00:00.000Z"),
      entry("b", "1969-12-31T23:59:00.000Z"),
    ],
    updatedAt: at(9),
  };
  expect(mergeCopies(one, two).entries.map(({ id }) => id)).toEqual(["b", "z", "m", "a"]);
  /* Of one moment by their names. */
  const same = { ...base, entries: [entry("k", "2026-05-04T08:00:00.000Z")], updatedAt: at(9) };
  expect(mergeCopies(one, same).entries.map(({ id }) => id)).toEqual(["k", "z"]);
});

test("a list that neither has is not made", () => {
  const { takenAway: _, ...harvest } = sampleHarvest({});
  const a = { ...harvest, updatedAt: at(5) };
  const b = { ...harvest, note: "wet", updatedAt: at(6) };
  expect(mergeCopies(a, b)).toBe(b);
  expect(mergeCopies(a, b)).not.toHaveProperty("takenAway");
});

const times = fc.integer({ min: 1, max: 40 });
/** What three people may add to each list that is merged, told by a number. */
const added: Record<string, (n: number) => unknown> = {
  "run.entries": (n) => entryAt(n, { type: "note", note: `${n}` }),
  "run.checked": (n) => `check ${n}`,
  "harvest.weighings": (n) => ({ at: at(n), massG: 100 + n }),
  "harvest.takenAway": (n) => ({ at: at(n), what: "stems", massG: n }),
  "trial.lots": (n) => ({ pair: n, first: "a" }),
  "trial.runs": (n) => ({ runId: `run-${n}`, side: "b" }),
  "sniff.rounds": (n) => ({ at: at(n), strips: strips(n) }),
  "exercise.acts": (n) => ({ id: `act-${n}`, second: n, code: "look" }),
  "empty.changes": (n) => ({ id: `change-${n}`, at: at(n), by: -n, why: "filled" }),
};
const strips = (n: number) =>
  [100, 200, 300].map((from, i) => ({ code: String(from + n), of: i === 0 ? "a" : "b" }));

const bases = new Map(
  buildDemo(new Date("2026-10-03T14:00:00Z")).map((record) => [record.kind, record]),
);
/* Kinds that the demonstration has none of. */
const stamp = { version: 1 as const, createdAt: at(0), updatedAt: at(0) };
const further: AnyRecord[] = [
  sampleOwnPlant({}),
  { ...stamp, kind: "measure", id: "measure-a", name: "basketful", massG: 800 },
  { ...stamp, kind: "duty", id: "duty-a", of: "check/lot-a" },
  {
    ...stamp,
    kind: "vessel",
    id: "vessel-a",
    name: "Tall jar",
    vessel: vesselKinds[0],
    diameterMm: 90,
    heightMm: 200,
  },
  sampleExercise(),
  defaultPreferences(),
];
for (const record of further) if (!bases.has(record.kind)) bases.set(record.kind, record);
const lists = kinds.flatMap((kind) => Object.keys(mergedLists[kind]).map((name) => [kind, name]));

type Fields = Record<string, unknown>;
const itemsOf = (record: AnyRecord, name: string) =>
  ((record as Fields)[name] as unknown[] | undefined) ?? [];

test("every kind of record and each of its merged lists is among the histories", () => {
  expect([...bases.keys()].sort()).toEqual([...kinds].sort());
  expect(lists.map((names) => names.join("."))).toEqual(expect.arrayContaining(Object.keys(added)));
  expect(lists).toHaveLength(Object.keys(added).length);
});

/* What a device did to the record that all three began with. */
const did = fc.record({
  at: times,
  note: fc.option(times),
  items: fc.uniqueArray(times, { maxLength: 5 }),
});
const history = fc.record({ kind: fc.constantFrom(...kinds), of: fc.tuple(did, did, did) });

function after(
  kind: Kind,
  { at: minute, note, items }: typeof did extends fc.Arbitrary<infer D> ? D : never,
) {
  const record = { ...bases.get(kind), updatedAt: at(minute) } as Fields;
  if (note !== null) record.deletedAt = at(note);
  for (const name of Object.keys(mergedLists[kind]))
    record[name] = [
      ...itemsOf(record as AnyRecord, name),
      ...items.map((n) => added[`${kind}.${name}`]!(n)),
    ];
  return record as AnyRecord;
}

test("of 1,000 histories of three devices every order and grouping comes to the same, once or often, by file and by tab, and no item is lost", () => {
  const told = new Set<Kind>();
  fc.assert(
    fc.property(history, ({ kind, of }) => {
      told.add(kind);
      const base = bases.get(kind)!;
      const [a, b, c] = of.map((each) => after(kind, each)) as [AnyRecord, AnyRecord, AnyRecord];
      const all = mergeCopies(mergeCopies(a, b), c);
      const text = textOf(all);
      const others = [
        mergeCopies(a, mergeCopies(b, c)),
        mergeCopies(mergeCopies(c, a), b),
        mergeCopies(all, a),
        mergeCopies(b, all),
      ];
      for (const other of others) if (textOf(other) !== text) return false;
      if (mergeCopies(all, all) !== all || faultOf(all) !== undefined) return false;
      const tabs = mergeRecords(base, c, mergeRecords(base, b, a));
      for (const [name, by] of Object.entries(mergedLists[kind]))
        for (const merged of [all, tabs]) {
          const has = new Set(itemsOf(merged, name).map((item) => keyOfItem(item, by)));
          for (const record of [a, b, c])
            for (const item of itemsOf(record, name))
              if (!has.has(keyOfItem(item, by))) return false;
        }
      return faultOf(tabs) === undefined;
    }),
    { numRuns: 1000 },
  );
  expect(told.size).toBe(kinds.length);
});
