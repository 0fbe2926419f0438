import type { Use } from "@/records/bottle";

/* More than these and typing is quicker. */
const most = 8;

/** What things were taken for before, the last first: the person's own list. */
export function lastPurposes(uses: readonly Use[]): string[] {
  const told = [...uses]
    .filter(({ way }) => way !== "blended" && way !== "lost")
    .sort((a, b) => b.at.localeCompare(a.at))
    .map(({ purpose }) => purpose);
  return [...new Set(told)].slice(0, most);
}
