import { plants } from "@/core/plant/catalogue";
import { materialSchema } from "@/records/material";
import { plantBook } from "@/logbook/plant/plantBook";
import { plantWithProse } from "@/testing/plantWithProse";
import { ownFromForm, plantFormDefaults, plantFormSchema, type PlantForm } from "./plantForm";

const sage = plantWithProse("clarysage");
const one = (text: string) => ({ text, unit: "one" as const });
const form = (part: Partial<PlantForm> = {}): PlantForm => ({
  ...plantFormDefaults(sage, "clarysage", "metric"),
  ...part,
});
const part = (compoundId: string, percent: string) => ({ compoundId, percent: one(percent) });
const faults = (part: Partial<PlantForm>) => {
  const read = plantFormSchema.safeParse(form(part));
  return read.success
    ? []
    : read.error.issues.map(({ path, message }) => [path.join("."), message]);
};

/** The plant as the book gives it once such figures are kept. */
function known(own: unknown) {
  const material = materialSchema.parse({
    kind: "material",
    id: "m",
    version: 1,
    createdAt: "2026-05-04T08:00:00Z",
    updatedAt: "2026-05-04T08:00:00Z",
    plantId: "clarysage",
    like: "clarysage",
    own,
  });
  return plantBook([material]).byId("clarysage")!;
}

test.each(plants.map(({ name, id }) => [name, id]))(
  "figures of %s that nobody touched are nobody's own",
  (_, id) => {
    const plant = plantWithProse(id);
    for (const units of ["metric", "us"] as const) {
      const read = plantFormSchema.parse(plantFormDefaults(plant, plant.id, units));
      expect(ownFromForm(read, plant)).toEqual({});
    }
  },
);

test("a changed figure is the person's, and only that one", () => {
  const own = ownFromForm(plantFormSchema.parse(form({ freshHigh: one("3,1") })), sage);
  expect(own).toEqual({
    states: { fresh: { ...sage.states.fresh, oilMlPerKg: { low: 0.8, high: 3.1 } } },
  });
  expect(known(own)).toMatchObject({
    origin: "catalogue",
    ownFigures: ["fresh.oilMlPerKg"],
  });
});

test.each<[string, Partial<PlantForm>, string, string]>([
  ["low above high", { freshHigh: one("0.2") }, "freshHigh", "High must not be below low."],
  ["half a state", { driedHigh: one("") }, "driedLow", "A state needs"],
  ["no name", { name: " " }, "name", "Give the plant a name."],
  ["a code of three", { code: "abc" }, "code", "Two letters"],
  ["words for a number", { wiltedLow: one("some") }, "wiltedLow", "is not a number"],
  ["more water than plant", { freshMoisture: one("120") }, "freshMoisture", "at most"],
  [
    "an oil of more than all",
    { parts: [part("linalool", "80"), part("cineole", "30")] },
    "parts",
    "come to 110 %",
  ],
  ["an oil of nothing", { parts: [part("linalool", "")] }, "parts", "at least one part"],
  ["an oil without a line", { parts: [] }, "parts", "at least one part"],
  [
    "a part told twice",
    { parts: [part("linalool", "40"), part("linalool", "30")] },
    "parts.1.percent",
    "linalool is here twice",
  ],
  ["a caution without end", { hazards: "x".repeat(301) }, "hazards", "300 letters"],
])("%s is named at its field", (_, part, field, words) => {
  expect(faults(part)).toContainEqual([field, expect.stringContaining(words)]);
});

test("a plant of which no state is told is refused", () => {
  const empty = one("");
  const none = Object.fromEntries(
    ["fresh", "wilted", "dried"].flatMap((state) =>
      ["Low", "High", "Moisture", "Packing"].map((figure) => [`${state}${figure}`, empty]),
    ),
  ) as Partial<PlantForm>;
  expect(faults(none)).toContainEqual(["freshLow", expect.stringContaining("at least one state")]);
});

test("the oil's parts, its looks and cautions can be the person's own", () => {
  const own = ownFromForm(
    plantFormSchema.parse(
      form({
        parts: [part("linalylAcetate", "62"), part("sclareol", "5"), part("limonene", "")],
        hazards: "Not with driving.\n\n  Not in pregnancy. ",
        oilLook: "pale green, like hay",
        froths: "yes",
        setsBelow: { text: "50", unit: "F" },
      }),
    ),
    sage,
  );
  expect(own).toEqual({
    composition: { linalylAcetate: 0.62, sclareol: 0.05 },
    hazards: ["Not with driving.", "Not in pregnancy."],
    oilLook: "pale green, like hay",
    froths: true,
    setsBelowC: expect.closeTo(10, 9) as number,
  });
  const plant = known(own);
  expect(plant).toMatchObject(own);
  expect(plant.ownFigures.toSorted()).toEqual(Object.keys(own).toSorted());
});

test("a state that is emptied, and a setting point, are gone and not the book's again", () => {
  const empty = one("");
  const none = { driedLow: empty, driedHigh: empty, driedMoisture: empty, driedPacking: empty };
  const own = ownFromForm(plantFormSchema.parse(form(none)), sage);
  expect(own).toEqual({ states: { dried: null } });
  expect(Object.keys(known(own).states)).not.toContain("dried");
  expect(known({ states: { fresh: null, wilted: null, dried: null } }).states).toEqual(sage.states);
  expect(known({ setsBelowC: null }).setsBelowC).toBeUndefined();
});

test.each([
  [{ composition: { linalool: 1.4 } }, "sum"],
  [{ composition: { unicornol: 0.4 } }, "does not know"],
  [{ composition: {} }, "sum"],
])("a file's own oil that cannot be is refused: %j", (own, words) => {
  expect(() => known(own)).toThrow(words);
});
