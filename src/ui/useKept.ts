import { useCallback, useState } from "react";

const kept = new Map<string, unknown>();

/** A state by name that is still there on coming back to a screen, for as long as the tab is open. */
export function useKept<T>(name: string, first: T): [T, (next: T) => void] {
  const [value, setValue] = useState<T>(() => (kept.has(name) ? (kept.get(name) as T) : first));
  const keep = useCallback(
    (next: T) => {
      kept.set(name, next);
      setValue(next);
    },
    [name],
  );
  return [value, keep];
}

/** Forgets all of it, as a new tab would. */
export function forgetKept(): void {
  kept.clear();
}
