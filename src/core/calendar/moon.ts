/** A phase of the moon. */
export type MoonPhase = "new" | "waxing" | "full" | "waning";

/* Mean synodic month and a new moon to count from (6 January 2000, 18:14 UTC), common ephemeris
   values; the mean phase is within some 14 hours of the true one. */
const synodicDays = 29.530588853;
const newMoon = Date.UTC(2000, 0, 6, 18, 14);
/* A day and a half either side still counts as new or full. */
const nearDays = 1.5;

/** The moon at a moment (milliseconds): mean phase, for those who note it at harvest. */
export function moonPhase(at: number): MoonPhase {
  const days = (at - newMoon) / 86400e3;
  const age = ((days % synodicDays) + synodicDays) % synodicDays;
  const half = synodicDays / 2;
  if (age < nearDays || age > synodicDays - nearDays) return "new";
  if (Math.abs(age - half) < nearDays) return "full";
  return age < half ? "waxing" : "waning";
}
