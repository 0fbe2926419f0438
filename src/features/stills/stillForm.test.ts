import fc from "fast-check";
import { openRecord } from "@/records/migrate";
import { readyMadeStills } from "@/logbook/still/readyMadeStills";
import { sampleStill } from "@/testing/sampleRecords";
import { stillFormDefaults, stillFormSchema, stillFromForm, type StillForm } from "./stillForm";

const shown = (part: Partial<StillForm> = {}) => ({
  ...stillFormDefaults(sampleStill(), "metric"),
  ...part,
});
const faults = (part: Partial<StillForm>) => {
  const read = stillFormSchema.safeParse(shown(part));
  return read.success
    ? []
    : read.error.issues.map(({ path, message }) => `${path.join(".")}: ${message}`);
};

test("a still goes through its form unchanged, in either system of units", () => {
  for (const units of ["metric", "us"] as const) {
    const still = stillFromForm(stillFormSchema.parse(stillFormDefaults(sampleStill(), units)));
    expect(still.potVolumeMl / 12000).toBeCloseTo(1, 3);
    expect(still.basket!.floorMm / 105).toBeCloseTo(1, 3);
    expect(openRecord({ ...sampleStill(), ...still })).toMatchObject({ ok: true });
  }
});

test.each([
  [{ name: " " }, "name: Give the still a name."],
  [{ potVolume: { text: "0", unit: "L" as const } }, "potVolume: The pot must be above 0 L."],
  [{ emptyMass: { text: "", unit: "kg" as const } }, "emptyMass: Type a number."],
  [
    { dryLine: { text: "13", unit: "L" as const } },
    "dryLine: The dry line must be under the pot's rim.",
  ],
  [
    { basketFloor: { text: "900", unit: "mm" as const } },
    "basketFloor: The pot is only 244 mm high by its volume and diameter.",
  ],
  [
    { holderDiameter: { text: "300", unit: "mm" as const } },
    "holderDiameter: The basket must fit into the pot.",
  ],
  [
    { construction: "separateVessel" as const, holderVolume: { text: "", unit: "L" as const } },
    "holderVolume: Say how much the plant vessel holds.",
  ],
  [
    { efficiency: { text: "140", unit: "one" as const } },
    "efficiency: Efficiency can be 100 at most.",
  ],
])("%j is said by its field", (part, fault) => {
  expect(faults(part)).toContain(fault);
});

test("whatever is typed, the form answers with a still that opens or with faults", () => {
  const text = fc.oneof(
    fc.string(),
    fc.double().map(String),
    fc.constantFrom("-5", "0", "1e9", "1,5", "NaN"),
  );
  fc.assert(
    fc.property(text, text, text, (volume, diameter, power) => {
      const read = stillFormSchema.safeParse(
        shown({
          potVolume: { text: volume, unit: "L" },
          potDiameter: { text: diameter, unit: "mm" },
          power: { text: power, unit: "W" },
        }),
      );
      if (read.success)
        expect(openRecord({ ...sampleStill(), ...stillFromForm(read.data) })).toMatchObject({
          ok: true,
        });
      else expect(read.error.issues[0]!.message.length).toBeGreaterThan(5);
    }),
  );
});

test.each(readyMadeStills.map((figures) => [figures.name, figures] as const))(
  "%s goes through its form with its kind's own parts, condenser and receivers",
  (_, figures) => {
    const still = { ...sampleStill(), basket: undefined, ...figures };
    const again = stillFromForm(stillFormSchema.parse(stillFormDefaults(still, "metric")));
    const opened = openRecord(JSON.parse(JSON.stringify({ ...still, ...again })));
    expect(opened).toMatchObject({ ok: true, record: { construction: figures.construction } });
    expect(again.condenser).toEqual(figures.condenser);
    expect(again.receivers.map(({ kind }) => kind)).toEqual(
      figures.receivers?.map(({ kind }) => kind) ?? [],
    );
    for (const part of ["basket", "vessel", "bowl"] as const)
      expect(again[part] !== undefined).toBe(figures[part] !== undefined);
  },
);

test("a tub without its litres and a bowl without its height are named", () => {
  const empty = { text: "", unit: "mm" as const };
  expect(faults({ condenser: "tubCoil", tub: { text: "", unit: "L" } })).toContain(
    "tub: Say how much water the tub holds.",
  );
  expect(faults({ construction: "bowl", basketFloor: empty })).toContain(
    "basketFloor: Measure from the pot's floor to the bowl's floor.",
  );
});
