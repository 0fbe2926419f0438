import { minutesTold } from "./pastRun";
import type { PastTold } from "./readPastForm";

/** What a run that is told afterwards can teach the forecasts, and what that hangs on. */
export const lessons = ["yield", "rate", "warming"] as const;
export type Lesson = (typeof lessons)[number];
/** What is missing where it teaches nothing. */
export type Missing = "weight" | "oil" | "times" | "hydrosol" | "heatOn";

/** Each lesson with what it lacks; an empty list teaches. */
export function teaches(told: PastTold): Record<Lesson, Missing[]> {
  const minutes = minutesTold(told);
  const wants = (...parts: [Missing, boolean][]) =>
    parts.filter(([, there]) => !there).map(([missing]) => missing);
  return {
    yield: wants(["weight", told.massG !== undefined], ["oil", told.oilMl !== undefined]),
    rate: wants(
      ["times", minutes !== undefined && minutes > 0],
      ["hydrosol", told.hydrosolMl !== undefined],
    ),
    warming: wants(["heatOn", told.heatOn !== undefined], ["times", told.firstDrop !== undefined]),
  };
}
