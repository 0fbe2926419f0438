import fc from "fast-check";
import { type UnitName, toCanonical } from "@/core/units/units";
import type { LoggedEntry } from "@/logbook/run/runState";
import { faultOf } from "@/records/migrate";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { amountsOf, inputOf, readAmount } from "./entryAmounts";

const entries = [
  entryAt(30, { type: "reading", distillateMl: 240 }),
  entryAt(31, { type: "reading", rateMlPerMin: 14 }),
  entryAt(31.5, { type: "reading", headC: 97, outletC: 24, coolingOutC: 30, tubC: 22, oilMl: 3 }),
  entryAt(32, { type: "waterAdded", volumeMl: 500 }),
  entryAt(33, { type: "iceAdded", massG: 1500 }),
  entryAt(34, { type: "heatChanged", powerW: 1200 }),
] as LoggedEntry[];
const without = entryAt(35, { type: "jarSwapped" }) as LoggedEntry;

test.each(entries)(
  "every number of $type is shown and read back as it was, in either units",
  (entry) => {
    for (const system of ["metric", "us"] as const)
      for (const amount of amountsOf(entry)) {
        const shown = inputOf(entry, amount, system);
        expect(shown.text).not.toBe("");
        expect(amount.units(system)).toContain(shown.unit);
        expect(readAmount(entry, amount, shown)).toEqual({ change: {} });
      }
  },
);

test("all that a reading carries can be corrected; one that carries none may be given the jar's", () => {
  expect(amountsOf(entries[2]!).map(({ field }) => field)).toEqual([
    "oilMl",
    "headC",
    "outletC",
    "coolingOutC",
    "tubC",
  ]);
  const noteOnly = entryAt(35, { type: "reading", note: "clear" }) as LoggedEntry;
  const [jar] = amountsOf(noteOnly);
  expect(readAmount(noteOnly, jar!, { text: "", unit: "mL" })).toEqual({ change: {} });
  expect(readAmount(noteOnly, jar!, { text: "250", unit: "mL" }).change).toEqual({
    distillateMl: 250,
  });
  expect(amountsOf(without)).toEqual([]);
});

test("whatever is typed is a problem that is said, or a correction that can be kept", () => {
  const typed = fc.oneof(
    fc.string(),
    fc.double().map(String),
    fc.constantFrom("-3", "0", "1,5", "1e12", "1½", "2 lb", ""),
  );
  fc.assert(
    fc.property(fc.constantFrom(...entries), fc.nat(), typed, (entry, at, text) => {
      const amounts = amountsOf(entry);
      const amount = amounts[at % amounts.length]!;
      const read = readAmount(entry, amount, { text, unit: amount.units("metric")[0]! });
      if (read.problem !== undefined) {
        expect(read.problem.length).toBeGreaterThan(5);
        return;
      }
      const amended = entryAt(40, { type: "amendment", of: entry.id, change: read.change });
      expect(faultOf(sampleRun([entry as never, amended]))).toBeUndefined();
    }),
    { numRuns: 200 },
  );
});

test("a corrected amount is kept in canonical units, whichever it was typed in", () => {
  const typed: [LoggedEntry, string, UnitName][] = [
    [entries[0]!, "10", "floz"],
    [entries[3]!, "1", "L"],
    [entries[4]!, "2", "lb"],
    [entries[5]!, "1.5", "kW"],
  ];
  for (const [entry, text, unit] of typed) {
    const [value] = Object.values(readAmount(entry, amountsOf(entry)[0]!, { text, unit }).change);
    expect(value).toBeCloseTo(toCanonical(Number(text), unit), 6);
  }
});
