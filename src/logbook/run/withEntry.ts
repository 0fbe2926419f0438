import { nanoid } from "nanoid";
import type { Entry } from "@/records/entry";
import type { Run } from "@/records/run";
import { runNow } from "./runClock";

/** An entry before it has an id and a moment. */
export type NewEntry = Entry extends infer E
  ? E extends Entry
    ? Omit<E, "id" | "at">
    : never
  : never;

/**
 * A run with an entry at its log's end, at the run's own time: a run that is simulated twice as fast
 * as the clock, or whose device's clock was put back, keeps its order. `wallNow` in milliseconds.
 */
export function withEntry(run: Run, entry: NewEntry, wallNow: number, agoMinutes = 0): Run {
  const at = new Date(runNow(run, wallNow) - agoMinutes * 60000).toISOString();
  return { ...run, entries: [...run.entries, { ...entry, id: nanoid(), at } as Entry] };
}
