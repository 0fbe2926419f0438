import fc from "fast-check";
import { toInput } from "@/core/units/numberInput";
import { newRecord } from "@/records/base";
import type { Harvest } from "@/records/harvest";
import type { Measure } from "@/records/measure";
import { faultOf } from "@/records/migrate";
import { noMass, readMass, type MassTold } from "./massOf";

const handful: Measure = { ...newRecord("measure", new Date()), name: "handful", massG: 40 };
const told = (part: Partial<MassTold>): MassTold => ({ ...noMass("metric"), ...part });

test("on the scale a mass is what is typed, in its own unit", () => {
  expect(readMass(told({ mass: { text: "1,2", unit: "kg" } }), [])).toEqual({
    ok: true,
    massG: 1200,
  });
  expect(readMass(told({ mass: { text: "", unit: "g" } }), [])).toMatchObject({ ok: false });
});

test("counted it is so many times what one weighs; a half one counts too", () => {
  const by = { by: "measure" as const, count: toInput(12.5, "one") };
  expect(readMass(told({ ...by, measureId: handful.id }), [handful])).toEqual({
    ok: true,
    massG: 500,
    counted: { measure: "handful", count: 12.5 },
  });
  expect(readMass(told({ ...by, newName: " stem ", newMass: toInput(8, "g") }), [])).toEqual({
    ok: true,
    massG: 100,
    counted: { measure: "stem", count: 12.5 },
    newMeasure: { name: "stem", massG: 8 },
  });
});

test("each field that is wrong is named", () => {
  const read = readMass(told({ by: "measure" }), []);
  expect(read.ok ? {} : Object.keys(read.problems).sort()).toEqual(["count", "each", "name"]);
});

test("whatever is typed and let through can be kept and read again", () => {
  const text = fc.oneof(
    fc.constantFrom("", "0", "1e9", "½", "-3", "1.2kg", "NaN", "9999999"),
    fc.double({ min: 0, max: 2e7, noNaN: true }).map(String),
  );
  const unit = fc.constantFrom("g" as const, "kg" as const, "oz" as const, "lb" as const);
  fc.assert(
    fc.property(
      text,
      text,
      text,
      unit,
      fc.boolean(),
      fc.string({ maxLength: 220 }),
      (mass, each, count, of, scale, newName) => {
        const read = readMass(
          told({
            by: scale ? "scale" : "measure",
            mass: { text: mass, unit: of },
            newName,
            newMass: { text: each, unit: of },
            count: { text: count, unit: "one" },
          }),
          [],
        );
        if (!read.ok) return;
        const harvest: Harvest = {
          ...newRecord("harvest", new Date()),
          plantId: "clarysage",
          state: "fresh",
          massG: read.massG,
          cutOn: "2026-06-01",
          ...(read.counted ? { counted: read.counted } : {}),
        };
        expect(faultOf(harvest)).toBeUndefined();
        if (read.newMeasure)
          expect(
            faultOf({ ...newRecord("measure", new Date()), ...read.newMeasure }),
          ).toBeUndefined();
      },
    ),
    { numRuns: 400 },
  );
});
