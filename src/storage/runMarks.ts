import type { Run } from "@/records/run";
import { runState } from "@/logbook/run/runState";

/*
 * A run's number, and whether it is over, stand in a key of their own beside its record: the keys are
 * read in one go, and tell which few of thousands of runs a day begins with. They are a hint and no
 * more: whatever they say, every run is read in the end.
 */
const prefix = "mark/";

/* What one page of the logbook shows. */
const latest = 60;

interface Mark {
  number: number;
  over: boolean;
}

/** The key that tells of a run. */
export function runMark({ id, number, entries, deletedAt }: Run): string {
  const over = deletedAt !== undefined || runState(entries).phase === "done";
  return `${prefix}${over ? "over" : "open"}/${number}/${id}`;
}

/** What the keys of a store tell of its runs, by id. Old keys stay, so one that says over outweighs one that says open. */
export function runMarks(keys: readonly string[]): Map<string, Mark> {
  const marks = new Map<string, Mark>();
  for (const key of keys) {
    if (!key.startsWith(prefix)) continue;
    const [, state, number, id = ""] = key.split("/");
    const before = marks.get(id);
    marks.set(id, {
      number: Math.max(before?.number ?? 0, Number(number) || 0),
      over: state === "over" || before?.over === true,
    });
  }
  return marks;
}

/** The marks that runs should have and do not have yet. */
export function newMarks(keys: readonly string[], runs: readonly Run[]): string[] {
  const known = new Set(keys);
  return runs.map(runMark).filter((mark) => !known.has(mark));
}

/** Which records a day begins with, and which may come later: runs that are over and not of late. */
export function inOrder(
  keys: readonly string[],
  marks: ReadonlyMap<string, Mark>,
): { first: string[]; later: string[] } {
  const numbers = [...marks.values()].map(({ number }) => number).sort((a, b) => b - a);
  const from = numbers[latest - 1] ?? 0;
  const [first, later]: [string[], [string, number][]] = [[], []];
  for (const key of keys) {
    const mark = key.startsWith("run/") ? marks.get(key.slice(4)) : undefined;
    if (!mark || !mark.over || mark.number >= from) first.push(key);
    else later.push([key, mark.number]);
  }
  later.sort(([, a], [, b]) => b - a);
  return { first, later: later.map(([key]) => key) };
}
