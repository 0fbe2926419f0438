import { useEffect } from "react";
import { playTone } from "./playTone";

/* What each still has sounded for: going from one screen to another is no reason to sound again. */
const heard = new Map<string, Set<string>>();

/**
 * Sounds once when a thing falls due or an alarm begins, on whichever screen: `due` names it,
 * undefined while nothing is. What fell due while the page slept is shown, and sounds as the one
 * thing that it is now, not as many.
 */
export function useCueSound(
  runId: string,
  due: string | undefined,
  danger: boolean,
  on: boolean,
): void {
  useEffect(() => {
    if (!due) {
      heard.delete(runId);
      return;
    }
    const known = heard.get(runId) ?? new Set();
    heard.set(runId, known);
    if (known.has(due)) return;
    known.add(due);
    if (on) playTone(danger);
  }, [runId, due, on, danger]);
}
