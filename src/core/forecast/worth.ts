import { firstWhere } from "../numeric/firstWhere";

/* Nobody sits by a home still for longer; keeps a faint heat from running for ever. */
export const longestMinutes = 24 * 60;

/** From when on ten more minutes earn less than an amount, minutes; 0 where they never earn as much. */
export function worthlessFrom(oilMlAt: (minutes: number) => number, worthMl: number): number {
  const earns = (t: number) => oilMlAt(t + 10) - oilMlAt(t);
  if (earns(0) < worthMl) return 0;
  /* Doubling first: a run's course is worked out no further than it is asked. */
  let latest = 10;
  while (latest < longestMinutes && earns(latest) >= worthMl) latest *= 2;
  /* To a tenth of a minute: closer than anybody turns a knob. */
  const from = latest === 10 ? 0 : latest / 2;
  return Math.min(
    longestMinutes,
    firstWhere([from, latest], (t) => earns(t) < worthMl, { width: 0.1 }),
  );
}
