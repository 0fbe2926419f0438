import { newId } from "@/records/base";
import type { Empty } from "@/records/empty";

type Why = Empty["changes"][number]["why"];

type Counted = Pick<Empty, "count" | "changes">;

/** How many of a sort are left: never fewer than none, whatever was told. */
export function emptiesLeft(empty: Counted): number {
  return Math.max(0, sumOf(empty));
}

function sumOf({ count, changes }: Counted): number {
  return count + changes.reduce((sum, { by }) => sum + by, 0);
}

/** How many more there are than by what was told so far, once so many were counted. */
export function emptiesMore(empty: Counted, counted: number): number {
  return counted === emptiesLeft(empty) ? 0 : counted - sumOf(empty);
}

/** A sort of which some came or went: noted by itself, so that what another device took meanwhile counts too. */
export function emptiesChanged(empty: Empty, by: number, why: Why, at: Date): Empty {
  if (by === 0) return empty;
  const change = { id: newId(), at: at.toISOString(), by, why };
  return { ...empty, changes: [...empty.changes, change] };
}
