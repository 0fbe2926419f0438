import { nextRunNumber, type Run } from "@/records/run";

/**
 * The runs that need another number: two devices that begin runs while apart give them the same one. The run that
 * was made later takes the next that is free, so that every device comes to the same.
 */
export function numberedApart(runs: readonly Run[]): Run[] {
  const byAge = [...runs].sort(
    (a, b) => a.createdAt.localeCompare(b.createdAt) || (a.id < b.id ? -1 : 1),
  );
  const held = new Set<number>();
  const later = byAge.filter(({ number }) => held.size === held.add(number).size);
  const all = [...runs];
  return later.map((run) => {
    const renumbered = { ...run, number: nextRunNumber(all) };
    all.push(renumbered);
    return renumbered;
  });
}
