import { plantById, plants } from "@/core";
import { materialSchema } from "@/records/material";
import { plantBook } from "@/records/plantBook";
import { ownFromForm, plantFormDefaults, plantFormSchema, type PlantForm } from "./plantForm";

const sage = plantById("clarysage")!;
const one = (text: string) => ({ text, unit: "one" as const });
const form = (part: Partial<PlantForm> = {}): PlantForm => ({
  ...plantFormDefaults(sage, "clarysage"),
  ...part,
});
const faults = (part: Partial<PlantForm>) => {
  const read = plantFormSchema.safeParse(form(part));
  return read.success
    ? []
    : read.error.issues.map(({ path, message }) => [path.join("."), message]);
};

test.each(plants.map((plant) => [plant.name, plant] as const))(
  "figures of %s that nobody touched are nobody's own",
  (_, plant) => {
    const read = plantFormSchema.parse(plantFormDefaults(plant, plant.id));
    expect(ownFromForm(read, plant)).toEqual({});
  },
);

test("a changed figure is the person's, and only that one", () => {
  const own = ownFromForm(plantFormSchema.parse(form({ freshHigh: one("3,1") })), sage);
  expect(own).toEqual({
    states: { fresh: { ...sage.states.fresh, oilMlPerKg: { low: 0.8, high: 3.1 } } },
  });
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
  expect(plantBook([material]).byId("clarysage")).toMatchObject({
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
