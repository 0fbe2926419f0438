import { useEffect, useState } from "react";
import { isoDay } from "@/core/units/dates";

const lookMs = 30_000;

/**
 * Today as records keep it, `YYYY-MM-DD`, by the device's clock. A page left open over midnight, or woken the next
 * morning, turns to the new day; within a day nothing is drawn anew.
 */
export function useToday(): string {
  const [today, setToday] = useState(() => isoDay(Date.now()));
  useEffect(() => {
    const look = () => setToday(isoDay(Date.now()));
    const timer = setInterval(look, lookMs);
    document.addEventListener("visibilitychange", look);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", look);
    };
  }, []);
  return today;
}
