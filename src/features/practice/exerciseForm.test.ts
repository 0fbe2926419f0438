import { catalogueBook } from "@/logbook/plant/plantBook";
import { faultOf as faultOfRecord } from "@/records/migrate";
import { defaultPreferences } from "@/records/setting";
import { sampleStill } from "@/testing/sampleRecords";
import { sampleExercise } from "@/testing/samplePractice";
import { readForm, specOf, stillChoices, type ExerciseForm } from "./exerciseForm";

const choices = stillChoices([sampleStill()]);
const form: ExerciseForm = {
  stillId: "",
  plantId: "lavender",
  wrong: "surprise",
  then: [],
  from: "firstDrop",
  title: "",
  note: "",
};
const read = (part: Partial<ExerciseForm> = {}) =>
  readForm({ ...form, ...part }, { choices, book: catalogueBook, site: defaultPreferences().site });
const spec = (part: Partial<ExerciseForm>, chance: [number, number, number] = [0, 0.5, 0.5]) => {
  const found = read(part);
  return specOf({ ...form, ...part }, { ...found, plant: found.plant! }, chance);
};

test("the person's own stills come first, with what they take", () => {
  expect(choices[0]).toMatchObject({ value: "still-a", label: "Copper pot, 12 L" });
  expect(read()).toMatchObject({ still: { value: "still-a" }, state: "fresh", method: "steam" });
  expect(read().massG).toBeGreaterThan(400);
  expect(read({ plantId: "nothing" })).toMatchObject({ plant: undefined, massG: 0, possible: [] });
});

test("a fault that was chosen comes after the first drop, or before the heat where it has to", () => {
  expect(spec({ wrong: "leak" })).toMatchObject({
    title: "A leak at the lid, True lavender",
    from: "firstDrop",
    faults: [{ fault: "leak", after: "firstDrop", minutes: 16 }],
  });
  expect(spec({ wrong: "shortWater" })).toMatchObject({
    from: "lit",
    faults: [{ fault: "shortWater", after: "lit", minutes: 0 }],
  });
  expect(spec({ wrong: "leak", from: "lit" })).toMatchObject({
    from: "lit",
    faults: [{ after: "boiling" }],
  });
  expect(spec({ wrong: "nothing" })).toMatchObject({ title: "True lavender", faults: [] });
});

test("several come one after the other, each once and only where it can be", () => {
  const three = spec({
    wrong: "leak",
    then: ["coolingLost", "leak", "froth", "iceGone", "blocked"],
  });
  expect(three.faults).toEqual([
    { fault: "leak", after: "firstDrop", minutes: 16 },
    { fault: "coolingLost", after: "firstDrop", minutes: 28 },
    { fault: "iceGone", after: "lit", minutes: 0 },
  ]);
  expect(three.from).toBe("lit");
  expect(spec({ wrong: "nothing", then: ["leak"] }).faults).toEqual([]);
});

test("a surprise is any that the still can have, is not told, and can be kept", () => {
  const met = new Set<string>();
  for (let i = 0; i < 40; i += 1) {
    const one = spec({}, [i / 40, 0.2, 0.999]);
    expect(one.hidden).toBe(true);
    expect(one.title).toBe("Surprise with True lavender");
    expect(faultOfRecord(sampleExercise({ spec: one }))).toBeUndefined();
    one.faults.forEach(({ fault }) => met.add(fault));
  }
  expect(met.size).toBeGreaterThan(8);
  expect(met).not.toContain("froth");
  expect(met).not.toContain("shortWater");
});
