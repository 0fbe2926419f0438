import type { Act } from "@/core/practice/acts";
import type { Entry } from "@/records/entry";
import type { ExerciseRecord } from "@/records/exercise";

/** What an entry of the log does to the still; undefined for what is only noted. */
export function actOfEntry(entry: Entry): Act | undefined {
  switch (entry.type) {
    case "heatChanged":
      return { code: "heat", amount: entry.powerW };
    case "iceAdded":
      return { code: "ice", amount: entry.massG / 1000 };
    case "waterAdded":
      return { code: "water", amount: entry.volumeMl };
    case "jarSwapped":
    case "heatOff":
      return { code: entry.type };
    default:
      return undefined;
  }
}

/** What stands in a run's log and has not been done at the still yet: each once, and never undone. */
export function actsToDo(
  entries: readonly Entry[],
  { acts }: Pick<ExerciseRecord, "acts">,
): { act: Act; of: string }[] {
  const done = new Set(acts.map(({ of }) => of));
  return entries.flatMap((entry) => {
    const act = done.has(entry.id) ? undefined : actOfEntry(entry);
    return act ? [{ act, of: entry.id }] : [];
  });
}
