import type { Yield } from "@/core/yield/yield";
import type { PlantBook } from "../plant/plantBook";
import type { Run } from "@/records/run";
import { runState, type RunState } from "./runState";
import { yieldOfRun } from "./yieldOfRun";

/** A run as a line in the logbook. */
export interface RunSummary {
  run: Run;
  state: RunState;
  plantName: string;
  /** When it was lit, or the first that is known of it; else when it was made ready. */
  at: number;
  minutesFromFirstDrop?: number;
  /** So many minutes by its log that it can hardly be: a heat off noted on another day. They are reckoned with nowhere. */
  overlongMinutes?: number;
  /** What it gave; left out while its oil is not measured. */
  result?: Yield & { oilMl: number; hydrosolMl: number | undefined };
}

const known = new WeakMap<PlantBook, WeakMap<Run, RunSummary>>();

/** Summarises a run. Remembered per record and book, since neither ever changes in place. */
export function summarise(run: Run, book: PlantBook): RunSummary {
  const inBook = known.get(book) ?? new WeakMap<Run, RunSummary>();
  known.set(book, inBook);
  const found = inBook.get(run);
  if (found) return found;
  const state = runState(run.entries);
  const yielded = yieldOfRun(run, state);
  const summary: RunSummary = {
    run,
    state,
    plantName: book.byId(run.plantId)?.name ?? run.plantId,
    at: momentOfRun(run),
    ...(state.firstDropAt !== undefined && state.heatOffAt !== undefined
      ? onTheHeat((state.heatOffAt - state.firstDropAt) / 60000)
      : {}),
    ...(yielded && state.result?.oilMl !== undefined
      ? { result: { ...yielded, oilMl: state.result.oilMl, hydrosolMl: state.result.hydrosolMl } }
      : {}),
  };
  inBook.set(run, summary);
  return summary;
}

/* Nobody watches a still for longer. */
const longestMinutes = 48 * 60;

function onTheHeat(minutes: number): Pick<RunSummary, "minutesFromFirstDrop" | "overlongMinutes"> {
  return minutes > longestMinutes
    ? { overlongMinutes: minutes }
    : { minutesFromFirstDrop: minutes };
}

/** When a run was lit, else the first that is known of it, else when it was made ready; ms. */
export function momentOfRun({ entries, createdAt }: Pick<Run, "entries" | "createdAt">): number {
  const state = runState(entries);
  return state.litAt ?? Date.parse(state.entries[0]?.at ?? createdAt);
}
