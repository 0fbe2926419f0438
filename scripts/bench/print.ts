/** One line of the report. */
export function print(what: string, value: number, unit: string): void {
  console.log(`${what.padEnd(58)} ${value.toFixed(value < 10 ? 2 : 0).padStart(7)} ${unit}`);
}

/** Median time of some work, ms. */
export function timed(work: () => void, times: number): number {
  const taken = Array.from({ length: times }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return taken[Math.floor(times / 2)] ?? NaN;
}
