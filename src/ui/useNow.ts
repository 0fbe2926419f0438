import { startTransition, useEffect, useState } from "react";
import { whileOpen } from "./whileOpen";

/**
 * The time in milliseconds, refreshed every second (or as often as told) and whenever the page comes
 * back from sleep. Read from the clock, never counted: a phone that slept for an hour shows the right
 * minute at once.
 */
export function useNow(everyMs = 1000): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    /* A tick is never in a tap's way: what follows from it is drawn when nothing else is asked. */
    return whileOpen(everyMs, () => startTransition(() => setNow(Date.now())));
  }, [everyMs]);
  return now;
}
