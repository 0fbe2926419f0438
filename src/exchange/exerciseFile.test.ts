import { sampleSpec } from "@/testing/samplePractice";
import { readExercise, writeExercise } from "./exerciseFile";

test("an exercise that is handed on is the same exercise", () => {
  const spec = sampleSpec({ hidden: true, note: "Mind the outlet." });
  expect(readExercise(writeExercise(spec))).toEqual({ ok: true, exercise: spec });
});

test.each([
  ["not json", "This file is not an exercise: it is not in JSON."],
  ["{}", "This file is not an exercise of Sereno."],
  [
    JSON.stringify({ sereno: "exercise", version: 2, exercise: sampleSpec() }),
    "This exercise was made by a newer Sereno. Update Sereno on this device.",
  ],
  [
    JSON.stringify({
      sereno: "exercise",
      version: 1,
      exercise: { ...sampleSpec(), faults: [{ fault: "aliens", after: "lit", minutes: 1 }] },
    }),
    "This exercise cannot be read: faults.0.fault",
  ],
])("what is no exercise says so: %#", (text, problem) => {
  const read = readExercise(text);
  expect(read).toMatchObject({ ok: false, problem: expect.stringContaining(problem) as string });
});
