import { z } from "zod";
import { t } from "@/language/t";
import { handOver } from "./download";
import { exerciseSpecSchema, type ExerciseSpec } from "@/records/exercise";

/* Which kind of file it is, and its edition. */
const fileSchema = z.object({
  sereno: z.literal("exercise"),
  version: z.literal(1),
  exercise: exerciseSpecSchema,
});

/** Hands the person an exercise as a file, named after it. */
export function saveExercise(exercise: ExerciseSpec): void {
  const name = exercise.title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-|-$/g, "");
  void handOver(`exercise-${name}.json`, writeExercise(exercise), "application/json");
}

/** An exercise as a file to hand on: what it is, and nothing of who did it. */
export function writeExercise(exercise: ExerciseSpec): string {
  return `${JSON.stringify({ sereno: "exercise", version: 1, exercise }, null, 2)}\n`;
}

/** Reads an exercise's file; what is wrong with one is a sentence. */
export function readExercise(
  text: string,
): { ok: true; exercise: ExerciseSpec } | { ok: false; problem: string } {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return { ok: false, problem: t`This file is not an exercise: it is not in JSON.` };
  }
  const read = fileSchema.safeParse(raw);
  if (read.success) return { ok: true, exercise: read.data.exercise };
  const issue = read.error.issues[0];
  const field = issue?.path.join(".") ?? "";
  return {
    ok: false,
    problem:
      field === "" || field === "sereno"
        ? t`This file is not an exercise of Sereno.`
        : field === "version"
          ? t`This exercise was made by a newer Sereno. Update Sereno on this device.`
          : t`This exercise cannot be read: ${field.replace(/^exercise\./, "")}: ${issue?.message ?? ""}`,
  };
}
