import { brineDensity, brineViscosity } from "@/core/water/brine";
import { type Settling, minutesToSettle, settledShare } from "@/core/separation/settling";

/** A filled jar or separating funnel stands about this high, mm. */
export const settlingColumnMm = 120;

/* A heaped spoon of table salt to the half litre. */
const saltGPerL = 50;

/* An oil that takes more than a week to part is as good as hanging. */
const longestWait = 7 * 24 * 60;

/** How long distillate is left to settle, and what has reached the layer by then. */
export interface SettlingTime {
  /** Minutes from heat off; Infinity when the oil hangs and nobody set a time. */
  minutes: number;
  /** Share of the fine drops in the layer by then, 0 to 1. */
  share: number;
}

/**
 * The settling time by the school that was chosen in the plan: until 95 % of the fine drops have
 * risen or sunk, half an hour, overnight, or until 95 % in salted water. Drops by Stokes' law.
 */
export function settlingTime(
  oilDensityGPerMl: number,
  roomC: number,
  school = "share",
): SettlingTime {
  const salt = school === "salt" ? saltGPerL : 0;
  /* In a shed below freezing the water still runs when it is poured. */
  const liquidC = Math.max(0, roomC);
  const settling: Settling = {
    columnMm: settlingColumnMm,
    densityDifference: (brineDensity(liquidC, salt) - oilDensityGPerMl) * 1000,
    viscosityMPaS: brineViscosity(liquidC, salt),
  };
  const to95 = minutesToSettle(settling);
  const set = school === "halfHour" ? 30 : school === "overnight" ? 720 : undefined;
  const minutes = set ?? (to95 > longestWait ? Infinity : to95);
  return { minutes, share: Number.isFinite(minutes) ? settledShare(settling, minutes) : 0 };
}
