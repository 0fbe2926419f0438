import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { mergeRecords } from "./merge";

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
  expect(mergeRecords(base, mine, base).deletedAt).toBeUndefined();
});
