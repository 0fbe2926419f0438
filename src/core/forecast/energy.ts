/** Energy drawn for a run, kWh: full heat until the first drop, then as it is turned down. */
export function energyKWh(
  { powerW, runPowerW = powerW }: { powerW: number; runPowerW?: number },
  { minutesToFirstDrop, runMinutes }: { minutesToFirstDrop: number; runMinutes: number },
): number {
  const wattMinutes = powerW * minutesToFirstDrop + runPowerW * runMinutes;
  return Number.isFinite(wattMinutes) ? wattMinutes / 60000 : 0;
}
