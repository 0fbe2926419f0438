import fc from "fast-check";
import { type UnitName, toCanonical } from "@/core/units/units";
import type { LoggedEntry } from "@/logbook/run/runState";
import { faultOf } from "@/records/migrate";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { readableAmount } from "./readableAmount";

const entries = [
  entryAt(30, { type: "reading", distillateMl: 240 }),
  entryAt(31, { type: "reading", rateMlPerMin: 14 }),
  entryAt(32, { type: "waterAdded", volumeMl: 500 }),
  entryAt(33, { type: "iceAdded", massG: 1500 }),
  entryAt(34, { type: "heatChanged", powerW: 1200 }),
] as LoggedEntry[];
const without = entryAt(35, { type: "jarSwapped" }) as LoggedEntry;

test.each(entries)(
  "the amount of $type is shown and read back as it was, in either units",
  (entry) => {
    for (const system of ["metric", "us"] as const) {
      const shown = readableAmount.input(entry, system);
      expect(readableAmount.units(entry, system)).toContain(shown.unit);
      const read = readableAmount.read(entry, shown);
      expect(read.applies).toBe(true);
      expect(read.problem).toBeUndefined();
      expect(read.change ?? {}).toEqual({});
    }
  },
);

test("an entry without an amount has none to correct", () => {
  expect(readableAmount.units(without, "metric")).toEqual([]);
  expect(readableAmount.read(without, { text: "5", unit: "mL" }).applies).toBe(false);
});

test("whatever is typed is a problem that is said, or a correction that can be kept", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...entries),
      fc.oneof(
        fc.string(),
        fc.double().map(String),
        fc.constantFrom("-3", "0", "1,5", "1e12", "1½", "2 lb", ""),
      ),
      (entry, text) => {
        const unit = readableAmount.units(entry, "metric")[0]!;
        const read = readableAmount.read(entry, { text, unit });
        if (read.problem !== undefined) {
          expect(read.problem.length).toBeGreaterThan(5);
          return;
        }
        const amended = entryAt(40, { type: "amendment", of: entry.id, change: read.change ?? {} });
        expect(faultOf(sampleRun([entry as never, amended]))).toBeUndefined();
      },
    ),
    { numRuns: 200 },
  );
});

test("a corrected amount is kept in canonical units, whichever it was typed in", () => {
  const typed: [LoggedEntry, string, UnitName][] = [
    [entries[0]!, "10", "floz"],
    [entries[2]!, "1", "L"],
    [entries[3]!, "2", "lb"],
    [entries[4]!, "1.5", "kW"],
  ];
  for (const [entry, text, unit] of typed) {
    const [value] = Object.values(readableAmount.read(entry, { text, unit }).change ?? {});
    expect(value).toBeCloseTo(toCanonical(Number(text), unit), 6);
  }
});
