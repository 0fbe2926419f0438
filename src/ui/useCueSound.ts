import { useEffect, useRef } from "react";
import { playTone } from "./playTone";

/**
 * Sounds once when a thing falls due or an alarm begins: `due` names it, undefined while nothing is.
 * What fell due while the page slept is shown, and sounds as the one thing that it is now, not as many.
 */
export function useCueSound(due: string | undefined, danger: boolean, on: boolean): void {
  const heard = useRef<Set<string>>(new Set());
  useEffect(() => {
    if (!due) {
      heard.current.clear();
      return;
    }
    if (heard.current.has(due)) return;
    heard.current.add(due);
    if (on) playTone(danger);
  }, [due, on, danger]);
}
