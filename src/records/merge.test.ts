import { entryAt, sampleOwnPlant, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { mergeRecords } from "./merge";
import { sampleHarvest, sampleTrial } from "@/testing/sampleShelf";
import { defaultPreferences } from "./setting";

const at = (minute: number) => new Date(Date.UTC(2026, 5, 1, 12, minute)).toISOString();

test("each tab's own change to a still survives the other's", () => {
  const base = sampleStill();
  const mine = { ...base, name: "Mine", updatedAt: at(2) };
  const theirs = { ...base, dryLineMl: 900, updatedAt: at(3) };
  expect(mergeRecords(base, mine, theirs)).toMatchObject({
    name: "Mine",
    dryLineMl: 900,
    updatedAt: at(3),
  });
});

test("where both changed the same field, the later one stands", () => {
  const base = sampleStill();
  const mine = { ...base, name: "Mine", updatedAt: at(5) };
  const theirs = { ...base, name: "Theirs", updatedAt: at(3) };
  expect(mergeRecords(base, mine, theirs)).toMatchObject({ name: "Mine" });
  expect(mergeRecords(base, { ...mine, updatedAt: at(1) }, theirs)).toMatchObject({
    name: "Theirs",
  });
});

test("an undone entry goes, one added elsewhere stays", () => {
  const first = entryAt(1, { type: "lit" });
  const second = entryAt(2, { type: "boiling" });
  const base = sampleRun([first]);
  const mine = { ...base, entries: [], updatedAt: at(2) };
  const theirs = { ...base, entries: [first, second], updatedAt: at(1) };
  expect(mergeRecords(base, mine, theirs)).toMatchObject({ entries: [second] });
});

test("bringing a record back removes its deletion mark", () => {
  const base = { ...sampleStill(), deletedAt: at(1), updatedAt: at(1) };
  const { deletedAt: _, ...mine } = { ...base, updatedAt: at(2) };
  expect(mergeRecords(base, mine, base)).not.toHaveProperty("deletedAt");
});

test("what nobody else touched stays the very same object", () => {
  const base = sampleRun([entryAt(1, { type: "lit" })]);
  const mine = { ...base, entries: [...base.entries, entryAt(2, { type: "boiling" })] };
  const stored = JSON.parse(JSON.stringify(base)) as typeof base;
  const later = { ...mine, updatedAt: at(2) };
  expect(mergeRecords(base, later, stored)).toBe(later);
});

test("a clock put back between two changes does not undo the second, in whatever order fields are stored", () => {
  const base = { ...sampleRun([]), updatedAt: at(9) };
  const mine = { ...base, plan: { ...base.plan, waterMl: 4321 }, updatedAt: at(1) };
  const stored = turned(base) as typeof base;
  expect(mergeRecords(base, mine, stored)).toMatchObject({ plan: { waterMl: 4321 } });
});

test("merging goes down into plain objects: each tab's part of the place stands", () => {
  const base = defaultPreferences();
  const mine = { ...base, site: { ...base.site, altitudeM: 900 }, updatedAt: at(3) };
  const theirs = { ...base, site: { ...base.site, airC: 31 }, updatedAt: at(2) };
  expect(mergeRecords(base, mine, theirs)).toMatchObject({ site: { altitudeM: 900, airC: 31 } });
});

test("halves of two changes that do not go together are not mixed", () => {
  const state = (low: number, high: number) => ({
    oilMlPerKg: { low, high },
    moisture: 0.7,
    packingGPerL: 200,
  });
  const base = sampleOwnPlant({ states: { fresh: state(2, 4) } });
  const mine = { ...base, own: { states: { fresh: state(8, 9) } }, updatedAt: at(2) };
  const theirs = { ...base, own: { states: { fresh: state(1, 3) } }, updatedAt: at(3) };
  expect(mergeRecords(base, mine, theirs)).toMatchObject({
    own: { states: { fresh: { oilMlPerKg: { low: 1, high: 3 } } } },
  });
  const tap = { kind: "tap" as const, riseK: 20 };
  const tub = { kind: "tubCoil" as const, tubL: 40, iceKg: 1 };
  const still = sampleStill();
  expect(
    mergeRecords(
      still,
      { ...still, condenser: tap, updatedAt: at(4) },
      { ...still, condenser: tub, updatedAt: at(3) },
    ),
  ).toHaveProperty("condenser", tap);
  /* My low and their high would be a range on its head: the later range is taken whole. */
  const low = { ...base, own: { states: { fresh: state(3.5, 4) } }, updatedAt: at(2) };
  const high = { ...base, own: { states: { fresh: state(2, 3) } }, updatedAt: at(3) };
  expect(mergeRecords(base, low, high)).toHaveProperty("own.states.fresh.oilMlPerKg", {
    low: 2,
    high: 3,
  });
});

/** The same value with the fields of every object in the opposite order. */
function turned(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(turned);
  if (value === null || typeof value !== "object") return value;
  return Object.fromEntries(
    Object.entries(value)
      .reverse()
      .map(([name, each]) => [name, turned(each)]),
  );
}

test("a harvest weighed in two tabs is weighed twice; one struck out here stays struck out", () => {
  const weighing = (minute: number, massG: number) => ({ at: at(minute), massG });
  const base = sampleHarvest({ weighings: [weighing(1, 900)] });
  const mine = { ...base, weighings: [weighing(3, 700)], updatedAt: at(5) };
  const theirs = {
    ...base,
    weighings: [weighing(1, 900), weighing(2, 800)],
    takenAway: [{ at: at(2), what: "stems" as const, massG: 50 }],
    updatedAt: at(4),
  };
  expect(mergeRecords(base, mine, theirs)).toMatchObject({
    weighings: [weighing(2, 800), weighing(3, 700)],
    takenAway: [{ massG: 50 }],
  });
});

test("two charges made ready for one trial in two tabs both stand in it; a swap here is not undone there", () => {
  const a = { runId: "a", side: "a" as const, pair: 1 };
  const base = sampleTrial({ runs: [a] });
  const mine = { ...base, runs: [{ ...a, side: "b" as const }], updatedAt: at(2) };
  const theirs = { ...base, runs: [a, { ...a, runId: "c", pair: 2 }], updatedAt: at(3) };
  expect(mergeRecords(base, mine, theirs)).toMatchObject({
    runs: [
      { runId: "a", side: "b" },
      { runId: "c", side: "a", pair: 2 },
    ],
  });
});

test("where both tabs draw the lot of one pair the later one stands, once", () => {
  const base = sampleTrial();
  const mine = { ...base, lots: [{ pair: 1, first: "a" as const }], updatedAt: at(3) };
  const theirs = { ...base, lots: [{ pair: 1, first: "b" as const }], updatedAt: at(2) };
  expect(mergeRecords(base, mine, theirs)).toMatchObject({ lots: [{ pair: 1, first: "a" }] });
  expect(mergeRecords(base, { ...mine, updatedAt: at(1) }, theirs)).toMatchObject({
    lots: [{ pair: 1, first: "b" }],
  });
});

test("of two changes in the same moment mine stands", () => {
  const base = sampleStill();
  const mine = { ...base, name: "Mine", updatedAt: at(3) };
  const theirs = { ...base, name: "Theirs", updatedAt: at(3) };
  expect(mergeRecords(base, mine, theirs)).toMatchObject({ name: "Mine" });
});

test("a list that I emptied is empty; one that I took back to before there was any is not there", () => {
  const weighings = [{ at: at(1), massG: 900 }];
  const base = sampleHarvest({ weighings });
  const emptied = { ...base, weighings: [], updatedAt: at(3) };
  expect(mergeRecords(base, emptied, base)).toHaveProperty("weighings", []);
  const { weighings: _, ...without } = base;
  const later = { ...without, note: "moved", updatedAt: at(3) };
  const merged = mergeRecords(base, later as typeof base, { ...base, from: "hedge" });
  expect(merged).not.toHaveProperty("weighings");
  expect(merged).toMatchObject({ note: "moved", from: "hedge" });
});

test("what is a value on one side and nothing or a list on the other is not taken apart", () => {
  const base = sampleStill();
  const { receivers: _, ...without } = base as typeof base & { receivers?: unknown };
  const mine = { ...without, condenser: { kind: "tap" as const, riseK: 20 }, updatedAt: at(4) };
  const merged = mergeRecords(undefined, mine as typeof base, {
    ...(without as typeof base),
    condenser: { kind: "tap" as const, riseK: 25 },
    updatedAt: at(3),
  });
  expect(merged).toHaveProperty("condenser", { kind: "tap", riseK: 20 });
});
