import fc from "fast-check";
import { partingOf } from "@/core/separation/parting";
import { insideOf, vesselKinds } from "@/core/separation/vesselKinds";
import { readNumber, toInput } from "@/core/units/numberInput";
import { lotsOfRun } from "@/logbook/run/lotsOfRun";
import { vesselFormDefaults, vesselFormSchema, vesselFromForm } from "@/features/bench/vesselForm";
import { bottleFormSchema } from "@/features/shelf/bottleForm";
import { plantWithProse } from "./plantWithProse";
import { ownFromForm, plantFormDefaults, plantFormSchema } from "@/features/plants/plantForm";
import { stillFormDefaults, stillFormSchema, stillFromForm } from "@/features/stills/stillForm";
import { amountsOf, inputOf, readAmount } from "@/features/run/entryAmounts";
import { readingSchema } from "@/features/run/readingForm";
import { asResult, separateDefaults, separateSchema } from "@/features/separate/separateForm";
import { newRecord } from "@/records/base";
import type { Entry } from "@/records/entry";
import { limits, type Limit } from "@/messages/limits";
import { faultOf, openRecord } from "@/records/migrate";
import type { AnyRecord } from "@/records/record";
import { defaultPreferences, settingSchema } from "@/records/setting";
import { entryAt, sampleRun, sampleStill } from "./sampleRecords";

/* What fingers, pastes and other countries put into a number field. */
const nasty = fc.oneof(
  fc.constantFrom("", "0", "-0", "-1e-10", "-0.0000000001", "1e400", "½", "1/3", "140", "140°F"),
  fc.constantFrom("1.2kg", "900g", "2 lb", "9999999999", "0.000000000001", "1,5", "NaN", "pH 7"),
  fc.double({ min: -10, max: 2e7, noNaN: true }).map(String),
  fc.integer({ min: 0, max: 200 }).map(String),
  fc.string({ maxLength: 8 }),
);
const units = fc.constantFrom("g", "kg", "oz", "mL", "L", "floz", "C", "F", "mm", "in", "one");

/** A form's beginning with some of its number fields typed anew. */
function typedInto<F extends object>(beginning: F): fc.Arbitrary<F> {
  const names = Object.entries(beginning)
    .filter(([, value]) => value && typeof value === "object" && "text" in value)
    .map(([name]) => name);
  return fc
    .array(fc.tuple(fc.constantFrom(...names), nasty, fc.boolean(), units), { maxLength: 4 })
    .map((changes) => {
      const form = { ...beginning } as Record<string, { text: string; unit: string }>;
      for (const [name, text, otherUnit, unit] of changes)
        form[name] = { text, unit: otherUnit ? unit : form[name]!.unit };
      return form as F;
    });
}

/* How many got through: a test that lets nothing through would hold nothing. */
let through = 0;
beforeEach(() => (through = 0));
afterEach(() => expect(through).toBeGreaterThan(50));

function opensAgain(record: AnyRecord): void {
  through += 1;
  expect(faultOf(record)).toBeUndefined();
  expect(openRecord(JSON.parse(JSON.stringify(record)))).toMatchObject({ ok: true });
}

const stamp = { id: "a", version: 1 as const, createdAt: "2026-07-01T08:00:00Z" };
const at = { ...stamp, updatedAt: stamp.createdAt };

test("whatever a still's form lets through can be opened again", () => {
  fc.assert(
    fc.property(typedInto(stillFormDefaults(sampleStill(), "us")), (form) => {
      const read = stillFormSchema.safeParse(form);
      if (read.success) opensAgain({ ...at, kind: "still", ...stillFromForm(read.data) });
    }),
    { numRuns: 800 },
  );
});

test("whatever a plant's form lets through can be opened again", () => {
  const like = plantWithProse("lavender");
  fc.assert(
    fc.property(typedInto(plantFormDefaults(like, "lavender", "us")), (form) => {
      const read = plantFormSchema.safeParse(form);
      if (!read.success) return;
      const own = ownFromForm(read.data, like);
      opensAgain({ ...at, kind: "material", plantId: "lavender", like: "lavender", own });
    }),
    { numRuns: 400 },
  );
});

test("whatever is measured, read or filled can be opened again", () => {
  const measured = separateDefaults(undefined, "us");
  fc.assert(
    fc.property(typedInto(measured), (form) => {
      const read = separateSchema.safeParse(form);
      if (!read.success) return;
      opensAgain(sampleRun([entryAt(60, { type: "separated", ...asResult(read.data) })]));
    }),
    { numRuns: 600 },
  );
  const reading = {
    distillate: toInput(undefined, "floz"),
    oil: toInput(1, "mL"),
    head: toInput(undefined, "F"),
    outlet: toInput(undefined, "F"),
    coolingOut: toInput(undefined, "F"),
    tub: toInput(undefined, "F"),
    note: "",
  };
  fc.assert(
    fc.property(typedInto(reading), (form) => {
      const read = readingSchema.safeParse(form);
      if (!read.success) return;
      const { distillate, oil, head, outlet, coolingOut, tub } = read.data;
      opensAgain(
        sampleRun([
          entryAt(30, {
            type: "reading",
            ...(distillate === undefined ? {} : { distillateMl: distillate }),
            ...(oil === undefined ? {} : { oilMl: oil }),
            ...(head === undefined ? {} : { headC: head }),
            ...(outlet === undefined ? {} : { outletC: outlet }),
            ...(coolingOut === undefined ? {} : { coolingOutC: coolingOut }),
            ...(tub === undefined ? {} : { tubC: tub }),
          }),
        ]),
      );
    }),
    { numRuns: 600 },
  );
  const bottle = {
    size: toInput(100, "mL"),
    filled: toInput(90, "mL"),
    count: toInput(1, "one"),
    closure: "cap",
    glass: "amber",
    storage: "fridge",
    place: "",
    bestBy: "",
    note: "",
  };
  fc.assert(
    fc.property(typedInto(bottle), (form) => {
      const read = bottleFormSchema.safeParse(form);
      if (!read.success) return;
      opensAgain({
        ...newRecord("bottle", new Date(0)),
        code: "LA-0701-O1-a",
        lotId: "l",
        sizeMl: read.data.size,
        filledMl: read.data.filled,
        glass: read.data.glass,
        storage: read.data.storage,
        bestBy: "2027-07-01",
      });
    }),
    { numRuns: 400 },
  );
});

test("whatever a correction of an entry lets through can be opened again", () => {
  const corrected: Entry[] = [
    entryAt(10, { type: "reading", distillateMl: 200 }, "r"),
    entryAt(11, { type: "waterAdded", volumeMl: 300 }, "w"),
    entryAt(12, { type: "iceAdded", massG: 800 }, "i"),
    entryAt(13, { type: "heatChanged", powerW: 900 }, "h"),
  ];
  fc.assert(
    fc.property(fc.constantFrom(...corrected), nasty, (entry, text) => {
      const standing = entry as Exclude<Entry, { type: "amendment" }>;
      for (const amount of amountsOf(standing)) {
        const input = { ...inputOf(standing, amount, "us"), text };
        const { problem, change } = readAmount(standing, amount, input);
        if (problem !== undefined) continue;
        const amendment = entryAt(20, { type: "amendment", of: entry.id, change });
        opensAgain(sampleRun([entry, amendment]));
      }
    }),
    { numRuns: 600 },
  );
});

test("every number field of the Bench keeps to its schema's limits, in every unit", () => {
  const fields: [Limit, (value: number) => Partial<ReturnType<typeof defaultPreferences>>][] = [
    [limits.roomC, (airC) => ({ site: { ...defaultPreferences().site, airC } })],
    [limits.feedC, (waterC) => ({ site: { ...defaultPreferences().site, waterC } })],
    [limits.coolingC, (coolingInC) => ({ site: { ...defaultPreferences().site, coolingInC } })],
    [limits.price, (gasPerKg) => ({ prices: { currency: "", gasPerKg } })],
    [limits.latitude, (latitude) => ({ place: { latitude, longitude: 0 } })],
  ];
  fc.assert(
    fc.property(
      fc.constantFrom(...fields),
      nasty,
      fc.constantFrom("C", "F"),
      (field, text, unit) => {
        const [limit, kept] = field;
        const read = readNumber(
          { text, unit: limit === limits.price ? "one" : unit },
          {
            name: "It",
            ...limit,
          },
        );
        if (read.ok) through += 1;
        if (read.ok)
          expect(
            settingSchema.safeParse({ ...defaultPreferences(), ...kept(read.value) }).success,
          ).toBe(true);
      },
    ),
    { numRuns: 1500 },
  );
  const hot = readNumber({ text: "140", unit: "F" }, { name: "Water", ...limits.feedC });
  expect(hot).toEqual({ ok: true, value: 60 });
});

test("whatever a vessel's form lets through can be opened again, and parts an oil", () => {
  fc.assert(
    fc.property(
      fc
        .constantFrom(...vesselKinds)
        .chain((kind) => typedInto({ ...vesselFormDefaults(kind, "mm"), name: "tube" })),
      fc.double({ min: limits.settlingC.min, max: limits.settlingC.max, noNaN: true }),
      fc.double({ min: limits.saltGPerL.min, max: limits.saltGPerL.max, noNaN: true }),
      (form, temperatureC, saltGPerL) => {
        const read = vesselFormSchema.safeParse(form);
        if (!read.success) return;
        const vessel = vesselFromForm(read.data);
        opensAgain({ ...newRecord("vessel", new Date(0)), ...vessel });
        opensAgain(sampleRun([entryAt(90, { type: "settling", vessel, temperatureC, saltGPerL })]));
        const parting = partingOf({
          oil: { densityGPerMl: 0.9 },
          oilMl: 3,
          hydrosolMl: 700,
          vessel: insideOf(vessel),
          temperatureC,
          saltGPerL,
        });
        expect(Number.isFinite(parting.layerMm)).toBe(true);
      },
    ),
    { numRuns: 300 },
  );
});

test("whatever jars are told make a result and lots that can be opened again", () => {
  const beginning = { ...separateDefaults(undefined, "metric", 3), oil: toInput(2, "mL") };
  fc.assert(
    fc.property(
      fc.array(fc.oneof(nasty, fc.integer({ min: 0, max: 2000 }).map(String)), {
        minLength: 3,
        maxLength: 3,
      }),
      (texts) => {
        const jars = texts.map((text) => ({ text, unit: "mL" as const }));
        const read = separateSchema.safeParse({ ...beginning, jars, hydrosol: toInput(9, "mL") });
        if (!read.success) return;
        const result = asResult(read.data);
        const run = sampleRun([entryAt(90, { type: "separated", ...result })]);
        opensAgain(run);
        const lots = lotsOfRun(run, { ...result, at: run.createdAt }, [], new Date(0), undefined);
        lots.forEach(opensAgain);
        const hydrosol = lots.filter(({ product }) => product === "hydrosol");
        const sum = hydrosol.reduce((all, { volumeMl }) => all + volumeMl, 0);
        expect(Math.abs(sum - (result.hydrosolMl ?? 0))).toBeLessThan(1e-6 * Math.max(1, sum));
      },
    ),
    { numRuns: 400 },
  );
});
