import { useEffect, useState } from "react";
import { isoDay } from "@/core/units/dates";
import { whileOpen } from "./whileOpen";

const lookMs = 30_000;

/**
 * Today as records keep it, `YYYY-MM-DD`, by the device's clock. A page left open over midnight, or woken the next
 * morning, turns to the new day; within a day nothing is drawn anew.
 */
export function useToday(): string {
  const [today, setToday] = useState(() => isoDay(Date.now()));
  useEffect(() => whileOpen(lookMs, () => setToday(isoDay(Date.now()))), []);
  return today;
}
