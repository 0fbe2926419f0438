import { useCallback, useRef, useState } from "react";
import { useDraft } from "./useDraft";

/**
 * Small choices of a screen, or what is typed in a sheet, that stand as they were after a reload, by a name
 * of their own; and a way to let go of them.
 */
export function useKept<T extends object>(
  name: string,
  beginning: T,
): [T, (part: Partial<T> | ((now: T) => Partial<T>)) => void, () => void] {
  const { start, note, done } = useDraft(name, beginning);
  const [now, setNow] = useState(start);
  /* Two changes between two drawings are two changes. */
  const latest = useRef(start);
  const change = useCallback(
    (part: Partial<T> | ((now: T) => Partial<T>)) => {
      const { current } = latest;
      latest.current = { ...current, ...(typeof part === "function" ? part(current) : part) };
      setNow(latest.current);
      note(latest.current);
    },
    [note],
  );
  return [now, change, done];
}
