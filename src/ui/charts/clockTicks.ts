const minute = 60000;
const day = 1440 * minute;
const steps = [1, 2, 5, 10, 15, 30, 60, 120, 240, 480];

/** Round moments of the clock between two others (milliseconds), at most `most` of them. */
export function clockTicks(from: number, to: number, most = 5): number[] {
  const least = (to - from) / (most - 1);
  const round = steps.find((each) => each * minute >= least);
  const step = round === undefined ? Math.max(1, Math.ceil(least / day)) * day : round * minute;
  const first = Math.ceil(from / step) * step;
  return Array.from(
    { length: Math.max(0, Math.floor((to - first) / step) + 1) },
    (_, i) => first + i * step,
  );
}
