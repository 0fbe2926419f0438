import { useEffect, useState } from "react";

/**
 * The time, refreshed every second and whenever the page comes back from sleep. Read from the clock,
 * never counted: a phone that slept for an hour shows the right minute at once.
 */
export function useNow(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const refresh = () => setNow(Date.now());
    const timer = setInterval(refresh, 1000);
    document.addEventListener("visibilitychange", refresh);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", refresh);
    };
  }, []);
  return now;
}
