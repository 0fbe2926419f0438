import type { Run } from "./run";

/** A run's own time at a moment of the wall clock, both in milliseconds. */
export function runNow({ clock }: Pick<Run, "clock">, wallNow: number): number {
  if (!clock) return wallNow;
  return Date.parse(clock.runAt) + (wallNow - Date.parse(clock.wallAt)) * clock.speed;
}
