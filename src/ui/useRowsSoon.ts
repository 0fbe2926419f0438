import { startTransition, useEffect, useState } from "react";

/**
 * The first rows of a list at once and all of them right after: the page answers before what lies below the screen is
 * drawn. Nothing waits to be scrolled to, so that the browser's own search finds every row.
 * @param first how many fill the screen
 */
export function useRowsSoon<T>(rows: readonly T[], first: number): readonly T[] {
  const [whole, setWhole] = useState(false);
  useEffect(() => startTransition(() => setWhole(true)), []);
  return whole ? rows : rows.slice(0, first);
}
