import { lessonIds, lessonOf } from "@/core/practice/lessons";
import { readyMadeStills } from "../still/readyMadeStills";
import { lessonSpec } from "./lessonSpec";

test.each(lessonIds)("lesson %s is its own exercise, on a ready-made still of its kind", (id) => {
  const lesson = lessonOf(id);
  const spec = lessonSpec(id, "By the book");
  expect(spec).toMatchObject({
    title: "By the book",
    lesson: id,
    hidden: true,
    plantId: lesson.plantId,
    massG: lesson.massG,
    from: lesson.from,
    stop: lesson.stop,
    seed: lesson.seed,
    faults: lesson.faults,
  });
  /* What the lesson is for, and how fast it goes, is the book's and is not kept. */
  for (const none of ["tasks", "brisk", "speed", "construction", "jarMl", "iceKg"])
    expect(spec).not.toHaveProperty(none);
  const made = readyMadeStills.find(({ construction }) => construction === lesson.construction)!;
  expect(spec.still.name).toBe(made.name);
  expect(spec.still.jarMl).toBe(lesson.jarMl ?? made.jarMl);
  const { condenser } = made;
  expect(spec.still.condenser).toEqual(
    condenser && "tubL" in condenser
      ? { ...condenser, iceKg: lesson.iceKg ?? condenser.iceKg }
      : condenser,
  );
});

test("ice goes into the tub of a lesson that asks for some, and a jar of its own under the drip", () => {
  expect(lessonSpec("coolingFails", "").still.condenser).toMatchObject({ iceKg: 2 });
  expect(lessonSpec("fieldDay", "").still.jarMl).toBe(1200);
});
