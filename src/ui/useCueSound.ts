import { useEffect } from "react";
import { playTone } from "./playTone";

/* What each still has sounded for: going from one screen to another is no reason to sound again. */
const heard = new Map<string, Set<string>>();
/* Since when what each still is in danger of has stood, by the run's time. */
const stoodSince = new Map<string, { due: string; at: number }>();

/* A danger that a slip of a clock or a half-read log makes is gone with the next look. */
const standsMs = 3000;

/**
 * Sounds once when a thing falls due or an alarm begins, on whichever screen: `due` names it, undefined while
 * nothing is. What fell due while the page slept is shown, and sounds as the one thing that it is now, not as
 * many. Danger sounds once it has stood for three seconds of the run's own time (`now`, ms).
 */
export function useCueSound(
  runId: string,
  { due, danger, now, on }: { due: string | undefined; danger: boolean; now: number; on: boolean },
): void {
  useEffect(() => {
    if (!due) {
      heard.delete(runId);
      stoodSince.delete(runId);
      return;
    }
    const stood = stoodSince.get(runId);
    if (stood?.due !== due || stood.at > now) stoodSince.set(runId, { due, at: now });
    if (danger && now - stoodSince.get(runId)!.at < standsMs) return;
    const known = heard.get(runId) ?? new Set();
    heard.set(runId, known);
    if (known.has(due)) return;
    known.add(due);
    if (on) playTone(danger);
  }, [runId, due, on, danger, now]);
}
