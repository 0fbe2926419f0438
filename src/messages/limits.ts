import { z } from "zod";
import { mostDayCharges } from "@/core/day/day";
import { mostSaltGPerL } from "@/core/water/brine";

/** The lowest and the highest that a number may be. */
export interface Limit {
  min: number;
  max: number;
  /** The lower end itself is not allowed. */
  above?: true;
}

const amount: Limit = { min: 0, max: 1e7 };
const positive: Limit = { min: 0, max: 1e7, above: true };

/**
 * What each number may be, for the fields it is typed in and for the schemas it is kept by alike: what
 * a field lets through can always be opened again. Masses in g, volumes in mL, lengths in mm,
 * temperatures in °C, powers in W, times in min.
 */
export const limits = {
  amount,
  positive,
  keepingMonths: { min: 0, max: 240 },
  /* So many times longer. */
  longer: { min: 1, max: 6 },
  keepingDays: { min: 0, max: 365 },
  preservativePercent: { min: 0, max: 40, above: true },
  refractiveIndex: { min: 1.3, max: 1.7 },
  rotationDeg: { min: -180, max: 180 },
  freezingC: { min: -40, max: 60 },
  coloniesPerMl: { min: 0, max: 1e8 },
  moisture: { min: 0, max: 0.98 },
  dryDays: { min: 0, max: 365 },
  share: { min: 0, max: 1 },
  /** Plants, m² and mm of row that a harvest was cut from. */
  plantsCut: { min: 1, max: 1e6 },
  groundM2: { min: 0.01, max: 1e7 },
  rowMm: { min: 100, max: 1e8 },
  /* A probe in a freezing shed, or in steam under some pressure. */
  headC: { min: -30, max: 150 },
  tubC: { min: -30, max: 110 },
  oilDensity: { min: 0.5, max: 1.5, above: true },
  ph: { min: 0, max: 14 },
  altitudeM: { min: -400, max: 5500 },
  roomC: { min: -20, max: 50 },
  feedC: { min: 0, max: 60 },
  hardnessMgPerL: { min: 0, max: 2000 },
  coolingC: { min: 0, max: 40 },
  price: { min: 0, max: 1e6 },
  latitude: { min: -90, max: 90 },
  longitude: { min: -180, max: 180 },
  chargeG: { min: 0, max: 1e6, above: true },
  powerW: { min: 0, max: 1e5 },
  stillPowerW: { min: 0, max: 1e5, above: true },
  rateMlPerMin: { min: 0, max: 1000, above: true },
  startC: { min: -5, max: 100 },
  waterRatio: { min: 0.5, max: 50 },
  release: { min: 0, max: 1, above: true },
  setsBelowC: { min: -20, max: 60 },
  settlingC: { min: 0, max: 95 },
  saltGPerL: { min: 0, max: mostSaltGPerL },
  dropsPerMl: { min: 5, max: 200 },
  mostJars: { min: 2, max: 12 },
  pictureSidePx: { min: 1, max: 4096 },
  /* Base64 letters: some 260 kB of picture. */
  pictureLetters: { min: 1, max: 350_000 },
  recordingSeconds: { min: 0, max: 125 },
  /* Base64 letters: some two minutes of speech, however a browser writes it. */
  recordingLetters: { min: 1, max: 2_800_000 },
  mostSniffs: { min: 0, max: 200 },
  vesselMm: { min: 0, max: 5000, above: true },
  runNumber: { min: 1, max: 1e9 },
  hands: { min: 1, max: 6 },
  freezerKgPerHour: { min: 0, max: 1000 },
  dayMinutes: { min: 0, max: 20_000 },
  dayStills: { min: 1, max: 4 },
  dayHeaps: { min: 1, max: 6 },
  dayCharges: { min: 1, max: mostDayCharges },
  sampleC: { min: -60, max: 400 },
  sampleG: { min: -1000, max: 1e6 },
} as const satisfies Record<string, Limit>;

/** The schema of a number that keeps to a limit. */
export function within({ min, max, above }: Limit): z.ZodNumber {
  const number = z.number().max(max);
  return above ? number.gt(min) : number.min(min);
}
