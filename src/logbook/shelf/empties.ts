import { newId } from "@/records/base";
import type { Empty } from "@/records/empty";

type Why = NonNullable<Empty["changes"]>[number]["why"];

/** How many of a sort are left: never fewer than none, whatever was told. */
export function emptiesLeft({ count, changes = [] }: Pick<Empty, "count" | "changes">): number {
  return Math.max(0, count + changes.reduce((sum, { by }) => sum + by, 0));
}

/** A sort of which some came or went: noted by itself, so that what another device took meanwhile counts too. */
export function emptiesChanged(empty: Empty, by: number, why: Why, at: Date): Empty {
  if (by === 0) return empty;
  const change = { id: newId(), at: at.toISOString(), by, why };
  return { ...empty, changes: [...(empty.changes ?? []), change] };
}
