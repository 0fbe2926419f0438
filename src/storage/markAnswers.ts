import { z } from "zod";
import { answeredMarks, answerMark, markCases, onMarkAnswered } from "@/core/units/markMeaning";

const key = "sereno-marks";
const answersSchema = z.partialRecord(z.enum(markCases), z.enum(["decimals", "thousands"]));

function answersKept(): z.infer<typeof answersSchema> {
  try {
    const read = answersSchema.safeParse(JSON.parse(window.localStorage.getItem(key) ?? "{}"));
    return read.success ? read.data : {};
  } catch {
    /* No storage, or no JSON in it. */
    return {};
  }
}

/**
 * Takes what this device's person once answered of "1.200", and keeps each new answer. What cannot be read or
 * written is asked again next time.
 */
export function keepMarkAnswers(): void {
  const kept = answersKept();
  for (const of of markCases) answerMark(of, kept[of]);
  onMarkAnswered(() => {
    try {
      window.localStorage.setItem(key, JSON.stringify(answeredMarks()));
    } catch {
      /* Then for this visit alone. */
    }
  });
}
