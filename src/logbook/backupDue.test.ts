import { measuredRun } from "@/testing/sampleRecords";
import { backupDue } from "./backupDue";

const day = 86400000;
const start = Date.parse("2026-05-04T12:00:00Z");
const many = (count: number) =>
  Array.from({ length: count }, (_, i) => ({
    ...measuredRun(`run-${i}`, i + 1, 4),
    updatedAt: new Date(start).toISOString(),
  }));

test("after ten runs or thirty days a copy is due; put off or saved it is not", () => {
  expect(backupDue([], {}, start)).toBeUndefined();
  expect(backupDue(many(9), {}, start + day)).toBeUndefined();
  expect(backupDue(many(10), {}, start + day)).toMatchObject({ runs: 10, ever: false });
  expect(backupDue(many(1), {}, start + 31 * day)).toMatchObject({ runs: 1, days: 31 });
  const saved = { backedUpAt: new Date(start + day).toISOString() };
  expect(backupDue(many(12), saved, start + 2 * day)).toBeUndefined();
  const putOff = { backupAskedAfter: new Date(start + 9 * day).toISOString() };
  expect(backupDue(many(12), putOff, start + 2 * day)).toBeUndefined();
  expect(backupDue(many(12), putOff, start + 10 * day)).toBeDefined();
});
